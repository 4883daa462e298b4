export type { Bank } from './bank.js';
export { bankSteps } from './bank.js';
export type { Forecast, OvenBelief, SeenSoFar } from './forecast.js';
export { forecast } from './forecast.js';
export type { SimulatedFault } from './simulated-probe.js';
export { probeFaults, simulatedProbe } from './simulated-probe.js';
