import { Module } from '@nestjs/common';
import { KitchensModule } from '../kitchens/kitchens.module.js';
import { LarderModule } from '../larder/larder.module.js';
import { KitchenFileController } from './kitchen-file.controller.js';
import { KitchenFileService } from './kitchen-file.service.js';

@Module({
  imports: [KitchensModule, LarderModule],
  controllers: [KitchenFileController],
  providers: [KitchenFileService],
})
export class KitchenFileModule {}
