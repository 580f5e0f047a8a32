import { within } from '../gears';
import { allDigits, short } from '../number-text';
import type { StepReading } from './steps';

/** What is thought of a reading: `impossible` is refused, `doubtful` is kept and asked about. */
export type ReadingJudgement =
  | { readonly kind: 'asExpected' | 'plausible' }
  | { readonly kind: 'doubtful' | 'impossible'; readonly message: string };

/** Spacers and cages are measured with a caliper to this, mm. */
const CALIPER_MM = 0.2;
/** A torque wrench is right to some four percent; a reading farther off was not meant, share. */
const TORQUE_SHARE = 0.1;

export function judgeReading({ what, unit, min, max, expected, usual }: StepReading, value: number): ReadingJudgement {
  const said = unit === 'links' ? `${value} links` : `${what} ${allDigits(value)} ${unit}`;
  if (!Number.isFinite(value) || !within(value, { min, max })) {
    return {
      kind: 'impossible',
      message: `${said}: it runs from ${allDigits(min)} to ${allDigits(max)} ${unit}; read it again`,
    };
  }
  if (unit === 'links') return judgeLinks(said, value, expected);
  if (expected !== undefined) {
    const allowed = unit === 'N·m' ? expected * TORQUE_SHARE : CALIPER_MM;
    if (Math.abs(value - expected) <= allowed) return { kind: 'asExpected' };
    const basis = unit === 'N·m' ? 'usual; the torque on the part wins' : 'worked out; measure again';
    return { kind: 'doubtful', message: `${said}, where ${short(expected, 2)} ${unit} are ${basis}` };
  }
  if (usual && !within(value, usual)) {
    return {
      kind: 'doubtful',
      message: `${said}: unusual, ${allDigits(usual.min)} to ${allDigits(usual.max)} ${unit} is common; measure again, or say why in the note`,
    };
  }
  return { kind: 'plausible' };
}

function judgeLinks(said: string, links: number, expected: number | undefined): ReadingJudgement {
  if (!Number.isInteger(links)) return { kind: 'impossible', message: `${said}: links are counted whole` };
  if (links % 2 !== 0) {
    return {
      kind: 'impossible',
      message: `${said}: an odd count cannot be joined, for inner and outer links alternate`,
    };
  }
  if (expected === undefined) return { kind: 'plausible' };
  if (links === expected) return { kind: 'asExpected' };
  const off = Math.abs(links - expected);
  return links < expected
    ? {
        kind: 'doubtful',
        message: `${said}, ${off} fewer than worked out: too short locks the drive in big-big. Count again before you ride`,
      }
    : { kind: 'doubtful', message: `${said}, ${off} more than worked out: look for slack in small-small` };
}
