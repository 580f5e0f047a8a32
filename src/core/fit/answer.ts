import type { CheckedFit } from './report';
import type { LimitsSchool, Trial } from './trial';
import type { Check, CheckId } from './verdict';

/** Checks that warn of a nuisance, and do not by themselves say no. */
const CAUTIONS: readonly CheckId[] = ['chainline', 'retention', 'hangerExtender', 'frontCage'];

/**
 * The whole of the checks in one word, from the best to the gravest. `open`: as far as it is known it
 * goes. `goesWithChecks`: past a published limit, worth a trial.
 */
export const FIT_KINDS = ['goes', 'open', 'goesWithChecks', 'doesNot', 'cannotWork'] as const;
export type FitKind = (typeof FIT_KINDS)[number];

/** The graver of two. */
export function graverKind(a: FitKind, b: FitKind): FitKind {
  return FIT_KINDS.indexOf(a) >= FIT_KINDS.indexOf(b) ? a : b;
}

/** Whether a bike can be ridden so, by the school that judged it. */
export const goesTogether = (kind: FitKind) => kind !== 'doesNot' && kind !== 'cannotWork';

/** What one check says of the whole, by a school on limits. */
export function kindOfCheck({ id, verdict }: Check, trial: Trial | undefined, school: LimitsSchool): FitKind {
  switch (verdict) {
    case 'cannotWork':
      return 'cannotWork';
    case 'notKnown':
      return 'open';
    case 'outside':
      if (CAUTIONS.includes(id)) return 'goes';
      return school === 'sheet' || !trial || trial.decision === 'doNot' ? 'doesNot' : 'goesWithChecks';
    case 'inside':
    case 'at':
      return 'goes';
  }
}

/** A school's answer by a set of checks. */
export interface FitAnswer {
  readonly kind: FitKind;
  /** The checks that decide it, the gravest first. */
  readonly deciding: readonly Check[];
  /** Those that wait for a datum. */
  readonly unknown: readonly Check[];
  readonly cautions: readonly Check[];
}

/** Whether it goes together: by the sheet nothing may be outside, workshop-tested what geometry does not forbid may be tried. */
export function fitAnswer({ checks, trials }: CheckedFit, school: LimitsSchool): FitAnswer {
  const ofKind = (kind: FitKind) => checks.filter((check) => kindOfCheck(check, trials[check.id], school) === kind);
  const kind = checks
    .map((check) => kindOfCheck(check, trials[check.id], school))
    .reduce(graverKind, 'goes' as FitKind);
  return {
    kind,
    deciding: goesTogether(kind)
      ? kind === 'goesWithChecks'
        ? ofKind('goesWithChecks')
        : []
      : [...ofKind('cannotWork'), ...ofKind('doesNot')],
    unknown: ofKind('open'),
    // An extender that is not there is no nuisance: the largest cog says what is wrong.
    cautions: checks.filter(
      ({ id, verdict, limit }) =>
        verdict === 'outside' && CAUTIONS.includes(id) && !(id === 'hangerExtender' && limit === 0),
    ),
  };
}
