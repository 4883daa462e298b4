import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { LarderController } from './larder.controller.js';
import { LarderService } from './larder.service.js';
import { OwnFruitEntity } from './own-fruit.entity.js';

@Module({
  imports: [TypeOrmModule.forFeature([OwnFruitEntity])],
  controllers: [LarderController],
  providers: [LarderService],
  exports: [LarderService],
})
export class LarderModule {}
