import type { KitchenFileDay } from '@mardle/contract';
import { DayEntity, DayTickEntity } from '../days/day.entities.js';
import { THE_KITCHEN } from '../kitchens/kitchens.service.js';
import type { ImportContext } from './import-batch.js';
import { insertAll } from './import-batch.js';

/** Days that are not here yet, with what of them is done; one that is here stays as it is. */
export async function importDays(bringing: ImportContext, days: readonly KitchenFileDay[]): Promise<void> {
  const { manager, added, differs } = bringing;
  for (const { id, name, version, savedAt, content, done } of days) {
    bringing.goOn();
    const there = await manager.findOne(DayEntity, { where: { id }, select: { id: true, content: true } });
    if (there) {
      if (there.content !== content) differs.push(name);
      continue;
    }
    const at = new Date(savedAt);
    await manager.insert(DayEntity, { id, kitchenId: THE_KITCHEN, name, version, savedAt: at, content });
    await insertAll(
      bringing,
      DayTickEntity,
      [...new Set(done)].map((task) => ({ dayId: id, task, done: true, at })),
    );
    added.days++;
  }
}
