/**
 * The walls of the house, checked by `npm run walls` and in `npm test`: dependencies point one way (web and server -> contract -> core;
 * inside core a stage imports earlier stages only), no file depends on itself in a circle, and a room is entered by its `index.ts`.
 */

/** What each stage of core may import; a stage that is not named here can be imported by none. */
const coreStages = {
  units: [],
  larder: ['units'],
  schema: ['units', 'larder'],
  filling: ['units', 'larder', 'schema'],
  geometry: ['units', 'larder', 'schema'],
  bake: ['units', 'larder', 'schema', 'filling', 'geometry'],
  forms: ['units', 'larder', 'schema', 'filling', 'geometry', 'bake'],
  plan: ['units', 'larder', 'schema', 'filling', 'geometry', 'bake', 'forms'],
  print: ['units', 'larder', 'schema', 'filling', 'geometry', 'bake', 'forms', 'plan'],
  scheduler: ['units', 'larder', 'schema', 'filling', 'geometry', 'bake', 'forms', 'plan'],
  inference: ['units', 'larder', 'schema', 'filling', 'geometry', 'bake', 'forms', 'plan'],
};

/** Rooms of a stage in the order of the work: each imports those before it. */
const rooms = {
  bake: ['materials', 'mesh', 'physics', 'simulation', 'search', 'running'],
  scheduler: ['model', 'lists', 'problem', 'timetable', 'bounds', 'search', 'validate', 'replan'],
  inference: ['statistics', 'log', 'models', 'learned', 'causes', 'forecast'],
};

const TESTS = '(\\.test\\.tsx?$|/test/)';

const stageRules = Object.entries(coreStages).map(([stage, before]) => ({
  name: `core-${stage}`,
  comment: `core/${stage} imports ${before.join(', ') || 'nothing of core'} only.`,
  severity: 'error',
  from: { path: `^core/src/${stage}/`, pathNot: TESTS },
  to: { path: '^core/src/', pathNot: `^core/src/(${[stage, ...before].join('|')})/` },
}));

const roomRules = Object.entries(rooms).flatMap(([stage, order]) =>
  order.map((room, i) => ({
    name: `core-${stage}-${room}`,
    comment: `core/${stage}/${room} imports ${order.slice(0, i).join(', ') || 'no other room'} of its stage only.`,
    severity: 'error',
    from: { path: `^core/src/${stage}/${room}/`, pathNot: TESTS },
    to: {
      path: `^core/src/${stage}/`,
      pathNot: `^core/src/${stage}/(${order.slice(0, i + 1).join('|')})/`,
    },
  })),
);

export default {
  forbidden: [
    {
      name: 'no-circle',
      comment:
        'A circle has no order to read it in. Move what both sides need to where the earlier one lies.',
      severity: 'error',
      from: {},
      to: { circular: true },
    },
    {
      name: 'by-the-door',
      comment: 'A stage and a room of core are entered by their index.ts.',
      severity: 'error',
      from: { path: '^core/src/([^/]+)/', pathNot: TESTS },
      to: { path: '^core/src/([^/]+)/', pathNot: ['^core/src/$1/', '^core/src/[^/]+/index\\.ts$'] },
    },
    {
      name: 'by-the-door-of-a-room',
      comment: 'A room of a stage is entered by its index.ts.',
      severity: 'error',
      from: { path: '^core/src/([^/]+)/([^/]+)/', pathNot: TESTS },
      to: {
        path: '^core/src/$1/[^/]+/',
        pathNot: ['^core/src/$1/$2/', '^core/src/forms/shared/', '^core/src/[^/]+/[^/]+/index\\.ts$'],
      },
    },
    {
      name: 'core-is-pure',
      comment: 'Core knows no interface and no I/O.',
      severity: 'error',
      from: { path: '^core/src/', pathNot: TESTS },
      to: { pathNot: '^core/src/', dependencyTypesNot: ['type-only'] },
    },
    {
      name: 'contract-knows-core-only',
      comment: 'The contract knows neither server nor screen.',
      severity: 'error',
      from: { path: '^contract/src/', pathNot: TESTS },
      to: { path: '(^(server|web|research|scripts)/|node_modules/(@nestjs|react|typeorm))' },
    },
    {
      name: 'no-node-in-the-browser',
      comment: 'Contract and screen run in a browser.',
      severity: 'error',
      from: { path: '^(contract|web)/src/', pathNot: TESTS },
      to: { dependencyTypes: ['core'] },
    },
    {
      name: 'server-knows-no-screen',
      severity: 'error',
      from: { path: '^server/src/', pathNot: TESTS },
      to: { path: '(^(web|research|scripts)/|node_modules/react)' },
    },
    {
      name: 'screen-knows-no-server',
      severity: 'error',
      from: { path: '^web/src/', pathNot: TESTS },
      to: {
        path: '(^(server|research|scripts)/|node_modules/(@nestjs|typeorm)/)',
        dependencyTypesNot: ['type-only'],
      },
    },
    {
      name: 'shared-knows-no-place',
      comment: 'What all places share, and the stores, know no place and no shell.',
      severity: 'error',
      from: { path: '^web/src/(shared|state|pie|bakes|learned)/', pathNot: TESTS },
      to: { path: '^web/src/(places|app)/' },
    },
    {
      name: 'a-place-by-itself',
      comment: 'A place of the screen knows no other place: what two need is shared.',
      severity: 'error',
      from: { path: '^web/src/places/([^/]+)/', pathNot: TESTS },
      to: { path: '^web/src/places/', pathNot: '^web/src/places/$1/' },
    },
    ...stageRules,
    ...roomRules,
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '(/dist/|\\.module\\.css$)' },
    tsPreCompilationDeps: true,
    enhancedResolveOptions: { exportsFields: ['exports'], conditionNames: ['import', 'types'] },
  },
};
