'use client';

import { BRIEF_BOUNDS } from '../../core/needs';
import { gearSizeText, shownIn, sizedGearText } from '../../features/units/measures';
import { useUnits } from '../../features/workspace/useUnits';
import { MeasureField } from '../../features/fields/MeasureField';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { gearName } from '../../features/explanations/gears';
import { explainRoadLoad } from '../../features/explanations/ride';
import { Explained } from '../../features/explain/Explained';
import { NumberField } from '../../ui/fields/NumberField';
import { fixed, short } from '../../ui/format';
import { speedText } from '../../features/units/speed';
import { useClimb, type ClimbTyped } from './useClimb';
import type { Gears } from './useGears';
import { Panel, PanelHead } from '../../ui/panel/Panel';
import styles from './Gears.module.css';
import { t } from './text';

const FIELDS: readonly {
  readonly field: keyof ClimbTyped;
  readonly label: string;
  readonly term: string;
  readonly unit: string;
  readonly bounds: { readonly min: number; readonly max: number };
}[] = [
  {
    field: 'gradePercent',
    label: t('climbPanel.grade'),
    term: t('climbPanel.grade2'),
    unit: '%',
    bounds: BRIEF_BOUNDS.steepestGradePercent,
  },
  {
    field: 'powerW',
    label: t('climbPanel.power'),
    term: t('climbPanel.power2'),
    unit: 'W',
    bounds: BRIEF_BOUNDS.powerW,
  },
  {
    field: 'massKg',
    label: t('climbPanel.allUp'),
    term: t('climbPanel.totalWeight'),
    unit: 'kg',
    bounds: { min: 25, max: 500 },
  },
  {
    field: 'wantedRpm',
    label: t('climbPanel.wanted'),
    term: t('climbPanel.wantedCadence'),
    unit: t('climbPanel.rpm'),
    bounds: BRIEF_BOUNDS.climbingRpm,
  },
];

/** A climb: how fast, in which gear, at what cadence, and which gear would be wanted. */
export function ClimbPanel({ gears }: { gears: Gears }) {
  const { preferences } = useReadyWorkspace();
  const units = useUnits();
  const { typed, type, used, result, resistance, easiest, easiestRpm, enough, remedy } = useClimb(gears);
  return (
    <Panel aria-label={t('climbPanel.onAClimb')}>
      <PanelHead>
        <h2>{t('climbPanel.onAClimb')}</h2>
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
          {t('climbPanel.in')} <b>{gearName(result.best.gear)}</b> {t('climbPanel.at')}{' '}
          <b>{t('climbPanel.cadenceRpm', { cadenceRpm: fixed(result.best.cadenceRpm, 1) })}</b>
        </span>
      </p>
      <p className={styles.stepSummary}>
        {t('climbPanel.rpmNeeds', { wantedRpm: short(used.wantedRpm, 1) })}{' '}
        <b>{gearSizeText(units, result.wantedDevelopmentM)}</b>
        {t('climbPanel.theEasiestGearGearNameIs', {
          gearName: gearName(easiest),
          size: sizedGearText(units, easiest),
          value: enough
            ? t('climbPanel.andGivesEasiestRpmEasyEnough', { easiestRpm: fixed(easiestRpm, 1) })
            : t('climbPanel.andGivesOnlyEasiestRpmWith', {
                easiestRpm: fixed(easiestRpm, 1),
                cog: easiest.cog,
                ringAtMostT: remedy.ringAtMostT,
                chainring: easiest.chainring,
                cogAtLeastT: remedy.cogAtLeastT,
              }),
        })}
      </p>
    </Panel>
  );
}
