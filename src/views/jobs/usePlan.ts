'use client';

import { useSearchParams } from 'next/navigation';
import { useMemo, useState } from 'react';
import type { ChainChoice, DescribedSlot, JobCard } from '../../core/job';
import { formatCassette, formatShorthand } from '../../formats/shorthand';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { capital, isoDayText } from '../../ui/format';
import { withNewChain } from '../../features/workshop/new-chain';
import { SWAP_KIND_TEXT } from '../../features/workshop/words';
import { NAME_LENGTH_MAX, jobSideOf, type SetupRecord, type SwapWork } from '../../records';
import { jobWithCard, withoutCopiedChain, type JobFacts } from '../../records/selectors/job-card';
import { addJobs, type JobContent } from '../../store';
import { t } from './text';
import { firstOf, definite } from '../../core/items';

/** What is decided about a job before it is booked. */
interface PlanChoices {
  readonly name: string;
  readonly chain: ChainChoice;
  readonly newChain: boolean;
  readonly weighs: boolean;
  readonly usesQuickLink: boolean;
  readonly checksHanger: boolean;
  readonly keeps: readonly DescribedSlot[];
  readonly dueOn: string;
  readonly occasion: string;
  /** When it goes back; empty where it stays. */
  readonly backOn: string;
}

interface Plan {
  readonly target: SetupRecord;
  readonly targetPlace: number;
  readonly choose: (id: string) => void;
  readonly choices: PlanChoices;
  readonly setChoices: (change: Partial<PlanChoices>) => void;
  readonly card: JobCard;
  readonly suggestedName: string;
  /** Why it cannot be booked yet. */
  readonly problem: string | undefined;
  readonly book: () => Promise<void>;
}

const NO_CHOICES: PlanChoices = {
  name: '',
  chain: 'leave',
  newChain: false,
  weighs: false,
  usesQuickLink: true,
  checksHanger: false,
  keeps: [],
  dueOn: '',
  occasion: '',
  backOn: '',
};

/** The job from A to another setup of the bike, or to A again with a new chain. */
export function usePlan(facts: JobFacts, onBooked: (id: string) => void): Plan {
  const { workspace, workshop } = useReadyWorkspace();
  const { bike, setups, setup } = workspace;
  const { parts, db } = workshop;
  const [choices, changeChoices] = useState(NO_CHOICES);
  // Another page may send to a certain setup.
  const asked = useSearchParams().get('to') ?? undefined;
  const [chosenId, choose] = useState(asked);
  const fitted = firstOf(setups);
  const target = setups.find(({ id }) => id === chosenId) ?? (setup.id === fitted.id ? (setups[1] ?? fitted) : setup);
  const targetPlace = setups.indexOf(target);
  const { chain, newChain, weighs, usesQuickLink, checksHanger, keeps, backOn } = choices;
  const work = useMemo(
    (): SwapWork => ({
      kind: 'swap',
      from: jobSideOf(bike, fitted, parts),
      to: jobSideOf(bike, withoutCopiedChain(newChain ? withNewChain(target, parts) : target, fitted), parts),
      chain,
      newChain,
      weighs,
      usesQuickLink,
      ...(checksHanger && { checksHanger }),
      ...(keeps.length > 0 && { keeps }),
    }),
    [bike, fitted, target, parts, chain, newChain, weighs, usesQuickLink, checksHanger, keeps],
  );
  const { card } = useMemo(
    () => jobWithCard({ state: 'asked', work, progress: {}, alternates: backOn !== '' }, facts),
    [work, facts, backOn],
  );
  const suggestedName = nameOf(card, fitted, target);
  const problem =
    card.kind === 'nothing'
      ? t('usePlan.nothingToChange')
      : backOn !== '' && choices.dueOn !== '' && backOn <= choices.dueOn
        ? t('usePlan.backOnBackOnIsNot', { backOn: isoDayText(backOn), dueOn: isoDayText(choices.dueOn) })
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
      name: t('usePlan.backName', { name }).slice(0, NAME_LENGTH_MAX),
      state: 'asked',
      work: { ...work, from: work.to, to: work.from, newChain: false, isReturn: true },
      ...said(
        backOn,
        choices.occasion.trim() === ''
          ? ''
          : t('usePlan.afterOccasion', { occasion: choices.occasion.trim() }).slice(0, NAME_LENGTH_MAX),
      ),
    };
    const [id] = await addJobs(db, backOn === '' ? [there] : [there, back], Date.now());
    changeChoices(NO_CHOICES);
    onBooked(definite(id));
  };
  return {
    target,
    targetPlace,
    choose,
    choices,
    setChoices: (change) => changeChoices((before) => ({ ...before, ...change })),
    card,
    suggestedName,
    problem,
    book,
  };
}

/** The default name of a job: "Cassette swap, 11-36 → 11-28". */
function nameOf({ kind }: JobCard, from: SetupRecord, to: SetupRecord): string {
  if (kind === 'nothing' || kind === 'chain') return t('usePlan.newChain');
  const name = kind === 'cassette' ? (setup: SetupRecord) => formatCassette(setup.cogs) : formatShorthand;
  return t('usePlan.nameOf', { kind: capital(SWAP_KIND_TEXT[kind]), from: name(from), to: name(to) }).slice(
    0,
    NAME_LENGTH_MAX,
  );
}
