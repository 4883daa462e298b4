import { Injectable } from '@nestjs/common';
import type { ReadingRequest } from '@mardle/contract';
import type { LoggedReading } from '@mardle/core';
import { DataSource } from 'typeorm';
import { BakeEntity } from '../bakes/bake.entities.js';
import { THE_KITCHEN } from '../kitchens/kitchens.service.js';
import { notFound } from '../problems/problem.js';
import { ReadingEntity } from './reading.entity.js';

const MINUTE_MS = 60_000;
/** After a day one reading in so many minutes is kept. */
const STAY_EVERY_MS = 3 * MINUTE_MS;
const YOUNG_MS = 24 * 60 * MINUTE_MS;
const THIN_EVERY_MS = 10 * MINUTE_MS;
const THIN_AT_ONCE = 20_000;
/** A screen needs no more points than this. */
const MOST_SENT = 600;

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
  async add(bakeId: string, readings: readonly ReadingRequest[]): Promise<void> {
    await this.bake(bakeId);
    const slots = new Set<number>();
    const rows = readings.map(({ at, fillingC, airC }) => {
      const ms = Date.parse(at);
      const slot = Math.floor(ms / STAY_EVERY_MS);
      const stays = !slots.has(slot) && ms % STAY_EVERY_MS < MINUTE_MS;
      slots.add(slot);
      return { bakeId, at: new Date(ms), fillingC: fillingC ?? null, airC: airC ?? null, stays };
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

  /** Readings of a bake, min from its loading, no more than a screen can show; those after a moment if one is given. */
  async list(bake: BakeEntity, after?: Date): Promise<LoggedReading[]> {
    const query = this.source.manager
      .createQueryBuilder(ReadingEntity, 'reading')
      .where('reading.bakeId = :id', { id: bake.id })
      .orderBy('reading.at', 'ASC');
    if (after) query.andWhere('reading.at > :after', { after });
    const rows = await query.getMany();
    const step = Math.ceil(rows.length / MOST_SENT);
    const loadedMs = bake.createdAt.getTime();
    return rows
      .filter((_, i) => i % step === 0 || i === rows.length - 1)
      .map(({ at, fillingC, airC }) => ({
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
