import { Controller, Get } from '@nestjs/common';
import { ApiOkResponse, ApiOperation, ApiTags } from '@nestjs/swagger';
import type { KitchenResponse } from '@mardle/contract';
import { KitchensService } from './kitchens.service.js';

@ApiTags('kitchens')
@Controller('kitchen')
export class KitchensController {
  constructor(private readonly kitchens: KitchensService) {}

  @Get()
  @ApiOperation({ summary: 'The kitchen, with its dishes and ovens' })
  @ApiOkResponse({ description: 'The kitchen' })
  read(): Promise<KitchenResponse> {
    return this.kitchens.current();
  }
}
