import { Body, Controller, Delete, Get, HttpCode, Param, Put } from '@nestjs/common';
import { ApiBody, ApiOkResponse, ApiOperation, ApiResponse, ApiTags } from '@nestjs/swagger';
import type { KitchenDish, KitchenOven, KitchenResponse } from '@mardle/contract';
import { KitchenDishRequest, KitchenOvenRequest } from '@mardle/contract';
import { ref } from '../openapi/schemas.js';
import { ShapePipe } from '../problems/shape.pipe.js';
import { UuidPipe } from '../problems/uuid.pipe.js';
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

  @Put('dishes/:id')
  @ApiOperation({ summary: 'Keep a dish, new or changed' })
  @ApiBody({ schema: ref('KitchenDishRequest') })
  @ApiResponse({ status: 200, description: 'Kept' })
  @ApiResponse({ status: 422, description: 'Problem document naming the fields' })
  keepDish(
    @Param('id', new UuidPipe('dish')) id: string,
    @Body(new ShapePipe(KitchenDishRequest)) body: KitchenDishRequest,
  ): Promise<KitchenDish> {
    return this.kitchens.keepDish(id, body);
  }

  @Delete('dishes/:id')
  @HttpCode(204)
  @ApiOperation({ summary: 'Put a dish away' })
  @ApiResponse({ status: 204, description: 'Done' })
  dropDish(@Param('id', new UuidPipe('dish')) id: string): Promise<void> {
    return this.kitchens.putAway('dish', id);
  }

  @Put('ovens/:id')
  @ApiOperation({ summary: 'Keep an oven, new or changed' })
  @ApiBody({ schema: ref('KitchenOvenRequest') })
  @ApiResponse({ status: 200, description: 'Kept' })
  @ApiResponse({ status: 422, description: 'Problem document naming the fields' })
  keepOven(
    @Param('id', new UuidPipe('oven')) id: string,
    @Body(new ShapePipe(KitchenOvenRequest)) body: KitchenOvenRequest,
  ): Promise<KitchenOven> {
    return this.kitchens.keepOven(id, body);
  }

  @Delete('ovens/:id')
  @HttpCode(204)
  @ApiOperation({ summary: 'Put an oven away' })
  @ApiResponse({ status: 204, description: 'Done' })
  dropOven(@Param('id', new UuidPipe('oven')) id: string): Promise<void> {
    return this.kitchens.putAway('oven', id);
  }
}
