import { assumedIn, type FilledBrief } from '../../core/needs';
import {
  DRAG_SPREAD,
  isToleranceAssumed,
  stepTolerance,
  type DifferenceRow,
  type Judgement,
  type RowId,
  type SetupFigures,
} from '../../core/compare';
import type { Zone } from '../../core/gears';
import { fixed, percentText, short } from '../../ui/format';
import { SPEED_UNIT_TEXT, speedIn, speedText } from '../../features/units/speed';
import { moneyText, partMassText, sizedGearText, type Units } from '../../features/units/measures';
import { ZONE_TEXT } from '../../features/rider/words';
import { listed } from '../../messages/job';
import { t } from './text';
import { firstOf, lastOf } from '../../core/items';

/** Titles of the rows, in their order. */
export function rowTitle(id: RowId, brief: FilledBrief, units: Units): string {
  switch (id) {
    case 'easiest':
      return t('differenceWords.rowTitle.easiest');
    case 'hardest':
      return t('differenceWords.rowTitle.hardest');
    case 'range':
      return t('differenceWords.rowTitle.range');
    case 'topSpeed':
      return t('differenceWords.rowTitle.topSpeed', { highRpm: short(brief.highRpm, 1) });
    case 'spinOut':
      return t('differenceWords.rowTitle.spinOut', { spinOutRpm: short(brief.spinOutRpm, 1) });
    case 'lowestSteady':
      return t('differenceWords.rowTitle.lowestSteady', { lowRpm: short(brief.lowRpm, 1) });
    case 'gaps':
      return t('differenceWords.rowTitle.gaps', { lowRpm: short(brief.lowRpm, 1), highRpm: short(brief.highRpm, 1) });
    case 'distinct':
      return t('differenceWords.rowTitle.distinct');
    case 'pathGears':
      return t('differenceWords.rowTitle.pathGears');
    case 'frontShifts':
      return t('differenceWords.rowTitle.frontShifts');
    case 'hubShifts':
      return t('differenceWords.rowTitle.hubShifts');
    case 'doubleShifts':
      return t('differenceWords.rowTitle.doubleShifts');
    case 'rearClicks':
      return t('differenceWords.rowTitle.rearClicks');
    case 'leverPushes':
      return t('differenceWords.rowTitle.leverPushes');
    case 'capacity':
      return t('differenceWords.rowTitle.capacity');
    case 'riddenStep':
      return t('differenceWords.rowTitle.riddenStep');
    case 'loss':
      return t('differenceWords.rowTitle.loss', {
        speedUnit: short(speedIn(units.speedUnit, brief.cruisingSpeedKmh), 1),
        speedUnitText: SPEED_UNIT_TEXT[units.speedUnit],
      });
    case 'frontDrag':
      return t('differenceWords.rowTitle.frontDrag', {
        speedUnit: short(speedIn(units.speedUnit, brief.cruisingSpeedKmh), 1),
        speedUnitText: SPEED_UNIT_TEXT[units.speedUnit],
      });
    case 'mass':
      return t('differenceWords.rowTitle.mass');
    case 'cost':
      return t('differenceWords.rowTitle.cost');
    default: {
      const [kind, zone] = id.split('.') as ['largestStep' | 'meanStep', Zone];
      return t('differenceWords.rowTitle.kindStep', {
        kind: kind === 'largestStep' ? 'yes' : 'no',
        zone: ZONE_TEXT[zone],
      });
    }
  }
}

/** A row's value of one setup, as text. */
export function valueText(
  id: RowId,
  value: number | undefined,
  figures: SetupFigures,
  brief: FilledBrief,
  units: Units,
): string {
  if (value === undefined)
    return id === 'mass'
      ? t('differenceWords.valueText.notWeighed')
      : id === 'cost' || id === 'capacity'
        ? t('differenceWords.valueText.noData')
        : '–';
  switch (id) {
    case 'easiest':
      return `${fixed(firstOf(figures.report.gears).ratio, 3)} · ${sizedGearText(units, firstOf(figures.report.gears))}`;
    case 'hardest':
      return `${fixed(lastOf(figures.report.gears).ratio, 3)} · ${sizedGearText(units, lastOf(figures.report.gears))}`;
    case 'range':
      return percentText(value);
    case 'topSpeed':
    case 'spinOut':
    case 'lowestSteady':
      return speedText(units.speedUnit, value);
    case 'gaps':
    case 'distinct':
    case 'pathGears':
    case 'frontShifts':
    case 'hubShifts':
    case 'doubleShifts':
    case 'rearClicks':
    case 'leverPushes':
      return String(value);
    case 'capacity':
      return value >= 0
        ? `${value}T`
        : t('differenceWords.valueText.capacity.tOverThePublishedLimit', { value: fixed(value, 0) });
    case 'loss': {
      const { lowFraction, highFraction } = figures.loss;
      const watts = (fraction: number) => fixed(fraction * brief.powerW, 1);
      return `${percentText(value)}, ${watts(value)} W (${watts(lowFraction)}–${watts(highFraction)})`;
    }
    case 'frontDrag':
      return value === 0
        ? t('differenceWords.valueText.frontDrag.none')
        : `${fixed(value, 2)} W (${fixed(value * (1 - DRAG_SPREAD), 2)}–${fixed(value * (1 + DRAG_SPREAD), 2)})`;
    case 'mass':
      return t('differenceWords.valueText.mass', {
        isMassEstimate: figures.candidate.isMassEstimate ? 'yes' : 'no',
        value: partMassText(units, value),
      });
    case 'cost':
      return moneyText(units, value);
    default:
      return percentText(value);
  }
}

export const JUDGEMENT_SIGN: Readonly<Record<Judgement, string>> = {
  better: '▲',
  worse: '▼',
  same: '=',
  enough: '·',
  withinSpread: '≈',
  notKnown: '?',
};

/** The difference as text, for these needs. */
export function differenceWords(
  { id, own, base, change, judgement }: DifferenceRow,
  brief: FilledBrief,
  units: Units,
): string {
  if (judgement === 'same') return t('differenceWords.theSame');
  if (judgement === 'withinSpread') return t('differenceWords.noDifferenceWithinTheUncertainty');
  if (judgement === 'notKnown' || own === undefined || base === undefined) return t('differenceWords.noData');
  const share = change === undefined ? '' : percentText(Math.abs(change));
  const more = own > base;
  const enough = judgement === 'enough';
  switch (id) {
    case 'easiest':
      return t('differenceWords.easiest', { share, more: more ? 'yes' : 'no', enough: enough ? 'yes' : 'no' });
    case 'hardest':
      return t('differenceWords.hardest', { share, more: more ? 'yes' : 'no', enough: enough ? 'yes' : 'no' });
    case 'range':
      return more ? t('differenceWords.range.wider') : t('differenceWords.range.narrower');
    case 'topSpeed':
    case 'spinOut':
      return t('differenceWords.spinOut', { share, more: more ? 'yes' : 'no', enough: enough ? 'yes' : 'no' });
    case 'lowestSteady':
      return t('differenceWords.lowestSteady', { share, more: more ? 'yes' : 'no', enough: enough ? 'yes' : 'no' });
    case 'capacity':
      return enough
        ? t('differenceWords.capacity.enough')
        : more
          ? t('differenceWords.capacity.moreToSpare')
          : t('differenceWords.capacity.lessToSpare');
    case 'mass':
      return t('differenceWords.mass', { own: partMassText(units, Math.abs(own - base)), more: more ? 'yes' : 'no' });
    case 'loss':
      return t('differenceWords.loss', {
        own: fixed(Math.abs(own - base) * brief.powerW, 1),
        more: more ? 'yes' : 'no',
      });
    case 'frontDrag':
      return t('differenceWords.frontDrag', { own: fixed(Math.abs(own - base), 2), more: more ? 'yes' : 'no' });
    case 'cost':
      return t('differenceWords.cost', { own: moneyText(units, Math.abs(own - base)), more: more ? 'yes' : 'no' });
    case 'riddenStep':
      return more ? t('differenceWords.riddenStep.larger') : t('differenceWords.riddenStep.smaller');
    case 'gaps':
    case 'distinct':
    case 'pathGears':
    case 'frontShifts':
    case 'hubShifts':
    case 'doubleShifts':
    case 'rearClicks':
    case 'leverPushes':
      return t('differenceWords.leverPushes', { own: Math.abs(own - base), more: more ? 'yes' : 'no' });
    default: {
      const zone = id.split('.')[1] as Zone;
      const limit = stepTolerance(brief, zone);
      const side =
        own > limit
          ? t('differenceWords.aboveBrief', {
              brief: isToleranceAssumed(brief, zone) ? 'yes' : 'no',
              limit: percentText(limit),
            })
          : '';
      return t('differenceWords.more', { more: more ? 'yes' : 'no', side });
    }
  }
}

/** What a candidate gains and loses against the one fitted now, in one sentence. */
export function verdictSentence(
  letter: string,
  rows: readonly DifferenceRow[],
  brief: FilledBrief,
  units: Units,
): string {
  const phrase = (wanted: Judgement) => {
    const own = rows.filter(({ judgement }) => judgement === wanted);
    return [...own.flatMap((row) => rowPhrase(row, brief, units) ?? []), ...stepPhrase(own)];
  };
  const gains = phrase('better');
  const losses = phrase('worse');
  if (gains.length === 0 && losses.length === 0)
    return t('differenceWords.verdictSentence.isNoBetterOrWorse', { letter });
  if (losses.length === 0)
    return t('differenceWords.verdictSentence.withNoDownsidesForYour', { letter, gains: listed(gains) });
  if (gains.length === 0)
    return t('differenceWords.verdictSentence.withNoBenefitForYour', { letter, losses: listed(losses) });
  return t('differenceWords.verdictSentence.but', { letter, gains: listed(gains), losses: listed(losses) });
}

/** A gain or loss as part of a sentence; undefined for redundant rows. */
function rowPhrase(row: DifferenceRow, brief: FilledBrief, units: Units): string | undefined {
  const { id, own = 0, base = 0, change = 0 } = row;
  const share = percentText(Math.abs(change));
  const cadences =
    assumedIn(brief, 'gaps').length > 0
      ? t('differenceWords.rowPhrase.theAssumedCadenceRange')
      : t('differenceWords.rowPhrase.yourCadenceRange');
  switch (id) {
    case 'easiest':
      return t('differenceWords.rowPhrase.easiest', { share, own: own > base ? 'yes' : 'no' });
    case 'topSpeed':
      return t('differenceWords.rowPhrase.topSpeed', {
        share,
        own: own > base ? 'yes' : 'no',
        highRpm: short(brief.highRpm, 1),
      });
    case 'gaps':
      return own === 0
        ? t('differenceWords.rowPhrase.gaps.leavesNoGapsIn', { cadences })
        : t('differenceWords.rowPhrase.gaps.leavesOwn1InInsteadOf', { own, cadences, base });
    case 'frontShifts':
      return own === 0
        ? t('differenceWords.rowPhrase.frontShifts.doesAwayWithFrontShifting')
        : t('differenceWords.rowPhrase.frontShifts.needsFrontOwn1', { own });
    case 'capacity':
      return own < 0
        ? t('differenceWords.rowPhrase.capacity.exceedsTheDerailleurSPublished', { own: -own })
        : t('differenceWords.rowPhrase.capacity.isWithinTheDerailleurS');
    case 'mass':
      return t('differenceWords.rowPhrase.mass', {
        own: own < base ? 'yes' : 'no',
        own2: partMassText(units, Math.abs(own - base)),
      });
    default:
      return undefined;
  }
}

/** The largest steps of all zones in one phrase. */
function stepPhrase(rows: readonly DifferenceRow[]): string[] {
  const steps = rows.flatMap(({ id, own, base }) => {
    const [kind, zone] = id.split('.');
    return kind === 'largestStep' && own !== undefined && base !== undefined ? [{ zone: zone as Zone, own, base }] : [];
  });
  if (steps.length === 0) return [];
  const sizes = steps.map(({ zone, own }) => `${percentText(own)} ${ZONE_TEXT[zone]}`);
  return [
    t('differenceWords.stepPhrase.hasOwnSteps', {
      own: firstOf(steps).own > firstOf(steps).base ? 'yes' : 'no',
      sizes: sizes.join(', '),
    }),
  ];
}
