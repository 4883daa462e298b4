import { MINUTE_MS } from '@mardle/core';
import { Injectable } from '@nestjs/common';
import type { ReadingRequest } from '@mardle/contract';
import type { LoggedReading } from '@mardle/core';
import { Between, DataSource, MoreThan } from 'typeorm';
import { BakeEntity } from '../bakes/bake.entities.js';
import { THE_KITCHEN } from '../kitchens/kitchens.service.js';
import { notFound } from '../problems/problem.js';
import { ReadingEntity } from './reading.entity.js';

/** After a day one reading in so many minutes is kept. */
const STAY_EVERY_MS = 3 * MINUTE_MS;
const slotOf = (ms: number): number => Math.floor(ms / STAY_EVERY_MS);
/** Readings are young, and all kept, for a day. */
export const YOUNG_MS = 24 * 60 * MINUTE_MS;
const THIN_EVERY_MS = MINUTE_MS;
const THIN_AT_ONCE = 20_000;
/** A screen needs no more points than this. */
const MOST_SENT = 600;

type Row = Pick<ReadingEntity, 'at' | 'fillingC' | 'airC'>;

@Injectable()
export class ReadingsService {
  private thinnedAt = 0;

  constructor(private readonly source: DataSource) {}

  async bake(id: string): Promise<BakeEntity> {
    const bake = await this.source.manager.findOneBy(BakeEntity, { id, kitchenId: THE_KITCHEN });
    if (!bake) throw notFound('bake');
    return bake;
  }

  /** Keeps readings; the same moment again changes nothing. */
  async add(bakeId: string, readings: readonly ReadingRequest[], simulated = false): Promise<void> {
    await this.bake(bakeId);
    const slots = await this.slotsThatStay(bakeId, readings);
    const rows = readings.map(({ at, fillingC, airC }) => {
      const ms = Date.parse(at);
      const stays = !slots.has(slotOf(ms));
      slots.add(slotOf(ms));
      return { bakeId, at: new Date(ms), fillingC: fillingC ?? null, airC: airC ?? null, stays, simulated };
    });
    await this.source.manager
      .createQueryBuilder()
      .insert()
      .into(ReadingEntity)
      .values(rows)
      .orIgnore()
      .execute();
    await this.thin(Date.now());
  }

  /** Few minutes that have a reading already which stays, round those that come. */
  private async slotsThatStay(bakeId: string, readings: readonly ReadingRequest[]): Promise<Set<number>> {
    const times = readings.map(({ at }) => Date.parse(at));
    const rows = await this.source.manager.find(ReadingEntity, {
      where: {
        bakeId,
        stays: true,
        at: Between(
          new Date(slotOf(Math.min(...times)) * STAY_EVERY_MS),
          new Date((slotOf(Math.max(...times)) + 1) * STAY_EVERY_MS),
        ),
      },
      select: { bakeId: true, at: true },
    });
    return new Set(rows.map(({ at }) => slotOf(at.getTime())));
  }

  /** Whether any reading of a bake was made up. */
  anySimulated(bakeId: string): Promise<boolean> {
    return this.source.manager.existsBy(ReadingEntity, { bakeId, simulated: true });
  }

  /** Readings of a bake, min from its loading, no more than a screen can show; those after a moment if one is given. */
  async list(bake: BakeEntity, after = new Date(0)): Promise<LoggedReading[]> {
    const those = { bakeId: bake.id, at: MoreThan(after) };
    const count = await this.source.manager.countBy(ReadingEntity, those);
    const step = Math.max(1, Math.ceil(count / MOST_SENT));
    // Of hours at two a second the database sends no more than is shown; the last one always.
    const rows = await this.source.query<Row[]>(
      `SELECT at, filling_c AS fillingC, air_c AS airC
       FROM (SELECT at, filling_c, air_c, ROW_NUMBER() OVER (ORDER BY at DESC) - 1 AS back FROM reading
             WHERE bake_id = ? AND at > ?) AS its
       WHERE back % ? = 0 ORDER BY at`,
      [bake.id, after, step],
    );
    const loadedMs = bake.createdAt.getTime();
    return rows.map(({ at, fillingC, airC }) => ({
      atMin: Math.round((1000 * (at.getTime() - loadedMs)) / MINUTE_MS) / 1000,
      fillingC,
      airC,
    }));
  }

  /** Takes away what is older than a day and need not stay; a little each time, so that nobody waits. */
  async thin(nowMs: number): Promise<void> {
    if (nowMs - this.thinnedAt < THIN_EVERY_MS) return;
    this.thinnedAt = nowMs;
    await this.source.query('DELETE FROM reading WHERE stays = 0 AND at < ? LIMIT ?', [
      new Date(nowMs - YOUNG_MS),
      THIN_AT_ONCE,
    ]);
  }
}
