import { totalMassKg, type Bother, type FilledBrief, type Needs } from '../../../core/brief';
import type { NeedAnswer } from '../../../core/compare';
import type { Retention } from '../../../core/fit';
import { gearName } from '../../../kit/explain/gears';
import { fixed, percentText, short, speedIn, speedText, SPEED_UNIT_TEXT } from '../../../kit/format';
import { bodyMassText, partMassText, type Units } from '../../../kit/measures';
import { ZONE_TEXT } from '../../../kit/words';

/** A need as the rider would say it. */
export function needTitle(answer: NeedAnswer, brief: FilledBrief, units: Units, needs: Needs): string {
  switch (answer.id) {
    case 'climb':
      return `${short(brief.climbingRpm, 1)} rpm on ${short(brief.steepestGradePercent, 1)} %, ${bodyMassText(units, totalMassKg(brief), 0)}, ${short(needs.climbPowerW, 0)} W${needs.walks ? ', where you will have to walk' : ''}`;
    case 'lowestRatio':
      return `an easiest ratio of ${short(answer.neededRatio, 3)} or less`;
    case 'topSpeed':
      return `${short(speedIn(units.speedUnit, brief.topSpeedKmh), 1)} ${SPEED_UNIT_TEXT[units.speedUnit]} at ${short(brief.highRpm, 1)} rpm`;
    case 'steps.climbing':
    case 'steps.between':
    case 'steps.fast':
      return `steps of ${percentText(answer.toleranceFraction)} or less, ${ZONE_TEXT[answer.zone]}`;
    case 'holes':
      return `no gaps at ${short(brief.lowRpm, 1)}–${short(brief.highRpm, 1)} rpm`;
    case 'cruising':
      return `a straight chainline at ${short(speedIn(units.speedUnit, brief.cruisingSpeedKmh), 1)} ${SPEED_UNIT_TEXT[units.speedUnit]} in your cadence range`;
    case 'frontShifting':
      return 'no front shifting';
    case 'chainSecurity':
      return 'a secure chain';
    case 'quiet':
      return 'a quiet chain at your usual speed';
    case 'weight':
      return 'lower weight than now';
    case 'limits':
      return 'within the published limits of the derailleurs';
  }
}

/** Share of the riding, percent, that a need bears on; undefined where no share of the terrain says it. */
export function needShare({ id }: NeedAnswer, brief: FilledBrief): number | undefined {
  return id === 'cruising' ? brief.flatPercent + brief.rollingPercent : undefined;
}

const ANSWERS: Readonly<Record<Bother, NeedAnswer['id']>> = {
  tooHardUphill: 'climb',
  spinsOut: 'topSpeed',
  holes: 'holes',
  frontShifting: 'frontShifting',
  droppedChain: 'chainSecurity',
  noise: 'quiet',
  weight: 'weight',
};

/** What bothers the rider today that this need would answer. */
export function botherOf({ id }: NeedAnswer, { bothers }: FilledBrief): Bother | undefined {
  return bothers.find((bother) => ANSWERS[bother] === id);
}

/** The figure that decides, and what would change the answer where it is no. */
export function needFigure(answer: NeedAnswer, units: Units): { figure: string; remedy: string } {
  const none = { remedy: '' };
  switch (answer.id) {
    case 'climb':
      return {
        figure: `${fixed(answer.climbRpm, 1)} rpm`,
        remedy: answer.met ? '' : either(answer.remedy, 'ring', 'cog'),
      };
    case 'lowestRatio':
      return { figure: fixed(answer.ratio, 3), remedy: answer.met ? '' : 'a smaller ring or a larger cog' };
    case 'topSpeed':
      return {
        figure: speedText(units.speedUnit, answer.topKmh),
        remedy: answer.met ? '' : either(answer.remedy, 'ring', 'cog'),
      };
    case 'steps.climbing':
    case 'steps.between':
    case 'steps.fast': {
      if (!answer.largest) return { figure: 'no step in this zone', ...none };
      const { from, to, speedStep } = answer.largest;
      return {
        figure: `${percentText(speedStep)} at ${gearName(from)}→${to.cog}`,
        remedy: answer.met
          ? ''
          : answer.remedy.cogT === undefined
            ? 'a closer cassette'
            : `a ${answer.remedy.cogT}T cog in between`,
      };
    }
    case 'holes': {
      if (!answer.widest) return { figure: 'no gaps', ...none };
      const { fromKmh, toKmh } = answer.widest;
      return {
        figure: `${answer.count} ${answer.count === 1 ? 'gap' : 'gaps'}, widest ${fixed(speedIn(units.speedUnit, fromKmh), 1)}–${fixed(speedIn(units.speedUnit, toKmh), 1)}`,
        remedy: `a cadence of up to ${fixed(answer.remedy.highRpm!, 0)} rpm`,
      };
    }
    case 'cruising':
      return {
        figure: `${fixed(answer.cadenceRpm, 0)} rpm in ${answer.ring}/${answer.cog}${answer.crossChained ? ', cross-chained' : ''}`,
        ...none,
      };
    case 'frontShifting':
      return {
        figure:
          answer.frontShifts === 0
            ? 'none'
            : answer.control === 'lever'
              ? `${answer.frontShifts} through the range, ${answer.doubleShifts} double ${answer.doubleShifts === 1 ? 'shift' : 'shifts'}`
              : `${answer.frontShifts} through the range, made by the system; ease off while it shifts`,
        remedy: answer.met ? '' : '1x',
      };
    case 'chainSecurity':
      return securityFigure(answer);
    case 'quiet':
      return {
        figure: `${answer.ring}/${answer.cog}, ${answer.cogsFromEnd} ${answer.cogsFromEnd === 1 ? 'cog' : 'cogs'} from the end of the cassette`,
        remedy: answer.met ? '' : 'a different chainring size',
      };
    case 'weight':
      if (answer.changeG === undefined) return { figure: 'not weighed', remedy: 'weighing both setups' };
      return {
        figure: `${partMassText(units, answer.massG!)}, ${partMassText(units, Math.abs(answer.changeG))} ${answer.changeG > 0 ? 'heavier' : 'lighter'}`,
        ...none,
      };
    case 'limits':
      return { figure: answer.message.replace(/\.$/, ''), remedy: answer.fixes[0] ?? '' };
  }
}

function securityFigure({ met, chainrings, retention }: Extract<NeedAnswer, { readonly id: 'chainSecurity' }>): {
  figure: string;
  remedy: string;
} {
  if (chainrings > 1) return { figure: 'the front derailleur guides the chain', remedy: '' };
  const held = retention?.map((one: Retention) => RETENTION_TEXT[one]).join(' and ') ?? '';
  if (met) return { figure: `held by ${held}`, remedy: '' };
  return {
    figure: held || (retention ? 'no chain retention' : 'chain retention unknown'),
    remedy: 'checking ring wear, clutch, chain guide and chainline',
  };
}

const RETENTION_TEXT: Readonly<Record<Retention, string>> = {
  narrowWide: 'a narrow-wide ring',
  clutch: 'a clutch',
  guide: 'a chain guide',
};

function either({ ringT, cogT }: { ringT: number | undefined; cogT: number | undefined }, ring: string, cog: string) {
  const ways = [ringT !== undefined && `a ${ringT}T ${ring}`, cogT !== undefined && `a ${cogT}T ${cog}`];
  const open = ways.filter((way) => way !== false);
  return open.length > 0 ? open.join(' or ') : 'a different chainring and cassette';
}
