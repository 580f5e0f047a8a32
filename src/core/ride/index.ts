export { GRAVITY_MS2, powerForSpeed, speedForPower } from './road-load';
export type { Resistance } from './road-load';
export { climb, developmentForM, kmhOf, msOf, teethForEasier, teethForHarder } from './climb';
export type { Climb } from './climb';
