import type { DishSpec, OvenSpec } from '@mardle/core';
import { limitOf } from '@mardle/core';
import { IsInt, IsNotEmpty, Max, Min } from 'class-validator';
import { DishRequest } from '../pies/build.request.js';
import { OvenRequest } from '../pies/pie-spec.request.js';

/** A dish of the kitchen's own. */
export class KitchenDishRequest extends DishRequest implements DishSpec {
  @IsNotEmpty({ message: 'label is empty.\nGive the dish a name that tells it from the others.' })
  declare label: string;
}

const places = limitOf('kitchen.oven.places');
const message = `places must be a whole number from ${places.least} to ${places.most}.\n${places.remedy}`;

/** An oven of the kitchen's own, and how many dishes it takes at once. */
export class KitchenOvenRequest extends OvenRequest implements OvenSpec {
  @IsNotEmpty({ message: 'label is empty.\nGive the oven a name that tells it from the others.' })
  declare label: string;
  @IsInt({ message })
  @Min(places.least, { message })
  @Max(places.most, { message })
  places: number;
}
