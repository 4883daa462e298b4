export interface MeshSize {
  readonly columns: number;
  readonly sideColumns: number;
  readonly fillingRows: number;
  readonly crustRows: number;
  /** Length of a step in s; three of them divide half a minute. */
  readonly stepS: number;
  /** How many times as long a step is once thin crusts have warmed up, and once nothing sudden is to be expected. */
  readonly warmedTimes: number;
  readonly settledTimes: number;
  /** So many steps, late in a long bake, in the time of three. */
  readonly lateSteps: number;
}

/** Meshes by name: the search uses the coarse one, what is shown the usual one, tests of convergence the fine one. */
export const meshSizes = {
  coarse: {
    columns: 4,
    sideColumns: 2,
    fillingRows: 6,
    crustRows: 3,
    stepS: 5,
    warmedTimes: 2,
    settledTimes: 4,
    lateSteps: 2,
  },
  usual: {
    columns: 6,
    sideColumns: 3,
    fillingRows: 9,
    crustRows: 4,
    stepS: 5,
    warmedTimes: 1,
    settledTimes: 1,
    lateSteps: 3,
  },
  fine: {
    columns: 9,
    sideColumns: 4,
    fillingRows: 16,
    crustRows: 5,
    stepS: 2,
    warmedTimes: 1,
    settledTimes: 1,
    lateSteps: 3,
  },
} as const satisfies Record<string, MeshSize>;
