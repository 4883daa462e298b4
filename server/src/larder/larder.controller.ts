import { Body, Controller, Delete, Get, HttpCode, Param, Put } from '@nestjs/common';
import { ApiBody, ApiOperation, ApiResponse, ApiTags } from '@nestjs/swagger';
import { OwnFruitRequest } from '@mardle/contract';
import type { OwnFruit } from '@mardle/core';
import { ref } from '../openapi/schemas.js';
import { invalid } from '../problems/problem.js';
import { ShapePipe } from '../problems/shape.pipe.js';
import { LarderService } from './larder.service.js';

@ApiTags('larder')
@Controller('larder/fruits')
export class LarderController {
  constructor(private readonly larder: LarderService) {}

  @Get()
  @ApiOperation({ summary: 'The kitchen’s own fruits and own figures of built-in ones' })
  @ApiResponse({ status: 200, description: 'The fruits' })
  list(): Promise<OwnFruit[]> {
    return this.larder.list();
  }

  @Put(':id')
  @ApiOperation({ summary: 'Keep own figures for a fruit' })
  @ApiBody({ schema: ref('OwnFruitRequest') })
  @ApiResponse({ status: 200, description: 'Kept' })
  @ApiResponse({ status: 422, description: 'Problem document naming the fields' })
  keep(
    @Param('id') id: string,
    @Body(new ShapePipe(OwnFruitRequest)) body: OwnFruitRequest,
  ): Promise<OwnFruit> {
    if (body.id !== id) {
      throw invalid([
        {
          field: 'id',
          message: `The address says "${id}", the body "${body.id}".`,
          remedy: 'Send the same id in both.',
        },
      ]);
    }
    return this.larder.keep(body);
  }

  @Delete(':id')
  @HttpCode(204)
  @ApiOperation({ summary: 'Back to the built-in figures' })
  @ApiResponse({ status: 204, description: 'Done' })
  reset(@Param('id') id: string): Promise<void> {
    return this.larder.reset(id);
  }
}
