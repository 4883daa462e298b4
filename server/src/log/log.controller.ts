import { Body, Controller, Delete, Get, HttpCode, Param, Put, Query, Req, Res } from '@nestjs/common';
import { ApiBody, ApiConsumes, ApiOperation, ApiResponse, ApiTags } from '@nestjs/swagger';
import type { LogEntry, LogResponse } from '@mardle/contract';
import { KEPT_PHOTO_TYPE, LogQuery, PHOTO_TYPES, TastingRequest } from '@mardle/contract';
import type { Request, Response } from 'express';
import { QueryOf } from '../openapi/query.js';
import { ref } from '../openapi/schemas.js';
import { ShapePipe } from '../problems/shape.pipe.js';
import { UuidPipe } from '../problems/uuid.pipe.js';
import { LogService } from './log.service.js';

const bakeId = new UuidPipe('bake');

@ApiTags('log')
@Controller('log')
export class LogController {
  constructor(private readonly log: LogService) {}

  @Get()
  @ApiOperation({
    summary: 'A page of the bakes that are over, newest first, with all that is known of them',
  })
  @QueryOf(LogQuery)
  @ApiResponse({ status: 200, description: 'The page, and how many there are in all' })
  list(@Query(new ShapePipe(LogQuery)) query: LogQuery): Promise<LogResponse> {
    return this.log.list(query);
  }

  @Get(':id')
  @ApiOperation({ summary: 'One bake with all that is known of it' })
  @ApiResponse({ status: 200, description: 'The bake' })
  @ApiResponse({ status: 404, description: 'Problem document' })
  read(@Param('id', bakeId) id: string): Promise<LogEntry> {
    return this.log.read(id);
  }

  @Put(':id/tasting')
  @ApiOperation({ summary: 'Keep what is known of a bake, over the version it builds on' })
  @ApiBody({ schema: ref('TastingRequest') })
  @ApiResponse({ status: 200, description: 'Kept' })
  @ApiResponse({ status: 412, description: 'Problem document: somebody else said something meanwhile' })
  @ApiResponse({ status: 422, description: 'Problem document naming the fields' })
  keep(
    @Param('id', bakeId) id: string,
    @Body(new ShapePipe(TastingRequest)) body: TastingRequest,
  ): Promise<LogEntry> {
    return this.log.keep(id, body);
  }

  @Get(':id/photo')
  @ApiOperation({ summary: 'The picture of the slice, WebP' })
  @ApiResponse({ status: 200, description: 'The picture' })
  @ApiResponse({ status: 404, description: 'Problem document' })
  async photo(@Param('id', bakeId) id: string, @Res() response: Response): Promise<void> {
    const { name, bytes } = await this.log.photo(id);
    response.type(KEPT_PHOTO_TYPE).setHeader('ETag', `"${name}"`).send(bytes);
  }

  @Put(':id/photo')
  @ApiOperation({
    summary: 'Keep a picture of the slice: made small and upright, with nothing but the picture left in it',
  })
  @ApiConsumes(...PHOTO_TYPES)
  @ApiResponse({ status: 200, description: 'Kept' })
  @ApiResponse({ status: 413, description: 'Problem document: too large' })
  @ApiResponse({ status: 422, description: 'Problem document: no picture' })
  keepPhoto(@Param('id', bakeId) id: string, @Req() { body }: Request): Promise<LogEntry> {
    return this.log.keepPhoto(id, Buffer.isBuffer(body) ? body : Buffer.alloc(0));
  }

  @Delete(':id/photo')
  @HttpCode(204)
  @ApiOperation({ summary: 'Take the picture away' })
  @ApiResponse({ status: 204, description: 'Done' })
  dropPhoto(@Param('id', bakeId) id: string): Promise<void> {
    return this.log.dropPhoto(id);
  }
}
