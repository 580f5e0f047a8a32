import {
  BALANCE_KMH,
  EFFORT_W_PER_KG,
  resistanceOf,
  staminaOf,
  totalMassKg,
  type FilledBrief,
  type Needs,
} from '../../core/needs';
import { SHORTEST_EFFORT_S, criticalPowerW } from '../../core/ride';
import { allDigits, fixed, short } from '../../ui/format';
import type { Explanation } from './explanation';
import { bodyMassText, gearSizeText, gearSizeUnit, type Units } from '../units/measures';
import { explainRoadLoad } from './ride';
import { t } from './text';

export function explainPower(brief: FilledBrief, { climbPowerW, climbMinutes }: Needs, typed: boolean): Explanation {
  const { effort, riderMassKg, powerW, anaerobicJPerKg } = brief;
  const { anaerobicJ } = staminaOf(brief);
  const hour = typed
    ? t('brief.explainPower.forAnHourWAs', { powerW: short(powerW, 1) })
    : t('brief.explainPower.forAnHourWKg', {
        effort,
        effort2: allDigits(EFFORT_W_PER_KG[effort]),
        riderMassKg: short(riderMassKg, 1),
        powerW: short(powerW, 0),
      });
  const critical = criticalPowerW(staminaOf(brief));
  const seconds = climbMinutes * 60;
  const counted = Math.max(SHORTEST_EFFORT_S, seconds);
  return {
    title: t('brief.explainPower.title', { climbPowerW: short(climbPowerW, 0) }),
    formula: t('brief.explainPower.formula'),
    worked: [
      hour,
      t('brief.explainPower.worked.workAboveItJKg', {
        anaerobicJPerKg: short(anaerobicJPerKg, 0),
        riderMassKg: short(riderMassKg, 1),
        anaerobicJ: short(anaerobicJ, 0),
      }),
      t('brief.explainPower.worked.criticalPower3600W', {
        powerW: short(powerW, 1),
        anaerobicJ: short(anaerobicJ, 0),
        critical: fixed(critical, 1),
      }),
      `${fixed(critical, 1)} + ${short(anaerobicJ, 0)} ÷ ${fixed(counted, 0)} s = ${fixed(climbPowerW, 1)} W`,
    ],
    source: t('brief.explainPower.source'),
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
  return {
    ...load,
    worked: [t('brief.explainClimbSpeed.worked.allUpKg', { parts, kg: short(kg, 1) }), ...inPounds, ...load.worked],
  };
}

/** A development led over to the size that this person reads gears in; none where that is the development. */
const inGearSize = (units: Units, developmentM: number) =>
  units.gearSize.kind === 'development'
    ? []
    : [
        t('brief.inGearSize.mAMetre', {
          developmentM: fixed(developmentM, 3),
          perMetre: fixed(units.gearSize.perMetre, 3),
          gearSizeUnit: gearSizeUnit(units),
          developmentM2: gearSizeText(units, developmentM),
        }),
      ];

export function explainEasiestNeed(
  brief: FilledBrief,
  { climbSpeedKmh, easiestMaxM, walks }: Needs,
  units: Units,
): Explanation {
  const speedKmh = walks ? BALANCE_KMH : climbSpeedKmh;
  return {
    title: t('brief.explainEasiestNeed.title', { easiestMaxM: gearSizeText(units, easiestMaxM) }),
    formula: t('brief.explainEasiestNeed.formula'),
    worked: [
      ...(walks
        ? [
            t('brief.explainEasiestNeed.worked.kmHIsTooSlow', {
              climbSpeedKmh: fixed(climbSpeedKmh, 2),
              balancekmh: fixed(BALANCE_KMH, 1),
            }),
          ]
        : []),
      `${fixed(speedKmh, 2)} km/h × 1000 ÷ (${short(brief.climbingRpm, 1)} rpm × 60) = ${fixed(easiestMaxM, 3)} m`,
      ...inGearSize(units, easiestMaxM),
    ],
    source: t('brief.explainEasiestNeed.source'),
  };
}

export function explainHardestNeed(brief: FilledBrief, { hardestMinM }: Needs, units: Units): Explanation {
  return {
    title: t('brief.explainHardestNeed.title', { hardestMinM: gearSizeText(units, hardestMinM) }),
    formula: t('brief.explainHardestNeed.formula'),
    worked: [
      `${short(brief.topSpeedKmh, 1)} km/h × 1000 ÷ (${short(brief.highRpm, 1)} rpm × 60) = ${fixed(hardestMinM, 3)} m`,
      ...inGearSize(units, hardestMinM),
    ],
    source: t('brief.explainHardestNeed.source'),
  };
}
