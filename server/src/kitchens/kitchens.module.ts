import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { DishEntity, KitchenEntity, OvenEntity } from './kitchen.entities.js';
import { KitchensController } from './kitchens.controller.js';
import { KitchensService } from './kitchens.service.js';

@Module({
  imports: [TypeOrmModule.forFeature([KitchenEntity, DishEntity, OvenEntity])],
  controllers: [KitchensController],
  providers: [KitchensService],
  exports: [KitchensService],
})
export class KitchensModule {}
