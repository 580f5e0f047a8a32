'use client';

import { useMemo, useState } from 'react';
import type { JobCard } from '../../core/swap';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { LETTERS } from '../../kit/bench/setup-sign';
import { cardOf, type SwapWork } from '../../kit/shop/card-of';
import { withNewChain } from '../../kit/shop/new-chain';
import { jobSideOf, type SetupRecord } from '../../records';
import { addJobs, type JobContent } from '../../store';
import { WORDS } from './words/text';

/** What is decided about a job before it is in the book. */
export interface PlanChoices {
  readonly name: string;
  readonly newChain: boolean;
  readonly weighs: boolean;
  readonly usesQuickLink: boolean;
  readonly dueOn: string;
  readonly occasion: string;
  /** When it goes back; empty where it stays. */
  readonly backOn: string;
}

export interface Plan {
  readonly target: SetupRecord;
  readonly targetPlace: number;
  readonly choose: (id: string) => void;
  readonly choices: PlanChoices;
  readonly say: (change: Partial<PlanChoices>) => void;
  readonly card: JobCard;
  readonly suggestedName: string;
  /** Why it cannot be put in the book yet. */
  readonly problem: string | undefined;
  readonly book: () => Promise<void>;
}

const NO_CHOICES: PlanChoices = {
  name: '',
  newChain: false,
  weighs: false,
  usesQuickLink: true,
  dueOn: '',
  occasion: '',
  backOn: '',
};

/** The job from A to another setup of the bench, or to A again with a new chain. */
export function usePlan(onBooked: (id: string) => void): Plan {
  const { bench, workshop } = useReadyBench();
  const { bike, setups, setup } = bench;
  const { parts, experience, db } = workshop;
  const [choices, setChoices] = useState(NO_CHOICES);
  const [chosenId, choose] = useState<string>();
  const fitted = setups[0]!;
  const target = setups.find(({ id }) => id === chosenId) ?? (setup.id === fitted.id ? (setups[1] ?? fitted) : setup);
  const targetPlace = setups.indexOf(target);
  const { newChain, weighs, usesQuickLink } = choices;
  const work = useMemo(
    (): SwapWork => ({
      kind: 'swap',
      from: jobSideOf(bike, fitted, parts),
      to: jobSideOf(bike, newChain ? withNewChain(target, parts) : target, parts),
      newChain,
      weighs,
      usesQuickLink,
    }),
    [bike, fitted, target, parts, newChain, weighs, usesQuickLink],
  );
  const card = useMemo(() => cardOf(bike, work, { parts, experience }), [bike, work, parts, experience]);
  const suggestedName =
    target === fitted ? WORDS.usePlan.newChain : WORDS.usePlan.toName(target.name ?? LETTERS[targetPlace]);
  const problem =
    card.kind === 'nothing'
      ? WORDS.usePlan.nothingDiffersFromALay
      : choices.backOn !== '' && choices.dueOn !== '' && choices.backOn <= choices.dueOn
        ? WORDS.usePlan.backOnBackOnIsNot(choices.backOn, choices.dueOn)
        : undefined;
  const book = async () => {
    const name = choices.name.trim() || suggestedName;
    const state = card.buy.length > 0 ? 'waiting' : choices.dueOn === '' ? 'asked' : 'ready';
    const said = (dueOn: string, occasion: string) => ({
      ...(dueOn !== '' && { dueOn }),
      ...(occasion !== '' && { occasion }),
    });
    const there: JobContent = {
      bikeId: bike.id,
      name,
      state,
      work,
      ...said(choices.dueOn, choices.occasion.trim()),
    };
    const back: JobContent = {
      bikeId: bike.id,
      name: WORDS.usePlan.backName(name).slice(0, 80),
      state: 'asked',
      work: { ...work, from: work.to, to: work.from, newChain: false, isReturn: true },
      ...said(
        choices.backOn,
        choices.occasion.trim() === '' ? '' : WORDS.usePlan.afterOccasion(choices.occasion.trim()).slice(0, 80),
      ),
    };
    const [id] = await addJobs(db, choices.backOn === '' ? [there] : [there, back], Date.now());
    setChoices(NO_CHOICES);
    onBooked(id!);
  };
  return {
    target,
    targetPlace,
    choose,
    choices,
    say: (change) => setChoices((before) => ({ ...before, ...change })),
    card,
    suggestedName,
    problem,
    book,
  };
}
