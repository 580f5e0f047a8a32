export { GRAVITY_MS2, powerForSpeed, speedForPower } from './road-load';
export type { Resistance } from './road-load';
export { climb, developmentForM, kmhOf, msOf, teethForEasier, teethForHarder } from './climb';
export type { Climb } from './climb';
export { climbsOf, elevationProfile, lengthM, totals, SMOOTHING_M } from './profile';
export type { ElevationProfile, ProfileClimb, ProfileFailure, ProfileNotes, ProfileResult, WayPoint } from './profile';
export { BRAKING_KMH, DEFAULT_WALKING_RPM, WALKING_RPM, outOfBandS, riddenGears, rideThrough } from './ride-through';
export type { RiddenGear, RideEnergy, RidePoint, RideRules, RideThrough } from './ride-through';
