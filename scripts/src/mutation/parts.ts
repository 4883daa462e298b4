/** A part of the house whose code is changed, and the tests that answer for it. */
export interface MutatedPart {
  readonly name: string;
  /** Folders, or files, from the root. */
  readonly sources: readonly string[];
  /** Jest's project of its tests. */
  readonly project: 'core' | 'server' | 'web';
  /** Suites of other rooms that take minutes and answer for those rooms, as patterns of paths. */
  readonly skippedSuites: readonly string[];
  /** Whether `docs/facts.md` is held against what core's suites let pass. */
  readonly facts: boolean;
}

const wholeBakes = [
  'bake/(simulation|search)/(whole-bake|trends|practice-trends|convergence)\\.test',
  'plan/(forms|own-schedule)\\.test',
];

const core = (name: string, rooms: readonly string[], skippedSuites: readonly string[]): MutatedPart => ({
  name,
  sources: rooms.map((room) => `core/src/${room}`),
  project: 'core',
  skippedSuites,
  facts: true,
});

/** Each part is changed in as many places as any other. */
export const mutatedParts: readonly MutatedPart[] = [
  core('pie', ['filling', 'geometry', 'bake', 'plan'], [...wholeBakes, '/(scheduler|inference)/']),
  { ...core('scheduler', ['scheduler'], ['/inference/']), facts: false },
  { ...core('inference', ['inference'], ['/scheduler/']), facts: false },
  { name: 'stores', sources: ['web/src/state'], project: 'web', skippedSuites: [], facts: false },
  {
    name: 'server',
    sources: ['bakes', 'days', 'kitchen-file', 'larder', 'log', 'pies', 'probe', 'problems'].map(
      (room) => `server/src/${room}`,
    ),
    project: 'server',
    skippedSuites: ['server/src/hostile\\.test'],
    facts: false,
  },
];
