export { DEFAULT_RING_DIFFERENCE_MAX_T, LAYOUTS, SEARCHED_RING_DIFFERENCE_T, ringChoices } from './ring-choices';
export type { Layout, RingRule } from './ring-choices';
export { gearMetrics } from './gearing';
export type { FindRiding } from './gearing';
export { FIND_AIMS } from './aims';
export type { FindAim } from './aims';
export { SetupBuilder } from './builder';
export type { Doubt, FindBike, FindStock } from './builder';
export { frontRoomOf } from './front-room';
export type { FrontRoom } from './front-room';
export { FIND_NEEDS } from './needs';
export type { FindNeed } from './needs';
export type { CassetteOption, Found, FoundFacts } from './found';
export type { Miss } from './misses';
export { closestMisses, findSetups, searchSetups, valuesOf } from './search';
export type { FindInput, FindProgress, FindResult, FindRoad } from './search';
export { leastChange } from './least-change';
export type { Change, LeastChange } from './least-change';
export { joinEquals } from './equals';
export type { Equals } from './equals';
export { reasons } from './reasons';
export type { Reason } from './reasons';
export { layoutAdvice } from './layout-advice';
export type { LayoutAdvice } from './layout-advice';
export { checkFind } from './problems';
export type { FindProblem } from './problems';
export { roadOfRecordings, roadOfRoute } from './road';
export { buildCassette, cassetteFigures, cogSteps, nearestBought } from './cassette-builder';
export type { CassetteBuilt, CassetteFigures, CassetteGoal, CogWanted } from './cassette-builder';
export {
  BOUGHT_SPEEDS,
  BRIEF_ASKS,
  FIND_AIMS_MAX,
  FIND_COST,
  FIND_MASS_CHANGE_G,
  PRICE,
  fillFind,
  filledPrices,
} from './settings';
export type { BriefAsk, FilledFind, FindSettings, RoadChoice } from './settings';
export { findQuestion } from './question';
export type { FindContext, FindQuestionResult } from './question';
export { wantedCogs } from './wanted';
export { aimSpans, partingAims, withinLimits } from './limits';
export type { AimSpan } from './limits';
