export { chainText } from './chain-words';
export {
  ENDING_LABEL,
  REMEDY_TEXT,
  SYMPTOM_TEXT,
  findingText,
  findingsText,
  obstacleText,
  stepMark,
} from './finding-words';
export { CARD_SLOT_TEXT, CONSUMABLE_TEXT, KEEP_TEXT, SLOT_TEXT, TOOL_TEXT, itemName } from './item-words';
export { eitherOf, listed, pairText, pairsText } from './list';
export { judgementText, readingTitle, targetText, withUnit } from './reading-words';
export { STEP_TITLES, stepTitle } from './step-titles';
export { stepWords } from './step-words';
export { JOINT_TEXT, torqueText } from './torque-words';
export { warningText } from './warning-words';
