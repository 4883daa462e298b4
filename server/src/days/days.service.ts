import { Injectable } from '@nestjs/common';
import type { DayListResponse, DayNow, DayResponse, DaySummary, TickRequest } from '@mardle/contract';
import { KeepDayRequest } from '@mardle/contract';
import type { FieldProblem } from '@mardle/core';
import { isPlain, readDay } from '@mardle/core';
import type { EntityManager } from 'typeorm';
import { DataSource } from 'typeorm';
import { inTransaction } from '../database/transaction.js';
import { THE_KITCHEN } from '../kitchens/kitchens.service.js';
import { dayMeanwhile, invalid, notFound } from '../problems/problem.js';
import { DayEntity, DayTickEntity } from './day.entities.js';

/** Days of weeks ago are nobody's any more. */
const MOST_LISTED = 20;

const summary = ({ id, name, version, savedAt }: DayEntity): DaySummary => ({
  id,
  name,
  version,
  savedAt: savedAt.toISOString(),
});

/** What is wrong with a day as it is kept; its fields are named as in its file. */
export function dayProblems(content: string): readonly FieldProblem[] {
  let plain: unknown;
  try {
    plain = JSON.parse(content);
  } catch {
    plain = null;
  }
  const read = isPlain(plain) && isPlain(plain['solved']) ? readDay(plain['file']) : null;
  if (read?.ok) return [];
  return (
    read?.problems ?? [
      {
        field: 'content',
        message: 'This is no JSON with a file and what was worked out from it.',
        remedy: 'Plan the day, then share it.',
      },
    ]
  );
}

/** A day that core cannot read is not kept. */
function refuseUnreadable(content: string): void {
  const problems = dayProblems(content);
  if (problems.length > 0) throw invalid(problems);
}

@Injectable()
export class DaysService {
  constructor(private readonly source: DataSource) {}

  async list(): Promise<DayListResponse> {
    const days = await this.source.manager.find(DayEntity, {
      where: { kitchenId: THE_KITCHEN },
      order: { savedAt: 'DESC' },
      take: MOST_LISTED,
    });
    return { days: days.map(summary) };
  }

  async read(id: string): Promise<DayResponse> {
    const { manager } = this.source;
    const day = await manager.findOne(DayEntity, {
      where: { id, kitchenId: THE_KITCHEN },
      select: { id: true, name: true, version: true, savedAt: true, content: true },
    });
    if (!day) throw notFound('day');
    return { ...summary(day), content: day.content, done: await this.done(manager, id) };
  }

  async now(id: string): Promise<DayNow> {
    return this.nowIn(this.source.manager, id);
  }

  /** Keeps a day over the version it builds on; of two at once the second is told of the first. */
  async keep(id: string, { version, name, content }: KeepDayRequest): Promise<DayNow> {
    refuseUnreadable(content);
    return inTransaction(this.source, async (manager) => {
      const there = await manager.findOne(DayEntity, {
        where: { id },
        select: { id: true, name: true, version: true, savedAt: true, content: true },
        lock: { mode: 'pessimistic_write' },
      });
      const current = there?.version ?? 0;
      // Sent again, since its answer was cut off: it is kept already.
      if (there && current === version + 1 && there.name === name && there.content === content) {
        return this.nowIn(manager, id);
      }
      if (current !== version) throw dayMeanwhile(current);
      const row = { id, kitchenId: THE_KITCHEN, name, version: version + 1, savedAt: new Date(), content };
      await manager.save(DayEntity, row);
      return this.nowIn(manager, id);
    });
  }

  /** Writes down ticks: each task by itself, so that two who tick at once both tick. */
  async tick(id: string, ticks: readonly TickRequest[]): Promise<DayNow> {
    return inTransaction(this.source, async (manager) => {
      await this.nowIn(manager, id);
      for (const { task, done, at } of ticks) {
        await manager.query(
          `INSERT INTO day_tick (day_id, task, done, at) VALUES (?, ?, ?, ?)
           ON DUPLICATE KEY UPDATE done = IF(VALUES(at) >= at, VALUES(done), done), at = GREATEST(at, VALUES(at))`,
          // By a clock far ahead nobody else could take it back.
          [id, task, done, new Date(Math.min(Date.parse(at), Date.now()))],
        );
      }
      return this.nowIn(manager, id);
    });
  }

  private async nowIn(manager: EntityManager, id: string): Promise<DayNow> {
    const day = await manager.findOneBy(DayEntity, { id, kitchenId: THE_KITCHEN });
    if (!day) throw notFound('day');
    return { ...summary(day), done: await this.done(manager, id) };
  }

  private async done(manager: EntityManager, dayId: string): Promise<string[]> {
    const ticks = await manager.find(DayTickEntity, { where: { dayId, done: true }, order: { at: 'ASC' } });
    return ticks.map(({ task }) => task);
  }
}
