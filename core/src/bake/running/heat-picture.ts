import type { BakeSpec } from '../../schema/index.js';
import type { Bake, OvenWork } from '../search/index.js';
import type { Mesh } from '../mesh/index.js';
import { cellKinds, meshSizes } from '../mesh/index.js';
import type { SimulationRun } from '../simulation/index.js';
import { simulateBake } from '../simulation/index.js';

/** One cell of the pie as it lies in the picture: shares of the radius, heights in cm over the base. */
interface HeatCell {
  readonly kind: 'crust' | 'filling';
  readonly inner: number;
  readonly outer: number;
  readonly lowCm: number;
  readonly highCm: number;
}

/** Temperatures of a cut through a pie, moment by moment. Row f of `tempsC` belongs to `timesMin[f]`, column c to `cells[c]`. */
export interface HeatPicture {
  readonly cells: readonly HeatCell[];
  readonly timesMin: readonly number[];
  readonly tempsC: readonly (readonly number[])[];
}

/** Cells of the filling's columns from the base up, each as high as its volume over its column asks. */
function layOut(mesh: Mesh): { readonly cells: HeatCell[]; readonly at: number[] } {
  const cells: HeatCell[] = [];
  const at: number[] = [];
  const wholeArea = mesh.columnArea.reduce((sum, area) => sum + area, 0);
  let inside = 0;
  mesh.stacks.forEach((stack, j) => {
    const area = mesh.columnArea[j]!;
    const inner = Math.sqrt(inside / wholeArea);
    inside += area;
    const outer = Math.sqrt(inside / wholeArea);
    let lowCm = 0;
    for (const cell of stack) {
      const highCm = lowCm + (100 * mesh.volumeM3[cell]!) / area;
      const kind = mesh.kind[cell] === cellKinds.filling ? 'filling' : 'crust';
      cells.push({ kind, inner, outer, lowCm, highCm });
      at.push(cell);
      lowCm = highCm;
    }
  });
  return { cells, at };
}

/** Gathers the picture while a bake runs: hand `see` to `simulateBake`, then take `picture`. */
export function watchHeat(everyMin: number): { see(run: SimulationRun): void; picture(): HeatPicture } {
  let laid: ReturnType<typeof layOut> | null = null;
  const timesMin: number[] = [];
  const tempsC: number[][] = [];
  return {
    see: ({ model, state }) => {
      const timeMin = state.timeS / 60;
      if (timeMin < (timesMin.at(-1) ?? -Infinity) + everyMin - 1e-9) return;
      laid ??= layOut(model.mesh);
      timesMin.push(timeMin);
      tempsC.push(laid.at.map((cell) => Math.round(state.tempC[cell]! * 10) / 10));
    },
    picture: () => ({ cells: laid?.cells ?? [], timesMin, tempsC }),
  };
}

/** A frame each this many minutes. */
const FRAME_MIN = 1;

/**
 * The bake once more with its interventions, every minute kept as a picture of the cut pie.
 * @param options the oven's side of a plan: `plan.work`
 * @param bake `spec.bake`
 * @param options the bake to follow
 * @returns cells of the cut pie (cm) and their temperatures (C) at each minute
 * @example heatPicture(plan.work, plan.spec.bake, bake).timesMin.length
 */
export function heatPicture(
  { body }: OvenWork,
  bake: BakeSpec,
  { stages, interventions }: Bake,
): HeatPicture {
  const watched = watchHeat(FRAME_MIN);
  simulateBake(body, bake, stages, meshSizes.usual, interventions, watched.see);
  return watched.picture();
}
