export { crankPowerW, riderFromRides } from './rider';
export type { RiderBefore, RiderFromRides, RiderResult } from './rider';
export { huntingCost, sumHunting, AFTER_S, AWAY_SHARE, GRADE_CHANGE } from './hunting';
export type { HuntingCost } from './hunting';
export { chainCost, chainLoad, sumChainLoads } from './chain-load';
export type { ChainCost, ChainLoad } from './chain-load';
export { habitOf, shiftsOf } from './shift-habit';
export type { HabitFromRides } from './shift-habit';
export type { RiddenOn } from './gears-on';
