import { Controller, Get, Inject } from '@nestjs/common';
import { ApiOperation, ApiResponse, ApiTags } from '@nestjs/swagger';
import { DataSource } from 'typeorm';
import type { Config } from '../config.js';
import { databaseAway } from '../problems/problem.js';

export const CONFIG = 'CONFIG';

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
  live(): { application: 'mardle'; pid: number; supervisor: number | null } {
    return { application: 'mardle', pid: process.pid, supervisor: this.config.supervisor };
  }

  @Get('ready')
  @ApiOperation({ summary: 'Whether server and database answer' })
  @ApiResponse({ status: 200, description: 'They do' })
  @ApiResponse({ status: 503, description: 'The database does not' })
  async ready(): Promise<{ database: 'answers' }> {
    await this.source.query('SELECT 1').catch(() => {
      throw databaseAway();
    });
    return { database: 'answers' };
  }
}
