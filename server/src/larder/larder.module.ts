import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { LarderController } from './larder.controller.js';
import { LarderService } from './larder.service.js';
import { OwnRowEntity } from './own-row.entity.js';
import { OwnRowsController } from './own-rows.controller.js';
import { OwnRowsService } from './own-rows.service.js';
import { OwnFruitEntity } from './own-fruit.entity.js';

@Module({
  imports: [TypeOrmModule.forFeature([OwnFruitEntity, OwnRowEntity])],
  controllers: [LarderController, OwnRowsController],
  providers: [LarderService, OwnRowsService],
  exports: [LarderService, OwnRowsService],
})
export class LarderModule {}
