import { msOf, GRAVITY_MS2, powerForSpeed, type Resistance } from '../../core/ride';
import { allDigits, fixed, short } from '../format';
import type { Explanation } from './explanation';

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
  const given = motorW > 0 ? `(${short(powerW, 0)} W + motor ${short(motorW, 0)} W)` : `${short(powerW, 0)} W`;
  return {
    title: `${fixed(speedKmh, 1)} km/h on ${short(gradePercent, 1)} %`,
    formula: 'power × efficiency = speed × (slope and rolling + air)',
    worked: [
      `slope and rolling: ${short(massKg, 1)} kg × ${allDigits(GRAVITY_MS2)} × (sin θ + ${allDigits(crr)} cos θ), tan θ = ${short(gradePercent / 100, 4)}: ${fixed(slope, 1)} N`,
      `air: ½ × ${allDigits(airDensityKgM3)} × ${allDigits(cdaM2)} m² × (${fixed(speed, 2)} m/s)² = ${fixed(air, 2)} N`,
      `${given} × ${allDigits(efficiency)} ÷ ${fixed(slope + air, 1)} N = ${fixed(speed, 2)} m/s`,
    ],
    source:
      'Road load after Martin et al., J. Appl. Biomech. 1998, reduced: P·η = v·(m·g·(sin θ + C_rr·cos θ) + ½·ρ·CdA·v²). Still air.',
    note: 'Drag area and rolling resistance are typical values by position and surface; people differ by a fifth and more.',
  };
}
