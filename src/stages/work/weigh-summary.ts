import { compareWeighings, type PartWeighing } from '../../core/swap';
import { fixed, short } from '../../kit/format';
import { WORDS } from './words/text';

/** What some parts weigh on one pan; `unknownG` for each that nobody has weighed. */
export function togetherG(items: readonly { readonly massG: number | undefined }[], unknownG: number): number {
  return items.reduce((sum, { massG }) => sum + (massG ?? unknownG), 0);
}

interface SideSummary {
  readonly agrees: boolean;
  readonly text: string;
}

export interface WeighingSummary {
  readonly off: SideSummary | undefined;
  readonly on: SideSummary | undefined;
  /** On − off, g; undefined until both sides were weighed. */
  readonly changeG: number | undefined;
  /** What rounding leaves open, g. */
  readonly doubtG: number;
}

/** What the readings of a job say: by parts and together, and what becomes of the bike. */
export function weighingSummary(weighings: readonly PartWeighing[]): WeighingSummary {
  const side = (which: PartWeighing['side']) => {
    const own = weighings.filter((one) => one.side === which);
    return { single: own.filter(({ together }) => !together), together: own.filter(({ together }) => together) };
  };
  const [off, on] = [side('off'), side('on')];
  const best = ({ single, together }: ReturnType<typeof side>) => (together.length > 0 ? together : single);
  const both = best(off).length > 0 && best(on).length > 0;
  const change = compareWeighings(best(on), best(off));
  return {
    off: summaryOf(off),
    on: summaryOf(on),
    changeG: both ? change.differenceG : undefined,
    doubtG: change.allowedG,
  };
}

function summaryOf({
  single,
  together,
}: {
  readonly single: readonly PartWeighing[];
  readonly together: readonly PartWeighing[];
}): SideSummary | undefined {
  if (single.length === 0 || together.length === 0) return undefined;
  const { differenceG, allowedG, agrees } = compareWeighings(single, together);
  const apart = `${fixed(Math.abs(differenceG), 1)} g`;
  return {
    agrees,
    text: agrees
      ? WORDS.weighSummary.partsAndSumAgreeApart(apart, short(allowedG, 2))
      : WORDS.weighSummary.partsAndSumDisagreeBy(apart, short(allowedG, 2)),
  };
}
