import {
  Body,
  Controller,
  Delete,
  Get,
  Headers,
  HttpCode,
  Param,
  Post,
  Put,
  Query,
  Res,
} from '@nestjs/common';
import { ApiBody, ApiHeader, ApiOperation, ApiResponse, ApiTags } from '@nestjs/swagger';
import type { PieListResponse, PieResponse, PieVersionResponse } from '@mardle/contract';
import { NewPieRequest, PieListQuery, SavePieRequest } from '@mardle/contract';
import type { Response } from 'express';
import { QueryOf } from '../openapi/query.js';
import { ref } from '../openapi/schemas.js';
import { needsVersion } from '../problems/problem.js';
import { ShapePipe } from '../problems/shape.pipe.js';
import { UuidPipe } from '../problems/uuid.pipe.js';
import { WholePipe } from '../problems/whole.pipe.js';
import { PiesService } from './pies.service.js';
import { withUpgradedSpec } from './stored-spec.js';

const pieId = new UuidPipe('pie');
const versionPipe = new WholePipe('version of this pie');

/** The version in an If-Match header such as "3". */
function versionIn(header: string | undefined): number {
  const match = /^(?:W\/)?"(\d+)"$/.exec(header ?? '');
  if (!match) throw needsVersion();
  return Number(match[1]);
}

@ApiTags('pies')
@Controller('pies')
export class PiesController {
  constructor(private readonly pies: PiesService) {}

  @Get()
  @ApiOperation({ summary: 'A page of the pies: found, sorted, and whole if asked for' })
  @QueryOf(PieListQuery)
  @ApiResponse({ status: 200, description: 'The page, and how many there are in all' })
  list(@Query(new ShapePipe(PieListQuery)) query: PieListQuery): Promise<PieListResponse> {
    return this.pies.list(query);
  }

  @Post()
  @ApiOperation({ summary: 'Make a pie' })
  @ApiBody({ schema: ref('NewPieRequest') })
  @ApiResponse({ status: 201, description: 'Made' })
  @ApiResponse({ status: 422, description: 'Problem document naming the fields' })
  async create(
    @Body(new ShapePipe(NewPieRequest, withUpgradedSpec)) body: NewPieRequest,
    @Res({ passthrough: true }) response: Response,
  ): Promise<PieResponse> {
    return tagged(await this.pies.create(body), response);
  }

  @Get(':id')
  @ApiOperation({ summary: 'A pie, with its version as ETag' })
  @ApiResponse({ status: 200, description: 'The pie' })
  @ApiResponse({ status: 404, description: 'Problem document' })
  async read(
    @Param('id', pieId) id: string,
    @Res({ passthrough: true }) response: Response,
  ): Promise<PieResponse> {
    return tagged(await this.pies.read(id), response);
  }

  @Get(':id/versions')
  @ApiOperation({ summary: 'The versions of a pie, newest first' })
  @ApiResponse({ status: 200, description: 'The versions' })
  versions(@Param('id', pieId) id: string): Promise<PieVersionResponse[]> {
    return this.pies.versions(id);
  }

  @Get(':id/versions/:version')
  @ApiOperation({ summary: 'One version of a pie' })
  @ApiResponse({ status: 200, description: 'The pie as it was' })
  readVersion(
    @Param('id', pieId) id: string,
    @Param('version', versionPipe) version: number,
  ): Promise<PieResponse> {
    return this.pies.read(id, version);
  }

  @Put(':id')
  @ApiOperation({ summary: 'Save a new version on top of the one in If-Match' })
  @ApiHeader({ name: 'If-Match', required: true, description: 'ETag of the version it builds on' })
  @ApiBody({ schema: ref('SavePieRequest') })
  @ApiResponse({ status: 200, description: 'Saved' })
  @ApiResponse({ status: 412, description: 'Problem document: saved elsewhere meanwhile' })
  @ApiResponse({ status: 422, description: 'Problem document naming the fields' })
  async save(
    @Param('id', pieId) id: string,
    @Headers('if-match') ifMatch: string | undefined,
    @Body(new ShapePipe(SavePieRequest, withUpgradedSpec)) body: SavePieRequest,
    @Res({ passthrough: true }) response: Response,
  ): Promise<PieResponse> {
    return tagged(await this.pies.save(id, versionIn(ifMatch), body.spec), response);
  }

  @Post(':id/taken-out')
  @ApiOperation({ summary: 'Take a pie out again that was put away' })
  @ApiResponse({ status: 201, description: 'The pie' })
  @ApiResponse({ status: 404, description: 'Problem document' })
  takeOut(@Param('id', pieId) id: string): Promise<PieResponse> {
    return this.pies.takeOut(id);
  }

  @Delete(':id')
  @HttpCode(204)
  @ApiOperation({ summary: 'Put a pie away' })
  @ApiResponse({ status: 204, description: 'Put away' })
  remove(@Param('id', pieId) id: string): Promise<void> {
    return this.pies.remove(id);
  }
}

function tagged(pie: PieResponse, response: Response): PieResponse {
  response.setHeader('ETag', `"${pie.version}"`);
  return pie;
}
