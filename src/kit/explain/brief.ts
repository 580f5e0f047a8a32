import { EFFORT_W_PER_KG, resistanceOf, totalMassKg, type FilledBrief, type Needs } from '../../core/brief';
import { allDigits, fixed, short } from '../format';
import type { Explanation } from './explanation';
import { explainRoadLoad } from './ride';

export function explainPower(brief: FilledBrief, typed: boolean): Explanation {
  const { effort, riderMassKg, powerW } = brief;
  return {
    title: `Sustained power ${short(powerW, 0)} W`,
    formula: typed ? 'as typed' : 'power = watts for each kg of rider × rider',
    worked: typed
      ? [`${short(powerW, 1)} W`]
      : [`${effort}: ${allDigits(EFFORT_W_PER_KG[effort])} W/kg × ${short(riderMassKg, 1)} kg = ${short(powerW, 0)} W`],
    source: 'What a fit amateur holds for an hour, by effort. A power meter, or a timed climb, tells yours.',
  };
}

export function explainClimbSpeed(brief: FilledBrief, { climbSpeedKmh }: Needs): Explanation {
  const { steepestGradePercent, powerW, riderMassKg, bikeMassKg, loadMassKg } = brief;
  const load = explainRoadLoad(climbSpeedKmh, { gradePercent: steepestGradePercent, powerW }, resistanceOf(brief));
  const parts = [riderMassKg, bikeMassKg, loadMassKg].map((mass) => short(mass, 1)).join(' + ');
  return { ...load, worked: [`all-up: ${parts} = ${short(totalMassKg(brief), 1)} kg`, ...load.worked] };
}

export function explainEasiestNeed(brief: FilledBrief, { climbSpeedKmh, easiestMaxM }: Needs): Explanation {
  return {
    title: `Easiest gear wanted: ${fixed(easiestMaxM, 2)} m or less`,
    formula: 'development = speed on the steepest climb ÷ lowest accepted cadence',
    worked: [
      `${fixed(climbSpeedKmh, 2)} km/h × 1000 ÷ (${short(brief.climbingRpm, 1)} rpm × 60) = ${fixed(easiestMaxM, 3)} m`,
    ],
    source: 'The speed is worked out by road load: see the figure beside it.',
  };
}

export function explainHardestNeed(brief: FilledBrief, { hardestMinM }: Needs): Explanation {
  return {
    title: `Hardest gear wanted: ${fixed(hardestMinM, 2)} m or more`,
    formula: 'development = wanted top speed ÷ highest comfortable cadence',
    worked: [
      `${short(brief.topSpeedKmh, 1)} km/h × 1000 ÷ (${short(brief.highRpm, 1)} rpm × 60) = ${fixed(hardestMinM, 3)} m`,
    ],
    source: 'Definition of development.',
  };
}
