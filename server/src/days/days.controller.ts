import { Body, Controller, Get, HttpCode, Param, Post, Put } from '@nestjs/common';
import { ApiBody, ApiOperation, ApiResponse, ApiTags } from '@nestjs/swagger';
import type { DayListResponse, DayNow, DayResponse } from '@mardle/contract';
import { KeepDayRequest, TicksRequest } from '@mardle/contract';
import { ref } from '../openapi/schemas.js';
import { ShapePipe } from '../problems/shape.pipe.js';
import { UuidPipe } from '../problems/uuid.pipe.js';
import { DaysService } from './days.service.js';

const dayId = new UuidPipe('day');

@ApiTags('days')
@Controller('days')
export class DaysController {
  constructor(private readonly days: DaysService) {}

  @Get()
  @ApiOperation({ summary: 'The bake days that the kitchen’s screens share, newest first' })
  @ApiResponse({ status: 200, description: 'The days' })
  list(): Promise<DayListResponse> {
    return this.days.list();
  }

  @Get(':id')
  @ApiOperation({ summary: 'A day with its plan and what is done' })
  @ApiResponse({ status: 200, description: 'The day' })
  @ApiResponse({ status: 404, description: 'Problem document' })
  read(@Param('id', dayId) id: string): Promise<DayResponse> {
    return this.days.read(id);
  }

  @Get(':id/now')
  @ApiOperation({ summary: 'Which version a day has, and what is done' })
  @ApiResponse({ status: 200, description: 'How it stands' })
  now(@Param('id', dayId) id: string): Promise<DayNow> {
    return this.days.now(id);
  }

  @Put(':id')
  @ApiOperation({ summary: 'Share a day, over the version it builds on' })
  @ApiBody({ schema: ref('KeepDayRequest') })
  @ApiResponse({ status: 200, description: 'Shared' })
  @ApiResponse({ status: 412, description: 'Problem document: somebody else planned it meanwhile' })
  @ApiResponse({ status: 422, description: 'Problem document naming the fields' })
  keep(
    @Param('id', dayId) id: string,
    @Body(new ShapePipe(KeepDayRequest)) body: KeepDayRequest,
  ): Promise<DayNow> {
    return this.days.keep(id, body);
  }

  @Post(':id/ticks')
  @HttpCode(200)
  @ApiOperation({ summary: 'Say what is done; the same sent twice changes nothing' })
  @ApiBody({ schema: ref('TicksRequest') })
  @ApiResponse({ status: 200, description: 'How the day stands' })
  @ApiResponse({ status: 422, description: 'Problem document naming the fields' })
  tick(
    @Param('id', dayId) id: string,
    @Body(new ShapePipe(TicksRequest)) { ticks }: TicksRequest,
  ): Promise<DayNow> {
    return this.days.tick(id, ticks);
  }
}
