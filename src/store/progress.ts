import type { DrillKind, Mistake } from '../core/lesson';
import { FIRST_STANDING, standingAfter } from '../core/lesson/level';
import { LATELY_MAX, type LearnerRecord, type Skill } from '../records';
import { remembered, type Recall } from './spacing';

export interface DrillAnswer {
  readonly kind: DrillKind;
  readonly fingerprint: number;
  readonly recall: Recall;
  readonly mistake: Mistake | undefined;
}

/** A learner after one more answer. */
export function afterAnswer(learner: LearnerRecord, answer: DrillAnswer, now: number): LearnerRecord {
  return {
    ...learner,
    answered: learner.answered + 1,
    skills: { ...learner.skills, [answer.kind]: skillAfter(learner.skills[answer.kind], answer, now) },
  };
}

function skillAfter(skill: Skill | undefined, { fingerprint, recall, mistake }: DrillAnswer, now: number): Skill {
  const isRight = recall !== 'wrong';
  const { asked = 0, right = 0, mistakes = {}, lately = [], memory } = skill ?? {};
  return {
    // Help keeps the place: it neither leads up nor down.
    ...(recall === 'helped' ? standingOf(skill) : standingAfter(standingOf(skill), isRight)),
    asked: asked + 1,
    right: right + (isRight ? 1 : 0),
    mistakes: mistake === undefined ? mistakes : { ...mistakes, [mistake]: (mistakes[mistake] ?? 0) + 1 },
    lately: [...lately, fingerprint].slice(-LATELY_MAX),
    memory: remembered(memory, recall, now),
  };
}

const standingOf = ({ level, run }: Pick<Skill, 'level' | 'run'> = FIRST_STANDING) => ({ level, run });
