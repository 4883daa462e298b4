import { Body, Controller, Get, Param, Post, Query } from '@nestjs/common';
import { ApiBody, ApiOperation, ApiResponse, ApiTags } from '@nestjs/swagger';
import type { BakeListResponse, BakeResponse } from '@mardle/contract';
import { BakeEventsRequest, BakeListQuery, StartBakeRequest } from '@mardle/contract';
import { QueryOf } from '../openapi/query.js';
import { ref } from '../openapi/schemas.js';
import { withUpgradedSpec } from '../pies/stored-spec.js';
import { ShapePipe } from '../problems/shape.pipe.js';
import { UuidPipe } from '../problems/uuid.pipe.js';
import { BakesService } from './bakes.service.js';

const bakeId = new UuidPipe('bake');

@ApiTags('bakes')
@Controller('bakes')
export class BakesController {
  constructor(private readonly bakes: BakesService) {}

  @Get()
  @ApiOperation({ summary: 'A page of all bakes, newest first' })
  @QueryOf(BakeListQuery)
  @ApiResponse({ status: 200, description: 'The page, and how many there are in all' })
  list(@Query(new ShapePipe(BakeListQuery)) query: BakeListQuery): Promise<BakeListResponse> {
    return this.bakes.list(query);
  }

  @Get('running')
  @ApiOperation({ summary: 'The bakes that somebody still has to look after, with their events' })
  @ApiResponse({ status: 200, description: 'The bakes' })
  running(): Promise<BakeResponse[]> {
    return this.bakes.running();
  }

  @Get(':id')
  @ApiOperation({ summary: 'A bake with its events' })
  @ApiResponse({ status: 200, description: 'The bake' })
  @ApiResponse({ status: 404, description: 'Problem document' })
  read(@Param('id', bakeId) id: string): Promise<BakeResponse> {
    return this.bakes.read(id);
  }

  @Post()
  @ApiOperation({ summary: 'Start a bake' })
  @ApiBody({ schema: ref('StartBakeRequest') })
  @ApiResponse({ status: 201, description: 'Started' })
  @ApiResponse({ status: 422, description: 'Problem document naming the fields' })
  start(
    @Body(new ShapePipe(StartBakeRequest, withUpgradedSpec)) body: StartBakeRequest,
  ): Promise<BakeResponse> {
    return this.bakes.start(body);
  }

  @Post(':id/events')
  @ApiOperation({ summary: 'Write down what happened; an event sent twice counts once' })
  @ApiBody({ schema: ref('BakeEventsRequest') })
  @ApiResponse({ status: 201, description: 'Written down' })
  @ApiResponse({ status: 422, description: 'Problem document naming the fields' })
  addEvents(
    @Param('id', bakeId) id: string,
    @Body(new ShapePipe(BakeEventsRequest)) body: BakeEventsRequest,
  ): Promise<BakeResponse> {
    return this.bakes.addEvents(id, body.events);
  }
}
