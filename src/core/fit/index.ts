export { checkCapacity, requiredCapacityT } from './capacity';
export { REAR_DERAILLEUR_BOUNDS, REAR_DERAILLEUR_TERMS, checkRearDerailleur } from './rear-derailleur';
export type { RearDerailleur } from './rear-derailleur';
export type { Check, CheckId, Verdict } from './verdict';
export { CHAIN_FRICTION, articulationLoss } from './losses';
export type { LossEstimate } from './losses';
export { PITCH_MM } from './chain';
