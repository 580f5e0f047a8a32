import { msOf, GRAVITY_MS2, powerForSpeed, type Resistance } from '../../core/ride';
import { allDigits, fixed, short } from '../../ui/format';
import type { Explanation } from './explanation';
import { t } from './text';

/** How a steady speed on a slope comes about. */
export function explainRoadLoad(
  speedKmh: number,
  { gradePercent, powerW }: { readonly gradePercent: number; readonly powerW: number },
  resistance: Resistance,
): Explanation {
  const { massKg, crr, cdaM2, airDensityKgM3, efficiency } = resistance;
  const speed = msOf(speedKmh);
  const air = 0.5 * airDensityKgM3 * cdaM2 * speed ** 2;
  const legs = { ...resistance, assist: undefined };
  const neededW = powerForSpeed(speed, gradePercent / 100, legs);
  const slope = (neededW * efficiency) / speed - air;
  const motorW = resistance.assist ? neededW - powerW : 0;
  const given =
    motorW > 0
      ? t('ride.explainRoadLoad.wMotorW', { powerW: short(powerW, 0), motorW: short(motorW, 0) })
      : `${short(powerW, 0)} W`;
  return {
    title: t('ride.explainRoadLoad.title', { speedKmh: fixed(speedKmh, 1), gradePercent: short(gradePercent, 1) }),
    formula: t('ride.explainRoadLoad.formula'),
    worked: [
      t('ride.explainRoadLoad.worked.slopeAndRollingKgSin', {
        massKg: short(massKg, 1),
        gravityms2: allDigits(GRAVITY_MS2),
        crr: allDigits(crr),
        gradePercent: short(gradePercent / 100, 4),
        slope: fixed(slope, 1),
      }),
      t('ride.explainRoadLoad.worked.airMMS', {
        airDensityKgM3: allDigits(airDensityKgM3),
        cdaM2: allDigits(cdaM2),
        speed: fixed(speed, 2),
        air: fixed(air, 2),
      }),
      `${given} × ${allDigits(efficiency)} ÷ ${fixed(slope + air, 1)} N = ${fixed(speed, 2)} m/s`,
    ],
    source: t('ride.explainRoadLoad.source'),
    note: t('ride.explainRoadLoad.note'),
  };
}
