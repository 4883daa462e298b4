import type { EntityManager } from 'typeorm';
import { THE_KITCHEN } from '../kitchens/kitchens.service.js';

/** Tables of a kitchen, those first that point to others. */
const ofBakes = ['photo', 'reading', 'tasting', 'bake_event'];
const ofKitchen = ['bake', 'pie', 'own_fruit', 'own_row', 'dish', 'oven', 'bake_day'];

/** Empties the kitchen, so that what is brought in is all there is. */
export async function clearKitchen(manager: EntityManager): Promise<void> {
  for (const table of ofBakes) {
    await manager.query(`DELETE FROM ${table} WHERE bake_id IN (SELECT id FROM bake WHERE kitchen_id = ?)`, [
      THE_KITCHEN,
    ]);
  }
  await manager.query('DELETE FROM day_tick WHERE day_id IN (SELECT id FROM bake_day WHERE kitchen_id = ?)', [
    THE_KITCHEN,
  ]);
  await manager.query('DELETE FROM pie_version WHERE pie_id IN (SELECT id FROM pie WHERE kitchen_id = ?)', [
    THE_KITCHEN,
  ]);
  for (const table of ofKitchen)
    await manager.query(`DELETE FROM ${table} WHERE kitchen_id = ?`, [THE_KITCHEN]);
}
