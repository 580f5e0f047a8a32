import type { LessonId } from '../../../core/lesson';
import { short } from '../../../ui/format';
import { t } from './text';

interface LessonWords {
  readonly title: string;
  /** The one idea, a paragraph each. */
  readonly idea: readonly string[];
  /** The thing to do. */
  readonly task: string;
  /** What was seen by doing it. */
  readonly seen: string;
}

export const LESSON_WORDS: Readonly<Record<LessonId, LessonWords>> = {
  ratio: {
    title: t('lessonWords.ratio.title'),
    idea: [t('lessonWords.ratio.idea.everyChainringToothPullsOne'), t('lessonWords.ratio.idea.aHigherRatioIsHarder')],
    task: t('lessonWords.ratio.task'),
    seen: t('lessonWords.ratio.seen'),
  },
  sameRatio: {
    title: t('lessonWords.sameRatio.title'),
    idea: [
      t('lessonWords.sameRatio.idea.onlyTheRatioCountsTwo'),
      t('lessonWords.sameRatio.idea.teethAreDividedNeverSubtracted16'),
    ],
    task: t('lessonWords.sameRatio.task'),
    seen: t('lessonWords.sameRatio.seen'),
  },
  development: {
    title: t('lessonWords.development.title'),
    idea: [
      t('lessonWords.development.idea.theRatioSaysHowMany'),
      t('lessonWords.development.idea.gearInchesSayTheSame'),
    ],
    task: t('lessonWords.development.task'),
    seen: t('lessonWords.development.seen'),
  },
  speed: {
    title: t('lessonWords.speed.title'),
    idea: [
      t('lessonWords.speed.idea.inOneGearSpeedIs'),
      t('lessonWords.speed.idea.soAGearIsNot'),
      t('lessonWords.speed.idea.shiftBeforeTheHillWhile'),
    ],
    task: t('lessonWords.speed.task', { short: short(0.3, 1) }),
    seen: t('lessonWords.speed.seen'),
  },
  steps: {
    title: t('lessonWords.steps.title'),
    idea: [t('lessonWords.steps.idea.aStepIsTheChange'), t('lessonWords.steps.idea.soCassettesChangeByOne')],
    task: t('lessonWords.steps.task'),
    seen: t('lessonWords.steps.seen'),
  },
  overlap: {
    title: t('lessonWords.overlap.title'),
    idea: [
      t('lessonWords.overlap.idea.twoChainringsAndTwelveCogs'),
      t('lessonWords.overlap.idea.howManyUsefulGearsRemain'),
    ],
    task: t('lessonWords.overlap.task'),
    seen: t('lessonWords.overlap.seen'),
  },
  crossChaining: {
    title: t('lessonWords.crossChaining.title'),
    idea: [
      t('lessonWords.crossChaining.idea.seenFromAboveTheChain'),
      t('lessonWords.crossChaining.idea.aChainAtASharp'),
    ],
    task: t('lessonWords.crossChaining.task'),
    seen: t('lessonWords.crossChaining.seen'),
  },
  capacity: {
    title: t('lessonWords.capacity.title'),
    idea: [t('lessonWords.capacity.idea.theChainHasOneLength'), t('lessonWords.capacity.idea.capacityIsHowMuchChain')],
    task: t('lessonWords.capacity.task'),
    seen: t('lessonWords.capacity.seen'),
  },
  chainLength: {
    title: t('lessonWords.chainLength.title'),
    idea: [
      t('lessonWords.chainLength.idea.theChainMustReachRound'),
      t('lessonWords.chainLength.idea.innerAndOuterLinksAlternate'),
    ],
    task: t('lessonWords.chainLength.task'),
    seen: t('lessonWords.chainLength.seen'),
  },
  gaps: {
    title: t('lessonWords.gaps.title'),
    idea: [t('lessonWords.gaps.idea.youPedalWithinACadence'), t('lessonWords.gaps.idea.soALargeStepIs')],
    task: t('lessonWords.gaps.task'),
    seen: t('lessonWords.gaps.seen'),
  },
  oneOrTwo: {
    title: t('lessonWords.oneOrTwo.title'),
    idea: [
      t('lessonWords.oneOrTwo.idea.2xGivesRangeAndSmall'),
      t('lessonWords.oneOrTwo.idea.neitherIsBestThereAre'),
      t('lessonWords.oneOrTwo.idea.ridersShiftThemDifferentlyOn1x'),
    ],
    task: t('lessonWords.oneOrTwo.task'),
    seen: t('lessonWords.oneOrTwo.seen'),
  },
};
