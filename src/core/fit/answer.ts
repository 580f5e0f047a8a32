import type { CheckedFit } from './report';
import type { LimitsSchool } from './trial';
import type { Check, CheckId } from './verdict';

/** Checks that warn of a nuisance, and do not by themselves say no. */
const CAUTIONS: readonly CheckId[] = ['chainline', 'retention', 'hangerExtender', 'frontCage'];

/** The whole of the checks in one word, by a school on limits. */
export interface FitAnswer {
  /** `goesWithChecks`: past a published limit, worth a trial. `open`: as far as it is known it goes. */
  readonly kind: 'goes' | 'goesWithChecks' | 'doesNot' | 'cannotWork' | 'open';
  /** The checks that decide it, the gravest first. */
  readonly deciding: readonly Check[];
  /** Those that wait for a datum. */
  readonly unknown: readonly Check[];
  readonly cautions: readonly Check[];
}

/** Whether it goes together: by the sheet nothing may be outside, workshop-tested what geometry does not forbid may be tried. */
export function fitAnswer({ checks, trials }: CheckedFit, school: LimitsSchool): FitAnswer {
  const unknown = checks.filter(({ verdict }) => verdict === 'notKnown');
  const outside = checks.filter(({ verdict }) => verdict === 'outside');
  // An extender that is not there is no nuisance: the largest cog says what is wrong.
  const cautions = outside.filter(
    ({ id, limit }) => CAUTIONS.includes(id) && !(id === 'hangerExtender' && limit === 0),
  );
  const passed = outside.filter(({ id }) => !CAUTIONS.includes(id));
  const common = { unknown, cautions };
  const forbidden = passed.filter(({ id }) => {
    const trial = trials[id];
    return school === 'sheet' || !trial || trial.decision === 'doNot';
  });
  const impossible = checks.filter(({ verdict }) => verdict === 'cannotWork');
  if (impossible.length > 0) return { kind: 'cannotWork', deciding: [...impossible, ...forbidden], ...common };
  if (forbidden.length > 0) return { kind: 'doesNot', deciding: forbidden, ...common };
  if (passed.length > 0) return { kind: 'goesWithChecks', deciding: passed, ...common };
  return { kind: unknown.length > 0 ? 'open' : 'goes', deciding: [], ...common };
}
