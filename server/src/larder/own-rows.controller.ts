import type { PipeTransform } from '@nestjs/common';
import { Body, Controller, Delete, Get, HttpCode, Param, Put } from '@nestjs/common';
import { ApiBody, ApiOperation, ApiParam, ApiResponse, ApiTags } from '@nestjs/swagger';
import type { OwnRowKind, OwnRows } from '@mardle/contract';
import { ownRowKinds } from '@mardle/contract';
import { ref } from '../openapi/schemas.js';
import { notFound } from '../problems/problem.js';
import { OwnRowsService } from './own-rows.service.js';

class KindPipe implements PipeTransform<string, OwnRowKind> {
  transform(said: string): OwnRowKind {
    const kind = ownRowKinds.find((one) => one === said);
    if (!kind) throw notFound('shelf');
    return kind;
  }
}

const ApiKind = (): MethodDecorator => ApiParam({ name: 'kind', enum: ownRowKinds });

@ApiTags('larder')
@Controller('larder/own/:kind')
export class OwnRowsController {
  constructor(private readonly rows: OwnRowsService) {}

  @Get()
  @ApiKind()
  @ApiOperation({
    summary: 'What the kitchen keeps of its own: thickeners, weights of a cup, how things are sold',
  })
  @ApiResponse({ status: 200, description: 'The rows' })
  list(@Param('kind', KindPipe) kind: OwnRowKind): Promise<OwnRows[OwnRowKind][]> {
    return this.rows.list(kind);
  }

  @Put(':id')
  @ApiKind()
  @ApiOperation({ summary: 'Keep one, new or changed' })
  @ApiBody({ schema: { oneOf: [ref('OwnThickenerRequest'), ref('OwnStapleRequest'), ref('SoldRequest')] } })
  @ApiResponse({ status: 200, description: 'Kept' })
  @ApiResponse({ status: 422, description: 'Problem document naming the fields' })
  keep(
    @Param('kind', KindPipe) kind: OwnRowKind,
    @Param('id') id: string,
    @Body() body: unknown,
  ): Promise<OwnRows[OwnRowKind]> {
    return this.rows.keep(kind, id, body);
  }

  @Delete(':id')
  @ApiKind()
  @HttpCode(204)
  @ApiOperation({ summary: 'Back to what is built in' })
  @ApiResponse({ status: 204, description: 'Done' })
  reset(@Param('kind', KindPipe) kind: OwnRowKind, @Param('id') id: string): Promise<void> {
    return this.rows.reset(kind, id);
  }
}
