import type { LogEntry } from '@mardle/contract';
import type { Tasting } from '@mardle/core';
import { nothingTasted, standing, tastingWords, MINUTE_MS } from '@mardle/core';
import type { BakeEntity, BakeEventEntity } from '../bakes/bake.entities.js';
import { toEvent } from '../bakes/bakes.service.js';
import { storedSpec } from '../pies/stored-spec.js';
import type { ReadingEntity } from '../probe/reading.entity.js';
import type { Said, TastingEntity } from './tasting.entity.js';

/** The words of a slice; null when none was said. */
function tastingFrom(said: Said): Tasting | null {
  const words = Object.fromEntries(
    ['cooledMin', 'stands', ...Object.keys(tastingWords)].flatMap((key) => {
      const value = said[key as keyof Said];
      return value === undefined ? [] : [[key, value]];
    }),
  ) as Partial<Tasting>;
  return Object.keys(words).some((key) => key in tastingWords) ? { ...nothingTasted, ...words } : null;
}

const minutesFrom = (loadedMs: number, at: Date): number =>
  Math.max(0, Math.round((10 * (at.getTime() - loadedMs)) / MINUTE_MS) / 10);

/** A bake that is over as the log keeps it: minutes from its loading instead of hours of a day. */
export function logEntry(
  bake: BakeEntity,
  rows: readonly BakeEventEntity[],
  tasting: TastingEntity | null,
  readings: readonly ReadingEntity[],
  photo: string | null,
): LogEntry {
  const events = standing(rows.map(toEvent));
  const loadedMs = Date.parse(
    events.find(({ kind }) => kind === 'loaded')?.at ?? bake.createdAt.toISOString(),
  );
  const said = tasting?.said ?? {};
  const spec = storedSpec(bake.spec);
  return {
    id: bake.id,
    pieId: bake.pieId,
    pieVersion: bake.pieVersion,
    name: bake.name,
    bakedAt: new Date(loadedMs).toISOString(),
    season: String(new Date(loadedMs).getUTCFullYear()),
    plan: spec,
    stages: bake.stages,
    oven: bake.oven,
    weighed: {
      thickenerG: said.thickenerG ?? null,
      sugarG: said.sugarG ?? null,
      inG: said.inG ?? null,
      outG: said.outG ?? null,
    },
    weepDrainedG: said.weepDrainedG ?? spec.filling.weepTest?.drainedG ?? null,
    saucer: said.saucer ?? spec.filling.saucerTest?.result ?? null,
    events: events.map(({ kind, at }) => ({
      kind,
      atMin: minutesFrom(loadedMs, new Date(at)),
    })),
    readings: readings.map(({ at, fillingC, airC }) => ({
      atMin: minutesFrom(loadedMs, at),
      fillingC,
      airC,
    })),
    tasting: tastingFrom(said),
    note: tasting?.note ?? '',
    version: tasting?.version ?? 0,
    photo,
  };
}
