import { MINUTE_MS } from '@mardle/core';
import type { MessageEvent } from '@nestjs/common';
import { Body, Controller, Delete, Get, HttpCode, Param, Post, Sse } from '@nestjs/common';
import { ApiBody, ApiOperation, ApiResponse, ApiTags } from '@nestjs/swagger';
import type { ReadingsResponse } from '@mardle/contract';
import { ReadingsRequest, SimulatedProbeRequest } from '@mardle/contract';
import type { Observable } from 'rxjs';
import { concatMap, filter, from, map, timer } from 'rxjs';
import { ref } from '../openapi/schemas.js';
import { ShapePipe } from '../problems/shape.pipe.js';
import { UuidPipe } from '../problems/uuid.pipe.js';
import { ReadingsService } from './readings.service.js';
import { SimulatedProbeService } from './simulated-probe.service.js';
import { NoTimeLimit } from '../middleware/no-time-limit.decorator.js';

const bakeId = new UuidPipe('bake');
/** Whoever posted them, and to whichever server: a stream looks this often. */
const LOOK_EVERY_MS = 1000;
@ApiTags('probe')
@Controller('bakes/:id')
export class ProbeController {
  constructor(
    private readonly readings: ReadingsService,
    private readonly simulated: SimulatedProbeService,
  ) {}

  @Get('readings')
  @ApiOperation({ summary: 'What the probes of a bake have read, in minutes from its loading' })
  @ApiResponse({ status: 200, description: 'The readings, thinned to what a screen can show' })
  async list(@Param('id', bakeId) id: string): Promise<ReadingsResponse> {
    const bake = await this.readings.bake(id);
    const running = this.simulated.isRunning(id);
    const simulated = running || (await this.readings.anySimulated(id));
    return { readings: await this.readings.list(bake), simulated, running };
  }

  @Post('readings')
  @HttpCode(204)
  @ApiOperation({ summary: 'Readings of a probe; the same moment sent twice counts once' })
  @ApiBody({ schema: ref('ReadingsRequest') })
  @ApiResponse({ status: 204, description: 'Kept' })
  @ApiResponse({ status: 422, description: 'Problem document naming the fields' })
  add(
    @Param('id', bakeId) id: string,
    @Body(new ShapePipe(ReadingsRequest)) body: ReadingsRequest,
  ): Promise<void> {
    return this.readings.add(id, body.readings);
  }

  @Sse('readings/stream')
  @ApiOperation({ summary: 'Readings as they come, as server-sent events, each a list' })
  @NoTimeLimit()
  async stream(@Param('id', bakeId) id: string): Promise<Observable<MessageEvent>> {
    const bake = await this.readings.bake(id);
    let after = new Date(0);
    return timer(0, LOOK_EVERY_MS).pipe(
      concatMap(() => from(this.readings.list(bake, after).catch(() => []))),
      filter((readings) => readings.length > 0),
      map((readings) => {
        const last = readings[readings.length - 1];
        if (last) after = new Date(Math.round(bake.createdAt.getTime() + last.atMin * MINUTE_MS));
        return { data: readings };
      }),
    );
  }

  @Post('simulated-probe')
  @HttpCode(204)
  @ApiOperation({ summary: 'Start a simulated probe: a made-up bake, read as it goes on' })
  @ApiBody({ schema: ref('SimulatedProbeRequest') })
  @ApiResponse({ status: 204, description: 'Started' })
  simulate(
    @Param('id', bakeId) id: string,
    @Body(new ShapePipe(SimulatedProbeRequest)) body: SimulatedProbeRequest,
  ): Promise<void> {
    return this.simulated.start(id, body);
  }

  @Delete('simulated-probe')
  @HttpCode(204)
  @ApiOperation({ summary: 'Stop it' })
  @ApiResponse({ status: 204, description: 'Stopped' })
  stop(@Param('id', bakeId) id: string): void {
    this.simulated.stop(id);
  }
}
