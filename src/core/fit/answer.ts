import type { CheckedFit } from './report';
import type { LimitsPolicy, Trial } from './trial';
import type { Check, CheckId } from './verdict';

/** Checks that only warn. */
const CAUTIONS: readonly CheckId[] = ['chainline', 'retention', 'hangerExtender', 'frontCage'];
/** A front cage so far from the curve of the big ring shifts badly; farther it no longer guides the chain. */
const FRONT_CAGE_NUISANCE_T = 4;

const isCaution = ({ id, margin = 0 }: Check) =>
  CAUTIONS.includes(id) && !(id === 'frontCage' && -margin > FRONT_CAGE_NUISANCE_T);

/**
 * The whole of the checks in one word, from the best to the gravest. `open`: as far as it is known it
 * goes. `goesWithChecks`: past a published limit, worth a trial.
 */
const FIT_KINDS = ['goes', 'open', 'goesWithChecks', 'doesNot', 'cannotWork'] as const;
export type FitKind = (typeof FIT_KINDS)[number];

/** The graver of two. */
export function graverKind(a: FitKind, b: FitKind): FitKind {
  return FIT_KINDS.indexOf(a) >= FIT_KINDS.indexOf(b) ? a : b;
}

/** Whether a bike can be ridden so, by the school that judged it. */
export const goesTogether = (kind: FitKind) => kind !== 'doesNot' && kind !== 'cannotWork';

/** The contribution of one check to the verdict, by an approach to limits. */
export function kindOfCheck(check: Check, trial: Trial | undefined, school: LimitsPolicy): FitKind {
  switch (check.verdict) {
    case 'cannotWork':
      return 'cannotWork';
    case 'notKnown':
      return 'open';
    case 'outside':
      if (isCaution(check)) return 'goes';
      return school === 'sheet' || !trial || trial.decision === 'doNot' ? 'doesNot' : 'goesWithChecks';
    case 'inside':
    case 'at':
      return 'goes';
  }
}

/** Checks by the importance of their data: breakage first, then poor shifting, then nuisances. */
const DECIDING_ORDER: readonly CheckId[] = [
  'largestCog',
  'totalCapacity',
  'chainLength',
  'shifterSpeeds',
  'indexing',
  'freehub',
  'smallestRing',
  'ringRoom',
  'ringDifference',
  'chainSpeeds',
  'hubRatio',
  'smallestCog',
  'largestCogMinimum',
  'freehubLength',
  'frontCage',
  'retention',
  'chainline',
  'hangerExtender',
];

/** A school's answer by a set of checks. */
export interface FitAnswer {
  readonly kind: FitKind;
  /** The checks that decide it, the gravest first. */
  readonly deciding: readonly Check[];
  /** Those that wait for a datum, the ones that decide most first. */
  readonly unknown: readonly Check[];
  /** How many checks there are, and how many have their data. */
  readonly counts: { readonly all: number; readonly known: number };
  readonly cautions: readonly Check[];
}

/** Whether it goes together: by the sheet nothing may be outside, workshop-tested what geometry does not forbid may be tried. */
export function fitAnswer({ checks, trials }: CheckedFit, school: LimitsPolicy): FitAnswer {
  const ofKind = (kind: FitKind) => checks.filter((check) => kindOfCheck(check, trials[check.id], school) === kind);
  const kind = checks.map((check) => kindOfCheck(check, trials[check.id], school)).reduce<FitKind>(graverKind, 'goes');
  return {
    kind,
    deciding: goesTogether(kind)
      ? kind === 'goesWithChecks'
        ? ofKind('goesWithChecks')
        : []
      : [...ofKind('cannotWork'), ...ofKind('doesNot')],
    unknown: [...ofKind('open')].sort((a, b) => DECIDING_ORDER.indexOf(a.id) - DECIDING_ORDER.indexOf(b.id)),
    counts: { all: checks.length, known: checks.filter(({ verdict }) => verdict !== 'notKnown').length },
    // A missing extender is not reported: the check of the largest cog covers it.
    cautions: checks.filter(
      (check) =>
        check.verdict === 'outside' && isCaution(check) && !(check.id === 'hangerExtender' && check.limit === 0),
    ),
  };
}
