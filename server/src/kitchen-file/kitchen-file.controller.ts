import { Controller, Get, HttpCode, Post, Query, Req, Res } from '@nestjs/common';
import { ApiBody, ApiOperation, ApiResponse, ApiTags } from '@nestjs/swagger';
import { KitchenFileQuery } from '@mardle/contract';
import type { BroughtIn, KitchenFileRequest } from '@mardle/contract';
import type { Request, Response } from 'express';
import { QueryOf } from '../openapi/query.js';
import { ref } from '../openapi/schemas.js';
import { ShapePipe } from '../problems/shape.pipe.js';
import { KitchenFileService } from './kitchen-file.service.js';
import { NoTimeLimit } from '../middleware/no-time-limit.decorator.js';

@ApiTags('kitchens')
@Controller('kitchen/file')
export class KitchenFileController {
  constructor(private readonly file: KitchenFileService) {}

  @Get()
  @ApiOperation({
    summary: 'The whole kitchen as a file: larder, pies with their versions, bakes with all that is known',
  })
  @ApiResponse({ status: 200, description: 'The file; docs/kitchen-format.md says what is in it' })
  @NoTimeLimit()
  saveKitchen(): Promise<KitchenFileRequest> {
    return this.file.save();
  }

  @Post()
  @HttpCode(200)
  @ApiOperation({
    summary: 'Bring a kitchen in from its file: what is not here is added, what is here stays',
  })
  @ApiBody({ schema: ref('KitchenFileRequest') })
  @ApiResponse({ status: 200, description: 'What was added, and what is otherwise here' })
  @ApiResponse({ status: 422, description: 'Problem document naming the place; nothing was kept' })
  @QueryOf(KitchenFileQuery)
  @NoTimeLimit()
  bringKitchenIn(
    @Query(new ShapePipe(KitchenFileQuery)) query: KitchenFileQuery,
    @Req() request: Request,
    @Res({ passthrough: true }) response: Response,
  ): Promise<BroughtIn> {
    return this.file.bringIn(request.body, query, () => response.closed);
  }
}
