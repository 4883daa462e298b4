import { Module } from '@nestjs/common';
import { BakesController } from './bakes.controller.js';
import { BakesService } from './bakes.service.js';

@Module({ controllers: [BakesController], providers: [BakesService] })
export class BakesModule {}
