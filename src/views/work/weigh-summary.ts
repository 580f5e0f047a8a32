import { compareWeighings, type PartWeighing, type Weighing } from '../../core/job';
import { partMassText, type Units } from '../../features/units/measures';
import { t } from './text';

/** Keys of what is weighed beside the items of a card. */
export const ALL = 'all';
export const BIKE = 'bike';
export const WHEEL = 'wheel';

/** Sums the weights of some parts; `unknownG` for each that has none. */
export function togetherG(items: readonly { readonly massG: number | undefined }[], unknownG: number): number {
  return items.reduce((sum, { massG }) => sum + (massG ?? unknownG), 0);
}

interface Agreement {
  readonly agrees: boolean;
  readonly text: string;
}

interface Change {
  /** On − off, g. */
  readonly grams: number;
  /** What the resolutions leave open, g. */
  readonly doubtG: number;
}

interface WeighingSummary {
  /** Parts one by one against all together, on each side. */
  readonly off: Agreement | undefined;
  readonly on: Agreement | undefined;
  readonly byParts: Change | undefined;
  readonly byBike: Change | undefined;
  /** Parts against the whole bike. */
  readonly bike: Agreement | undefined;
}

/** Summarises the weighings of a job: by parts, all together, and by the whole bike before and after. */
export function weighingSummary(weighings: readonly PartWeighing[], units: Units): WeighingSummary {
  const isWhole = ({ what }: PartWeighing) => what === BIKE || what === WHEEL;
  const side = (which: PartWeighing['side']) => {
    const own = weighings.filter((one) => one.side === which && !isWhole(one));
    return { single: own.filter(({ together }) => !together), together: own.filter(({ together }) => together) };
  };
  const whole = (which: PartWeighing['side'], what: string) =>
    weighings.filter((one) => one.side === which && one.what === what);
  const [off, on] = [side('off'), side('on')];
  const best = ({ single, together }: ReturnType<typeof side>) => (together.length > 0 ? together : single);
  const wholes = [BIKE, WHEEL].find((what) => whole('off', what).length > 0 && whole('on', what).length > 0);
  const byParts = changeBy(best(off), best(on));
  const byBike = wholes === undefined ? undefined : changeBy(whole('off', wholes), whole('on', wholes));
  return {
    off: agreement(off, units),
    on: agreement(on, units),
    byParts,
    byBike,
    bike: bikeAgreement(byParts, byBike, units),
  };
}

const apartText = (units: Units, grams: number) => partMassText(units, Math.abs(grams), 1);

function changeBy(off: readonly Weighing[], on: readonly Weighing[]): Change | undefined {
  if (off.length === 0 || on.length === 0) return undefined;
  const { differenceG, allowedG } = compareWeighings(on, off);
  return { grams: differenceG, doubtG: allowedG };
}

function agreement(
  sides: { readonly single: readonly PartWeighing[]; readonly together: readonly PartWeighing[] },
  units: Units,
): Agreement | undefined {
  const { single, together } = sides;
  if (single.length === 0 || together.length === 0) return undefined;
  const { differenceG, allowedG, agrees, finer } = compareWeighings(single, together);
  const believe = { first: t('weighSummary.believeSingle'), second: t('weighSummary.believeTogether') };
  return {
    agrees,
    text: agrees
      ? t('weighSummary.agree', { apart: apartText(units, differenceG), allowed: partMassText(units, allowedG, 2) })
      : t('weighSummary.disagree', {
          apart: apartText(units, differenceG),
          allowed: partMassText(units, allowedG, 2),
          believe: finer ? believe[finer] : t('weighSummary.believeNeither'),
        }),
  };
}

function bikeAgreement(parts: Change | undefined, bike: Change | undefined, units: Units): Agreement | undefined {
  if (!parts || !bike) return undefined;
  const apartG = parts.grams - bike.grams;
  const allowedG = parts.doubtG + bike.doubtG;
  const agrees = Math.abs(apartG) <= allowedG * (1 + 1e-9) + 1e-9;
  if (agrees)
    return {
      agrees,
      text: t('weighSummary.bikeAgrees', {
        apart: apartText(units, apartG),
        allowed: partMassText(units, allowedG, 2),
      }),
    };
  const believe =
    parts.doubtG === bike.doubtG
      ? t('weighSummary.believeNeither')
      : parts.doubtG < bike.doubtG
        ? t('weighSummary.believeParts')
        : t('weighSummary.believeBike');
  return {
    agrees,
    text: t('weighSummary.bikeDisagrees', {
      apart: apartText(units, apartG),
      allowed: partMassText(units, allowedG, 2),
      believe,
    }),
  };
}
