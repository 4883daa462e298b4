import type { DishMaterial } from '../../larder/index.js';
import type { Beneath } from '../../schema/index.js';
import { constant } from './constants.js';

/** What reaches the base of a pie from below: a share of the oven's convection, and what is taken up of its radiation. */
interface FromBelow {
  readonly share: number;
  readonly emissivity: number;
}

/** A rigid dish is shaded by the bars of its rack as much as they bring it; a thin tin sags round them. */
const onRack = ({ sags, emissivity }: DishMaterial): FromBelow => ({
  share: constant('rackShare') + (sags ? constant('rackBars') : 0),
  emissivity,
});

/** A tray takes up what shines from below, however bright the dish is that it touches all over. */
const onTray = (): FromBelow => ({
  share: constant('trayShare'),
  emissivity: constant('traySees') * constant('trayEmissivity'),
});

const onSteel = (): FromBelow => ({ share: 1, emissivity: constant('steelEmissivity') });

const standing: Readonly<Record<Beneath, (dish: DishMaterial) => FromBelow>> = {
  rack: onRack,
  tray: onTray,
  hot_steel: onSteel,
};

/**
 * What reaches the base of a dish from below.
 * @param dish its material
 * @param beneath what it stands on; on hot steel it is what reaches the steel
 * @returns shares of convection and radiation
 */
export const fromBelow = (dish: DishMaterial, beneath: Beneath): FromBelow => standing[beneath](dish);
