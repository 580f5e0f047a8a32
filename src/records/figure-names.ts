import type { NeedAnswer, RowId } from '../core/compare';

/** What HTTP and files call the needs whose names inside are others. */
const NEED_NAME: Readonly<Partial<Record<NeedAnswer['id'], string>>> = {
  'steps.between': 'steps.cruising',
  gaps: 'gaps',
  cruising: 'straightGear',
};
/** Names a need in HTTP and in files. */
export const nameOfNeed = (id: NeedAnswer['id']): string => NEED_NAME[id] ?? id;

/** What HTTP and files call the figures whose names inside are others. */
const FIGURE_NAME: Readonly<Partial<Record<RowId, string>>> = {
  'largestStep.between': 'largestStep.cruising',
  'meanStep.between': 'meanStep.cruising',
  gaps: 'gaps',
};
/** Names a figure in HTTP and in files. */
export const nameOfFigure = (id: RowId): string => FIGURE_NAME[id] ?? id;
