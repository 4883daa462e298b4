import { Body, Controller, Get, Param, Post } from '@nestjs/common';
import { ApiBody, ApiOperation, ApiResponse, ApiTags } from '@nestjs/swagger';
import type { BakeResponse } from '@mardle/contract';
import { BakeEventsRequest, StartBakeRequest } from '@mardle/contract';
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
  @ApiOperation({ summary: 'The latest bakes with their events' })
  @ApiResponse({ status: 200, description: 'The bakes' })
  list(): Promise<BakeResponse[]> {
    return this.bakes.list();
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
