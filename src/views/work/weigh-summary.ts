import { compareWeighings, type CardItem, type JobCard, type PartWeighing, type Weighing } from '../../core/job';
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
  /** `incomplete`: not all parts have been weighed one by one, so that there is nothing to compare. */
  readonly kind: 'agree' | 'disagree' | 'incomplete';
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

/** What a rear wheel carries: its weight before and after tells of nothing else. */
const ON_WHEEL: readonly CardItem['what'][] = ['cassette', 'freehub', 'spacer'];

/**
 * Summarises the weighings of a job: by parts, all together, and by the whole bike before and after.
 * @param moved what comes off and goes on
 */
export function weighingSummary(
  weighings: readonly PartWeighing[],
  moved: Pick<JobCard, 'off' | 'on'>,
  units: Units,
): WeighingSummary {
  const isWhole = ({ what }: PartWeighing) => what === BIKE || what === WHEEL;
  const side = (which: PartWeighing['side']): WeighedSide => {
    const own = weighings.filter((one) => one.side === which && !isWhole(one));
    return {
      parts: moved[which].length,
      single: own.filter(({ together, what }) => !together && moved[which].some(({ key }) => key === what)),
      together: own.filter(({ together }) => together),
    };
  };
  const whole = (which: PartWeighing['side'], what: string) =>
    weighings.filter((one) => one.side === which && one.what === what);
  const [off, on] = [side('off'), side('on')];
  const wholes = [BIKE, WHEEL].find((what) => whole('off', what).length > 0 && whole('on', what).length > 0);
  const byParts = changeBy(wholeSide(off), wholeSide(on));
  const byBike = wholes === undefined ? undefined : changeBy(whole('off', wholes), whole('on', wholes));
  const isOfWheel = [...moved.off, ...moved.on].every(({ what }) => ON_WHEEL.includes(what));
  return {
    off: agreement(off, units),
    on: agreement(on, units),
    byParts,
    byBike,
    bike: wholes === BIKE || isOfWheel ? bikeAgreement(byParts, byBike, units) : undefined,
  };
}

const apartText = (units: Units, grams: number) => partMassText(units, Math.abs(grams), 1);

/** What was weighed of the parts of a side. */
interface WeighedSide {
  /** How many there are. */
  readonly parts: number;
  readonly single: readonly PartWeighing[];
  readonly together: readonly PartWeighing[];
}

/** The readings that weigh all of a side, together or one by one; undefined where parts are missing. */
function wholeSide({ parts, single, together }: WeighedSide): readonly Weighing[] | undefined {
  if (together.length > 0) return together;
  return single.length === parts ? single : undefined;
}

function changeBy(off: readonly Weighing[] | undefined, on: readonly Weighing[] | undefined): Change | undefined {
  if (!off || !on || off.length + on.length === 0) return undefined;
  const { differenceG, allowedG } = compareWeighings(on, off);
  return { grams: differenceG, doubtG: allowedG };
}

function agreement({ parts, single, together }: WeighedSide, units: Units): Agreement | undefined {
  if (single.length === 0 || together.length === 0) return undefined;
  if (single.length < parts) {
    return { kind: 'incomplete', text: t('weighSummary.incomplete', { weighed: single.length, parts }) };
  }
  const { differenceG, allowedG, agrees, finer } = compareWeighings(single, together);
  const believe = { first: t('weighSummary.believeSingle'), second: t('weighSummary.believeTogether') };
  return {
    kind: agrees ? 'agree' : 'disagree',
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
      kind: 'agree',
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
    kind: 'disagree',
    text: t('weighSummary.bikeDisagrees', {
      apart: apartText(units, apartG),
      allowed: partMassText(units, allowedG, 2),
      believe,
    }),
  };
}
