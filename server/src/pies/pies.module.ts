import { Module } from '@nestjs/common';
import { PiesController } from './pies.controller.js';
import { PiesService } from './pies.service.js';

@Module({ controllers: [PiesController], providers: [PiesService] })
export class PiesModule {}
