import { Controller, Get, Inject } from '@nestjs/common';
import { ApiOperation, ApiResponse, ApiTags } from '@nestjs/swagger';
import { DataSource, IsNull } from 'typeorm';
import type { ReadyResponse } from '@mardle/contract';
import type { Config } from '../config.js';
import { THE_KITCHEN } from '../kitchens/kitchens.service.js';
import { PieEntity } from '../pies/pie.entities.js';
import { databaseAway } from '../problems/problem.js';
import { NoTimeLimit } from '../middleware/no-time-limit.decorator.js';

export const CONFIG = 'CONFIG';

/** Clocks of several servers differ by seconds; more than this is a clock that was set back. */
const CLOCK_MAY_DIFFER_MS = 5 * 60_000;

@ApiTags('health')
@Controller('health')
export class HealthController {
  constructor(
    private readonly source: DataSource,
    @Inject(CONFIG) private readonly config: Config,
  ) {}

  @Get('live')
  @ApiOperation({ summary: 'Whether the server runs' })
  @ApiResponse({ status: 200, description: 'It runs' })
  @NoTimeLimit()
  live(): { application: 'mardle'; pid: number; supervisor: number | null } {
    return { application: 'mardle', pid: process.pid, supervisor: this.config.supervisor };
  }

  @Get('ready')
  @ApiOperation({ summary: 'Whether server and database answer' })
  @ApiResponse({ status: 200, description: 'They do' })
  @ApiResponse({ status: 503, description: 'The database does not' })
  async ready(): Promise<ReadyResponse> {
    const [last] = await this.source.manager
      .find(PieEntity, {
        select: { id: true, savedAt: true },
        where: { kitchenId: THE_KITCHEN, deletedAt: IsNull() },
        order: { savedAt: 'DESC' },
        take: 1,
      })
      .catch(() => {
        throw databaseAway();
      });
    const lastMs = last ? last.savedAt.getTime() : null;
    const behind = lastMs !== null && lastMs > Date.now() + CLOCK_MAY_DIFFER_MS;
    return {
      database: 'answers',
      clock: behind ? 'behind' : 'right',
      lastSavedAt: lastMs === null ? null : new Date(lastMs).toISOString(),
    };
  }
}
