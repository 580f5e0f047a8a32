import { elevationProfile } from '../ride';
import type { Recording } from '../recording';
import { itemAt } from '../items';

/** The road below each sample of a recording. */
export interface RiddenRoad {
  /** Smoothed, m. */
  readonly heightM: Float64Array;
  /** Rise over run, over {@link GRADE_OVER_M}. */
  readonly grade: Float64Array;
}

/** Over which a grade is taken, m: shorter than a pitch that asks for another gear, longer than a height's noise. */
const GRADE_OVER_M = 50;

/** The road of a recording whose heights are not known: what a power meter reads does not depend on it. */
export function levelRoad({ timeS }: Recording): RiddenRoad {
  return { heightM: new Float64Array(timeS.length), grade: new Float64Array(timeS.length) };
}

/** Heights and grades along a recording; undefined where it has too few heights. */
export function roadOf({ distanceM, elevationM }: Recording): RiddenRoad | undefined {
  const points = [...distanceM].map((metres, i) => {
    const height = itemAt(elevationM, i);
    return { distanceM: metres, elevationM: Number.isNaN(height) ? undefined : height };
  });
  const result = elevationProfile(points);
  if (!result.ok) return undefined;
  const { stepM, elevationM: heights } = result.profile;
  const startM = points.find(({ elevationM: height }) => height !== undefined)?.distanceM ?? 0;
  const heightAt = (metres: number) => {
    const place = Math.min(heights.length - 1, Math.max(0, (metres - startM) / stepM));
    const below = Math.min(heights.length - 2, Math.floor(place));
    return itemAt(heights, below) + (place - below) * (itemAt(heights, below + 1) - itemAt(heights, below));
  };
  return {
    heightM: distanceM.map(heightAt),
    grade: distanceM.map(
      (metres) => (heightAt(metres + GRADE_OVER_M / 2) - heightAt(metres - GRADE_OVER_M / 2)) / GRADE_OVER_M,
    ),
  };
}
