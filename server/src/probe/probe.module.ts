import { Module } from '@nestjs/common';
import { ProbeController } from './probe.controller.js';
import { ReadingsService } from './readings.service.js';
import { SimulatedProbeService } from './simulated-probe.service.js';

@Module({ controllers: [ProbeController], providers: [ReadingsService, SimulatedProbeService] })
export class ProbeModule {}
