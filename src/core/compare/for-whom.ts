import type { FilledBrief } from '../needs';
import { MM_PER_TOOTH, type FrontControl } from '../fit';
import { needAnswers, type NeedAnswer } from './advice';
import type { SizedGear } from '../gears';
import type { SetupFigures } from './figures';
import type { SameJob } from './same-job';
import { firstOf, lastOf } from '../items';

/** A fact that speaks for a setup, or against it, beside the others. */
export type SuitFact =
  | { readonly id: 'meetsAll' }
  | { readonly id: 'misses'; readonly needs: readonly NeedAnswer['id'][] }
  /** No front derailleur: one-handed, and nothing to adjust, clean or clog with mud. */
  | { readonly id: 'oneHand' }
  | { readonly id: 'bothHands'; readonly frontShifts: number }
  /** Two rings that the system shifts. */
  | { readonly id: 'systemShifts'; readonly control: Exclude<FrontControl, 'lever'> }
  | { readonly id: 'smallerSteps' | 'largerSteps'; readonly own: number; readonly other: number }
  | { readonly id: 'noGaps' }
  | { readonly id: 'gaps'; readonly count: number }
  | { readonly id: 'widerRange' | 'narrowerRange'; readonly own: number; readonly other: number }
  /** Of the largest ring, over the ground. */
  | { readonly id: 'moreClearance' | 'lessClearance'; readonly mm: number }
  | { readonly id: 'chainMayDrop' }
  | { readonly id: 'quiet' | 'noisy'; readonly ring: number; readonly cog: number }
  | { readonly id: 'lighter' | 'heavier'; readonly grams: number }
  /** Gears that A alone reaches, all of them rarely used. */
  | { readonly id: 'losesRare'; readonly gears: readonly SizedGear[] }
  /** The usual gear of A that changes most. */
  | { readonly id: 'keepsUsual' | 'changesUsual'; readonly job: SameJob }
  | { readonly id: 'nothingToBuy' }
  | { readonly id: 'costs'; readonly cost: number };

/** Who a setup suits: what speaks for it and, as plainly, against it. */
export interface Suit {
  readonly speaksFor: readonly SuitFact[];
  readonly against: readonly SuitFact[];
}

/** Steps closer than this count as equal, as a fraction: half a percent is not felt. */
const STEP_FELT = 0.005;
/** Ranges closer than this are alike, as a quotient. */
const RANGE_FELT = 1.05;
/** Rings closer than this are alike over the ground, mm: about three teeth. */
const CLEARANCE_FELT_MM = 6;
const MASS_FELT_G = 20;
/** Gears closer than this ride alike, as a quotient: about two turns of the cranks a minute. */
const USUAL_FELT = 1.025;

/**
 * @param others at least one
 * @param jobs what does the job of each gear of A, for a setup that is not A itself
 */
export function forWhom(
  own: SetupFigures,
  others: readonly SetupFigures[],
  brief: FilledBrief,
  jobs: readonly SameJob[] = [],
): Suit {
  const facts = [
    ...needFacts(own, brief),
    ...shiftFacts(own, others),
    ...stepFacts(own, others),
    ...rangeFacts(own, others),
    ...clearanceFacts(own, others),
    ...gearUseFacts(own, jobs),
    ...chainFacts(own, brief),
    ...massFacts(own, others),
    ...costFacts(own),
  ];
  return {
    speaksFor: facts.filter(({ id }) => SPEAKS_FOR.has(id)),
    against: facts.filter(({ id }) => !SPEAKS_FOR.has(id)),
  };
}

const SPEAKS_FOR: ReadonlySet<SuitFact['id']> = new Set([
  'meetsAll',
  'oneHand',
  'systemShifts',
  'smallerSteps',
  'noGaps',
  'widerRange',
  'moreClearance',
  'losesRare',
  'keepsUsual',
  'quiet',
  'lighter',
  'nothingToBuy',
]);

function needFacts(own: SetupFigures, brief: FilledBrief): SuitFact[] {
  // Steps, gaps, noise and weight are facts of their own.
  const hard: readonly NeedAnswer['id'][] = ['climb', 'lowestRatio', 'topSpeed', 'cruising'];
  const missed = needAnswers(own, brief, own).filter(
    ({ id, met, justAbout }) => hard.includes(id) && !met && !justAbout,
  );
  return missed.length === 0 ? [{ id: 'meetsAll' }] : [{ id: 'misses', needs: missed.map(({ id }) => id) }];
}

function shiftFacts(
  { report: { path }, candidate: { frontControl = 'lever' }, coverage }: SetupFigures,
  others: readonly SetupFigures[],
): SuitFact[] {
  const facts: SuitFact[] = [];
  const otherShifts = others.map((other) => other.report.path.frontShifts);
  if (path.frontShifts === 0 && otherShifts.some((shifts) => shifts > 0)) facts.push({ id: 'oneHand' });
  if (path.frontShifts > 0 && otherShifts.includes(0)) {
    facts.push(
      frontControl === 'lever'
        ? { id: 'bothHands', frontShifts: path.frontShifts }
        : { id: 'systemShifts', control: frontControl },
    );
  }
  const count = coverage.gaps.length;
  if (count > 0) facts.push({ id: 'gaps', count });
  else if (others.some((other) => other.coverage.gaps.length > 0)) facts.push({ id: 'noGaps' });
  return facts;
}

function stepFacts({ riddenStep: own }: SetupFigures, others: readonly SetupFigures[]): SuitFact[] {
  const known = others.flatMap(({ riddenStep }) => riddenStep ?? []);
  if (own === undefined || known.length === 0) return [];
  const [least, most] = [Math.min(...known), Math.max(...known)];
  if (own < most - STEP_FELT && own <= least) return [{ id: 'smallerSteps', own, other: most }];
  return own > least + STEP_FELT ? [{ id: 'largerSteps', own, other: least }] : [];
}

function rangeFacts({ report }: SetupFigures, others: readonly SetupFigures[]): SuitFact[] {
  const own = report.range.quotient;
  const quotients = others.map((other) => other.report.range.quotient);
  const [least, most] = [Math.min(...quotients), Math.max(...quotients)];
  if (own > most * RANGE_FELT) return [{ id: 'widerRange', own, other: most }];
  return own * RANGE_FELT < least ? [{ id: 'narrowerRange', own, other: least }] : [];
}

function gearUseFacts({ report }: SetupFigures, jobs: readonly SameJob[]): SuitFact[] {
  const facts: SuitFact[] = [];
  const [easiestM, hardestM] = [firstOf(report.gears).developmentM, lastOf(report.gears).developmentM];
  const lost = jobs.filter(
    ({ gear: { developmentM } }) => developmentM * USUAL_FELT < easiestM || developmentM > hardestM * USUAL_FELT,
  );
  if (lost.length > 0 && lost.every(({ use }) => use === 'rare')) {
    facts.push({ id: 'losesRare', gears: lost.map(({ gear }) => gear) });
  }
  const usual = jobs.filter(({ use }) => use === 'usual');
  if (usual.length === 0) return facts;
  const size = ({ change }: SameJob) => Math.abs(Math.log1p(change));
  const job = usual.reduce((most, one) => (size(one) > size(most) ? one : most));
  return [...facts, { id: size(job) < Math.log(USUAL_FELT) ? 'keepsUsual' : 'changesUsual', job }];
}

function clearanceFacts({ report }: SetupFigures, others: readonly SetupFigures[]): SuitFact[] {
  const largest = ({ setup }: SetupFigures['report']) => Math.max(...setup.chainrings);
  const rings = others.map((other) => largest(other.report));
  const own = largest(report);
  const above = (Math.min(...rings) - own) * MM_PER_TOOTH;
  const below = (own - Math.max(...rings)) * MM_PER_TOOTH;
  if (above >= CLEARANCE_FELT_MM) return [{ id: 'moreClearance', mm: above }];
  return below >= CLEARANCE_FELT_MM ? [{ id: 'lessClearance', mm: below }] : [];
}

function chainFacts(own: SetupFigures, brief: FilledBrief): SuitFact[] {
  const asked = needAnswers(own, { ...brief, bothers: ['droppedChain', 'noise'] }, own);
  return asked.flatMap((answer): SuitFact[] => {
    if (answer.id === 'chainSecurity') return answer.met ? [] : [{ id: 'chainMayDrop' }];
    if (answer.id !== 'quiet') return [];
    return [{ id: answer.met ? 'quiet' : 'noisy', ring: answer.ring, cog: answer.cog }];
  });
}

function massFacts({ candidate: { massG } }: SetupFigures, others: readonly SetupFigures[]): SuitFact[] {
  const masses = others.flatMap(({ candidate }) => candidate.massG ?? []);
  if (massG === undefined || masses.length === 0) return [];
  const [least, most] = [Math.min(...masses), Math.max(...masses)];
  if (massG < least - MASS_FELT_G) return [{ id: 'lighter', grams: least - massG }];
  return massG > most + MASS_FELT_G ? [{ id: 'heavier', grams: massG - most }] : [];
}

function costFacts({ candidate: { cost } }: SetupFigures): SuitFact[] {
  if (cost === undefined) return [];
  return cost === 0 ? [{ id: 'nothingToBuy' }] : [{ id: 'costs', cost }];
}
