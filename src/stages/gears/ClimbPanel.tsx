'use client';

import { BRIEF_BOUNDS } from '../../core/brief';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { gearName } from '../../kit/explain/gears';
import { explainRoadLoad } from '../../kit/explain/ride';
import { Explained } from '../../kit/explain/Slip';
import { NumberField } from '../../kit/fields/NumberField';
import { fixed, short, speedText } from '../../kit/format';
import { useClimb, type ClimbTyped } from './useClimb';
import type { Gears } from './useGears';
import styles from './Gears.module.css';

const FIELDS: readonly {
  readonly field: keyof ClimbTyped;
  readonly label: string;
  readonly term: string;
  readonly unit: string;
  readonly bounds: { readonly min: number; readonly max: number };
}[] = [
  { field: 'gradePercent', label: 'Grade', term: 'grade', unit: '%', bounds: BRIEF_BOUNDS.steepestGradePercent },
  { field: 'powerW', label: 'Power', term: 'power', unit: 'W', bounds: BRIEF_BOUNDS.powerW },
  { field: 'massKg', label: 'All-up', term: 'all-up mass', unit: 'kg', bounds: { min: 25, max: 500 } },
  { field: 'wantedRpm', label: 'Wanted', term: 'wanted cadence', unit: 'rpm', bounds: BRIEF_BOUNDS.climbingRpm },
];

/** A climb: how fast, in which gear, at what cadence, and which gear would be wanted. */
export function ClimbPanel({ gears }: { gears: Gears }) {
  const { preferences } = useReadyBench();
  const { typed, type, used, result, resistance, easiest, easiestRpm, enough, remedy } = useClimb(gears);
  return (
    <section className={styles.panel} aria-label="On a climb">
      <div className={styles.panelHead}>
        <h2>On a climb</h2>
      </div>
      <div className={styles.sheetFields}>
        {FIELDS.map(({ field, ...rest }) => (
          <NumberField
            key={field}
            {...rest}
            id={`climb-${field}`}
            owner="climb"
            optional
            width={88}
            placeholder={short(used[field], 1)}
            value={typed[field]}
            onCommit={(value) => type({ [field]: value })}
          />
        ))}
      </div>
      <p className={styles.climbWords} data-testid="climb-words">
        <Explained className={styles.value} explain={() => explainRoadLoad(result.speedKmh, used, resistance)}>
          {speedText(preferences.speedUnit, result.speedKmh)}
        </Explained>
        <span>
          in <b>{gearName(result.best.gear)}</b> at <b>{fixed(result.best.cadenceRpm, 1)} rpm</b>
        </span>
      </p>
      <p className={styles.stepSummary}>
        {short(used.wantedRpm, 1)} rpm there asks for <b>{fixed(result.wantedDevelopmentM, 2)} m</b>; the easiest gear,{' '}
        {gearName(easiest)}, is {fixed(easiest.developmentM, 2)} m{' '}
        {enough
          ? `and gives ${fixed(easiestRpm, 1)} rpm: easy enough.`
          : `and gives only ${fixed(easiestRpm, 1)} rpm. With the ${easiest.cog} cog a ${remedy.ringAtMostT}T ring would do; with the ${easiest.chainring} ring a ${remedy.cogAtLeastT}T cog.`}
      </p>
    </section>
  );
}
