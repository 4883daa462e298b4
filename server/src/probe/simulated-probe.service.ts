import { Injectable } from '@nestjs/common';
import type { OnModuleDestroy } from '@nestjs/common';
import type { SimulatedProbeRequest } from '@mardle/contract';
import type { LoggedReading } from '@mardle/core';
import { draftPlan, simulatedProbe, MINUTE_MS } from '@mardle/core';
import { storedSpec } from '../pies/stored-spec.js';
import { invalid } from '../problems/problem.js';
import { ReadingsService } from './readings.service.js';

const TICK_MS = 500;
const AT_ONCE = 200;

/** Stands in for a thermometer with a wire: made-up bakes, read as they go on, as fast as is asked. */
@Injectable()
export class SimulatedProbeService implements OnModuleDestroy {
  private readonly running = new Map<string, NodeJS.Timeout>();

  constructor(private readonly readings: ReadingsService) {}

  isRunning(bakeId: string): boolean {
    return this.running.has(bakeId);
  }

  async start(bakeId: string, { speed, fault, seed }: SimulatedProbeRequest): Promise<void> {
    const bake = await this.readings.bake(bakeId);
    const spec = storedSpec(bake.spec);
    const drafted = draftPlan({ ...spec, bake: { ...spec.bake, stages: bake.stages } });
    if (!drafted.ok) throw invalid(drafted.problems);
    this.stop(bakeId);
    let left = simulatedProbe(drafted.plan.work.body, spec.bake, bake.stages, seed, fault);
    const startedMs = Date.now();
    const loadedMs = bake.createdAt.getTime();
    const timer = setInterval(() => {
      const untilMin = (speed * (Date.now() - startedMs)) / MINUTE_MS;
      const due = left.filter(({ atMin }) => atMin <= untilMin).slice(0, AT_ONCE);
      left = left.slice(due.length);
      if (left.length === 0) this.stop(bakeId);
      if (due.length > 0) void this.keep(bakeId, loadedMs, due);
    }, TICK_MS);
    timer.unref();
    this.running.set(bakeId, timer);
  }

  stop(bakeId: string): void {
    clearInterval(this.running.get(bakeId));
    this.running.delete(bakeId);
  }

  onModuleDestroy(): void {
    for (const bakeId of [...this.running.keys()]) this.stop(bakeId);
  }

  private async keep(bakeId: string, loadedMs: number, due: readonly LoggedReading[]): Promise<void> {
    const readings = due.map(({ atMin, fillingC, airC }) => ({
      at: new Date(loadedMs + atMin * MINUTE_MS).toISOString(),
      fillingC,
      airC,
    }));
    // A database that is away for a moment costs readings, as a wire would.
    await this.readings.add(bakeId, readings, true).catch(() => undefined);
  }
}
