export type { CrumbAmounts, DoughAmounts, ToppingAmounts } from './amounts.js';
export type {
  BakeSpec,
  Beneath,
  ChillPlace,
  ColourName,
  HotSide,
  KnobKind,
  OvenKind,
  OvenReadiness,
  OvenSpec,
  RackLevel,
  Stage,
} from './bake.js';
export {
  beneathKinds,
  colourNames,
  hotSides,
  kitchenOvenSchema,
  recordedStageSchema,
  knobKinds,
  ovenKinds,
  rackLevels,
  usualChill,
} from './bake.js';
export { checkFields } from './check-fields.js';
export type { DishShape, DishSpec } from './dish.js';
export { dishShapes, kitchenDishSchema } from './dish.js';
export type { AnyField, FieldAt, Nullable, NumberField, Optional, Schema, SpecOf } from './field.js';
export { listFields, isNote, isWritable, optional, orNull, writable } from './field.js';
export type {
  AdditionPart,
  EatenHow,
  FillingSpec,
  FruitCut,
  FruitPart,
  FruitState,
  Preparation,
  PreparationKind,
  SaucerResult,
  SetName,
  SugarChoice,
  ThickenerPart,
} from './filling.js';
export { eatenHow, fruitStates, preparationKinds, saucerResults, setNames } from './filling.js';
export type {
  BuckleSpec,
  CobblerSpec,
  CrumbSpec,
  CutOutShape,
  CutOutSpec,
  FormKind,
  FormSpec,
  FreeFormSpec,
  HandPieSpec,
  LatticeSpec,
  OwnCrumb,
  OwnTopping,
  StripStyle,
} from './form.js';
export {
  cutOutShapes,
  formKinds,
  latticeAngles,
  stripStyles,
  usualBuckle,
  usualCobbler,
  usualCrumb,
  usualCutOut,
  usualFreeForm,
  usualHandPie,
  usualLattice,
  usualShell,
  usualStreusel,
} from './form.js';
export type { LearnedDose } from './learned.js';
export { bakeRecordLimits } from './bake-record.js';
export { fieldLimit, limits } from './limits.js';
export type { BaseSource, DishCoat, DoughSource, PastrySpec } from './pastry.js';
export { baseSources, dishCoats, doughSources } from './pastry.js';
export type { PieSpec } from './pie.js';
export { soldSchema, stapleSchema } from './own-rows.js';
export { flourCupField, ownFruitSchema, ownThickenerSchema, pieSchema } from './pie.js';
export { readFile } from './read-file.js';
export type { FieldProblem } from './reading/index.js';
export { instantMs, isPlain, quoted } from './reading/index.js';
export { starterSpec } from './starter.js';
export { UnreadableSpec, upgradeSpec } from './upgrade.js';
