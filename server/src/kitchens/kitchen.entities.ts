import type { KitchenDish, KitchenOven } from '@mardle/contract';
import type { AnyField, Schema } from '@mardle/core';
import { kitchenDishSchema, kitchenOvenSchema } from '@mardle/core';
import type { EntitySchemaColumnOptions } from 'typeorm';
import { Column, Entity, EntitySchema, PrimaryColumn } from 'typeorm';

@Entity('kitchen')
export class KitchenEntity {
  @PrimaryColumn('uuid') id: string;
  @Column('varchar', { length: 120 }) name: string;
}

const snake = (key: string): string => key.replace(/[A-Z]/g, (letter) => `_${letter.toLowerCase()}`);

const LONGEST_WORD = 20;
const LONGEST_ID = 60;

/** The column that keeps a field; those that may be left out may be null. */
function columnOf(key: string, field: AnyField): EntitySchemaColumnOptions {
  const common = { name: snake(key), nullable: field.leftOut !== undefined };
  switch (field.type) {
    case 'number':
      return { ...common, type: field.whole ? 'int' : 'double' };
    case 'text':
      return { ...common, type: 'varchar', length: field.longest };
    case 'row':
      return { ...common, type: 'varchar', length: LONGEST_ID };
    case 'choice':
    case 'fixed':
      return { ...common, type: 'varchar', length: LONGEST_WORD };
    case 'flag':
      return { ...common, type: 'boolean' };
    case 'part':
    case 'list':
    case 'pair':
    case 'figures':
    case 'named':
    case 'words':
    case 'spans':
    case 'pie_file':
      return { ...common, type: 'json' };
    case 'minute':
      return { ...common, type: 'int' };
    case 'instant':
      return { ...common, type: 'datetime' };
  }
}

/** What a kitchen keeps, in the order that it was put there. */
export interface Kept {
  readonly kitchenId: string;
  readonly position: number;
}

const keptTable = <Row extends object>(name: string, schema: Schema): EntitySchema<Row & Kept> =>
  new EntitySchema<Row & Kept>({
    name,
    tableName: name,
    columns: {
      id: { type: 'uuid', primary: true },
      kitchenId: { type: 'uuid', name: 'kitchen_id' },
      position: { type: 'int' },
      ...Object.fromEntries(Object.entries(schema).map(([key, field]) => [key, columnOf(key, field)])),
    } as never,
  });

/** Dishes and ovens of a kitchen: their columns are the fields of core's schema. */
export const DishEntity = keptTable<KitchenDish>('dish', kitchenDishSchema);
export const OvenEntity = keptTable<KitchenOven>('oven', kitchenOvenSchema);
