import { Body, Controller, Get, Param, Put, Query } from '@nestjs/common';
import { ApiBody, ApiOperation, ApiResponse, ApiTags } from '@nestjs/swagger';
import type { LogEntry, LogResponse } from '@mardle/contract';
import { LogQuery, TastingRequest } from '@mardle/contract';
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
}
