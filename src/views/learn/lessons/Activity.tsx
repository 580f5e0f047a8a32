'use client';

import type { ComponentType } from 'react';
import type { LessonId } from '../../../core/lesson';
import type { LearnBike } from '../learner/useLearn';
import { CageActivity } from './CageActivity';
import { ChainActivity } from './ChainActivity';
import { ClosenessActivity } from './ClosenessActivity';
import { CrossActivity } from './CrossActivity';
import { DevelopmentActivity } from './DevelopmentActivity';
import { GapsActivity } from './GapsActivity';
import { OneOrTwoActivity } from './OneOrTwoActivity';
import { SpeedActivity } from './SpeedActivity';
import { StepsActivity } from './StepsActivity';
import { TurnActivity, DuplicatesActivity } from './TurnActivity';

export interface ActivityProps {
  readonly bike: LearnBike;
  /** Called when the task has been done; again is no harm. */
  readonly onDone: () => void;
}

const ACTIVITIES: Readonly<Record<LessonId, ComponentType<ActivityProps>>> = {
  ratio: TurnActivity,
  sameRatio: DuplicatesActivity,
  development: DevelopmentActivity,
  speed: SpeedActivity,
  steps: StepsActivity,
  overlap: ClosenessActivity,
  crossChaining: CrossActivity,
  capacity: CageActivity,
  chainLength: ChainActivity,
  gaps: GapsActivity,
  oneOrTwo: OneOrTwoActivity,
};

/** The thing to do in a lesson. */
export function Activity({ id, ...props }: ActivityProps & { readonly id: LessonId }) {
  const Chosen = ACTIVITIES[id];
  return <Chosen {...props} />;
}
