import { t } from './text';

/** How a figure was worked out, in words that can be checked with pencil and paper. */
export interface Explanation {
  /** The figure's name. */
  readonly title: string;
  /** In the field's terms: ratio = ring ÷ cog. */
  readonly formula: string;
  /** The same with this bike's numbers, a line a step. */
  readonly worked: readonly string[];
  /** Where the formula comes from. */
  readonly source: string;
  /** What to keep in mind when using it. */
  readonly note?: string | undefined;
}

export const DEFINITION = t('explanation.definition.byDefinitionToothCountsAre');
export const ISO_SIZES = t('explanation.isoSizes.tyreAndRimSizesTo');
