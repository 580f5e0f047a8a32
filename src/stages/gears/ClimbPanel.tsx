'use client';

import { BRIEF_BOUNDS } from '../../core/brief';
import { gearSizeText, shownIn, sizedGearText } from '../../kit/measures';
import { useUnits } from '../../kit/bench/useUnits';
import { MeasureField } from '../../kit/fields/MeasureField';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { gearName } from '../../kit/explain/gears';
import { explainRoadLoad } from '../../kit/explain/ride';
import { Explained } from '../../kit/explain/Explained';
import { NumberField } from '../../kit/fields/NumberField';
import { fixed, short, speedText } from '../../kit/format';
import { useClimb, type ClimbTyped } from './useClimb';
import type { Gears } from './useGears';
import { Panel, PanelHead } from '../../kit/sheet/Panel';
import styles from './Gears.module.css';
import { WORDS } from './words/text';

const FIELDS: readonly {
  readonly field: keyof ClimbTyped;
  readonly label: string;
  readonly term: string;
  readonly unit: string;
  readonly bounds: { readonly min: number; readonly max: number };
}[] = [
  {
    field: 'gradePercent',
    label: WORDS.climbPanel.grade,
    term: 'grade',
    unit: '%',
    bounds: BRIEF_BOUNDS.steepestGradePercent,
  },
  { field: 'powerW', label: WORDS.climbPanel.power, term: 'power', unit: 'W', bounds: BRIEF_BOUNDS.powerW },
  {
    field: 'massKg',
    label: WORDS.climbPanel.allUp,
    term: WORDS.climbPanel.allUpMass,
    unit: 'kg',
    bounds: { min: 25, max: 500 },
  },
  {
    field: 'wantedRpm',
    label: WORDS.climbPanel.wanted,
    term: WORDS.climbPanel.wantedCadence,
    unit: WORDS.climbPanel.rpm,
    bounds: BRIEF_BOUNDS.climbingRpm,
  },
];

/** A climb: how fast, in which gear, at what cadence, and which gear would be wanted. */
export function ClimbPanel({ gears }: { gears: Gears }) {
  const { preferences } = useReadyBench();
  const units = useUnits();
  const { typed, type, used, result, resistance, easiest, easiestRpm, enough, remedy } = useClimb(gears);
  return (
    <Panel aria-label={WORDS.climbPanel.onAClimb}>
      <PanelHead>
        <h2>{WORDS.climbPanel.onAClimb}</h2>
      </PanelHead>
      <div className={styles.sheetFields}>
        {FIELDS.map(({ field, unit, ...rest }) => {
          const common = {
            ...rest,
            id: `climb-${field}`,
            owner: 'climb',
            width: 88,
            value: typed[field],
            onCommit: (value: number | undefined) => type({ [field]: value }),
          };
          return unit === 'kg' ? (
            <MeasureField
              key={field}
              {...common}
              measure="bodyMass"
              placeholder={short(shownIn('bodyMass', units, used[field]), 1)}
            />
          ) : (
            <NumberField key={field} {...common} unit={unit} optional placeholder={short(used[field], 1)} />
          );
        })}
      </div>
      <p className={styles.climbWords} data-testid="climb-words">
        <Explained className={styles.value} explain={() => explainRoadLoad(result.speedKmh, used, resistance)}>
          {speedText(preferences.speedUnit, result.speedKmh)}
        </Explained>
        <span>
          {WORDS.climbPanel.in} <b>{gearName(result.best.gear)}</b> {WORDS.climbPanel.at}{' '}
          <b>{WORDS.climbPanel.cadenceRpm(fixed(result.best.cadenceRpm, 1))}</b>
        </span>
      </p>
      <p className={styles.stepSummary}>
        {WORDS.climbPanel.wantedRpmThereAsksFor(short(used.wantedRpm, 1))}{' '}
        <b>{gearSizeText(units, result.wantedDevelopmentM)}</b>
        {WORDS.climbPanel.theEasiestGearGearNameIs(
          gearName(easiest),
          sizedGearText(units, easiest),
          enough
            ? WORDS.climbPanel.andGivesEasiestRpmEasyEnough(fixed(easiestRpm, 1))
            : WORDS.climbPanel.andGivesOnlyEasiestRpmWith(
                fixed(easiestRpm, 1),
                easiest.cog,
                remedy.ringAtMostT,
                easiest.chainring,
                remedy.cogAtLeastT,
              ),
        )}
      </p>
    </Panel>
  );
}
