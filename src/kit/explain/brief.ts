import {
  BALANCE_KMH,
  EFFORT_W_PER_KG,
  resistanceOf,
  staminaOf,
  totalMassKg,
  type FilledBrief,
  type Needs,
} from '../../core/brief';
import { SHORTEST_EFFORT_S, criticalPowerW } from '../../core/ride';
import { allDigits, fixed, short } from '../format';
import type { Explanation } from './explanation';
import { bodyMassText, gearSizeText, gearSizeUnit, type Units } from '../measures';
import { explainRoadLoad } from './ride';

export function explainPower(brief: FilledBrief, { climbPowerW, climbMinutes }: Needs, typed: boolean): Explanation {
  const { effort, riderMassKg, powerW, anaerobicJPerKg } = brief;
  const { anaerobicJ } = staminaOf(brief);
  const hour = typed
    ? `for an hour: ${short(powerW, 1)} W, as typed`
    : `for an hour, ${effort}: ${allDigits(EFFORT_W_PER_KG[effort])} W/kg × ${short(riderMassKg, 1)} kg = ${short(powerW, 0)} W`;
  const critical = criticalPowerW(staminaOf(brief));
  const seconds = climbMinutes * 60;
  const counted = Math.max(SHORTEST_EFFORT_S, seconds);
  return {
    title: `Power on the climb ${short(climbPowerW, 0)} W`,
    formula:
      'power = critical power + work above it ÷ time; critical power = power for an hour − work above it ÷ 3600 s',
    worked: [
      hour,
      `work above it: ${short(anaerobicJPerKg, 0)} J/kg × ${short(riderMassKg, 1)} kg = ${short(anaerobicJ, 0)} J`,
      `critical power: ${short(powerW, 1)} − ${short(anaerobicJ, 0)} ÷ 3600 = ${fixed(critical, 1)} W`,
      `${fixed(critical, 1)} + ${short(anaerobicJ, 0)} ÷ ${fixed(counted, 0)} s = ${fixed(climbPowerW, 1)} W`,
    ],
    source:
      'Monod and Scherrer, Ergonomics 8 (1965); for no less than two minutes. A power meter, or a timed climb, tells yours.',
  };
}

/** Explains the speed on the steepest climb; the working is in SI units, with the rider's own pounds led over first. */
export function explainClimbSpeed(
  brief: FilledBrief,
  { climbSpeedKmh, climbPowerW }: Needs,
  units: Units,
): Explanation {
  const { steepestGradePercent: gradePercent, riderMassKg, bikeMassKg, loadMassKg } = brief;
  const load = explainRoadLoad(climbSpeedKmh, { gradePercent, powerW: climbPowerW }, resistanceOf(brief));
  const parts = [riderMassKg, bikeMassKg, loadMassKg].map((mass) => short(mass, 1)).join(' + ');
  const kg = totalMassKg(brief);
  const inPounds = units.massUnit === 'imperial' ? [`${short(kg, 1)} kg = ${bodyMassText(units, kg)}`] : [];
  return { ...load, worked: [`all-up: ${parts} = ${short(kg, 1)} kg`, ...inPounds, ...load.worked] };
}

/** A development led over to the size that this person reads gears in; none where that is the development. */
const inGearSize = (units: Units, developmentM: number) =>
  units.gearSize.kind === 'development'
    ? []
    : [
        `${fixed(developmentM, 3)} m × ${fixed(units.gearSize.perMetre, 3)} ${gearSizeUnit(units)} a metre = ${gearSizeText(units, developmentM)}`,
      ];

export function explainEasiestNeed(
  brief: FilledBrief,
  { climbSpeedKmh, easiestMaxM, walks }: Needs,
  units: Units,
): Explanation {
  const speedKmh = walks ? BALANCE_KMH : climbSpeedKmh;
  return {
    title: `Easiest gear wanted: ${gearSizeText(units, easiestMaxM)} or less`,
    formula: 'development = speed on the steepest climb ÷ lowest accepted cadence',
    worked: [
      ...(walks
        ? [`${fixed(climbSpeedKmh, 2)} km/h is too slow to stay upright: worked out at ${fixed(BALANCE_KMH, 1)} km/h`]
        : []),
      `${fixed(speedKmh, 2)} km/h × 1000 ÷ (${short(brief.climbingRpm, 1)} rpm × 60) = ${fixed(easiestMaxM, 3)} m`,
      ...inGearSize(units, easiestMaxM),
    ],
    source: 'The speed is worked out by road load: see the figure beside it.',
  };
}

export function explainHardestNeed(brief: FilledBrief, { hardestMinM }: Needs, units: Units): Explanation {
  return {
    title: `Hardest gear wanted: ${gearSizeText(units, hardestMinM)} or more`,
    formula: 'development = wanted top speed ÷ highest comfortable cadence',
    worked: [
      `${short(brief.topSpeedKmh, 1)} km/h × 1000 ÷ (${short(brief.highRpm, 1)} rpm × 60) = ${fixed(hardestMinM, 3)} m`,
      ...inGearSize(units, hardestMinM),
    ],
    source: 'Definition of development.',
  };
}
