'use client';

import { WorkspaceNumber } from '../../features/fields/WorkspaceNumber';
import { Checkbox } from 'antd';
import { CHAINRING_TEETH } from '../../core/gears';
import {
  DRIVE_BOUNDS,
  DRIVE_DEFAULTS,
  RETENTIONS,
  SUSPENSION_GROWTH_MM,
  type RearDerailleur,
  type Retention,
} from '../../core/fit';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { usePartEdit } from '../../features/fields/PartFields';
import { SharedParts } from '../../features/setups-bar/SharedParts';
import { Field } from '../../ui/fields/Field';
import { Note, Panel } from '../../ui/panel/Panel';
import styles from './Compatibility.module.css';
import { t } from './text';

const PUBLISHED: readonly (keyof RearDerailleur)[] = [
  'totalCapacityT',
  'largestCogMaxT',
  'largestCogMinT',
  'smallestCogMinT',
];

const MEASURED: readonly (readonly [keyof RearDerailleur, number | undefined])[] = [
  ['cageLengthMm', undefined],
  ['pulleyTeeth', DRIVE_DEFAULTS.pulleyTeeth],
  ['pitchLineGapMm', DRIVE_DEFAULTS.pitchLineGapMm],
  ['guidePulleyAngleDeg', DRIVE_DEFAULTS.guidePulleyAngleDeg],
  ['guidePulleyOffsetMm', DRIVE_DEFAULTS.guidePulleyOffsetMm],
  ['foldBackLimitDeg', DRIVE_DEFAULTS.foldBackLimitDeg],
];

const RETENTION_TEXT: Readonly<Record<Retention, string>> = {
  narrowWide: t('drivePanel.retentionText.narrowWide'),
  clutch: t('drivePanel.retentionText.clutch'),
  guide: t('drivePanel.retentionText.guide'),
};

/** Inputs of the checks and drawings: frame, derailleurs, rings and cage. */
export function DrivePanel() {
  const { workspace } = useReadyWorkspace();
  const { setup } = workspace;
  const two = setup.chainrings.length > 1;
  return (
    <Panel aria-label={t('drivePanel.frameAndDerailleurs')}>
      <h2>{t('drivePanel.frame')}</h2>
      <div className={styles.fields}>
        <WorkspaceNumber
          of="bike"
          rule={{ term: t('drivePanel.chainstay'), unit: 'mm', bounds: DRIVE_BOUNDS.chainstayMm }}
          field="chainstayMm"

          placeholder={t('drivePanel.chainstayMmAssumed', { chainstayMm: DRIVE_DEFAULTS.chainstayMm })}
        />
        <WorkspaceNumber
          of="bike"
          rule={{ term: t('drivePanel.bottomBracketDrop'), unit: 'mm', bounds: DRIVE_BOUNDS.bbDropMm }}
          field="bbDropMm"

          placeholder={t('drivePanel.bbDropMmAssumed', { bbDropMm: DRIVE_DEFAULTS.bbDropMm })}
        />
        <WorkspaceNumber
          of="bike"
          rule={{ term: t('drivePanel.suspensionGrowth'), unit: 'mm', bounds: SUSPENSION_GROWTH_MM }}
          field="suspensionGrowthMm"

          placeholder={t('drivePanel.noneAssumed')}
        />
        <WorkspaceNumber
          of="bike"
          rule={{
            term: two ? t('drivePanel.largestBigRing') : t('drivePanel.largestSingleRing'),
            unit: 'T',
            bounds: CHAINRING_TEETH,
            whole: true,
          }}
          field={two ? 'twoRingsMaxT' : 'oneRingMaxT'}

          label={two ? t('drivePanel.maxBigRingFrame') : t('drivePanel.max1XRing')}

          placeholder={t('drivePanel.notKnown')}
        />
      </div>
      <h2>{t('drivePanel.rearDerailleurSpec')}</h2>
      <div className={styles.fields}>
        {PUBLISHED.map((field) => (
          <WorkspaceNumber of="rearDerailleur" key={field} field={field} />
        ))}
        <WorkspaceNumber of="parts" field="hangerExtenderMm" label={t('drivePanel.hangerExtenderDrop')} />
      </div>
      <h2>{t('drivePanel.crankValue', { value: two ? t('drivePanel.andFrontDerailleur') : '' })}</h2>
      <div className={styles.fields}>
        <WorkspaceNumber of="parts" field="boltCircleMm" />
        <WorkspaceNumber of="parts" field="smallestRingT" />
        {two ? (
          <>
            <WorkspaceNumber of="rearDerailleur" field="ringDifferenceMaxT" />
            <WorkspaceNumber of="parts" field="frontBigRingMinT" label={t('drivePanel.cageSuitsBigRings')} />
            <WorkspaceNumber of="parts" field="frontBigRingMaxT" label={t('drivePanel.to')} />
          </>
        ) : (
          <RetentionField />
        )}
      </div>
      <h2>{t('drivePanel.derailleurGeometryTypicalValues')}</h2>
      <div className={styles.fields}>
        {MEASURED.map(([field, assumed]) => (
          <WorkspaceNumber of="rearDerailleur" key={field} field={field} assumed={assumed} />
        ))}
      </div>
      <SharedParts />
      <Note>{t('drivePanel.derailleurCrankAndCageName', { name: setup.name ?? t('drivePanel.thisSetup') })}</Note>
    </Panel>
  );
}

/** What keeps the chain on a single ring; nothing at all is an answer too. */
function RetentionField() {
  const { workspace } = useReadyWorkspace();
  const { setup, fromLink } = workspace;
  const editPart = usePartEdit();
  const kept = setup.parts.retention;
  const set = (next: readonly Retention[] | undefined) => editPart('retention', t('drivePanel.chainRetention'), next);
  return (
    <Field id="retention" label={t('drivePanel.chainRetention2')}>
      <div className={styles.checkboxes}>
        {RETENTIONS.map((one, i) => (
          <Checkbox
            key={one}
            {...(i === 0 ? { id: 'retention' } : {})}
            disabled={fromLink}
            checked={kept?.includes(one) ?? false}
            onChange={({ target }) =>
              set(target.checked ? [...(kept ?? []), one] : (kept ?? []).filter((other) => other !== one))
            }
          >
            {RETENTION_TEXT[one]}
          </Checkbox>
        ))}
        <Checkbox
          disabled={fromLink}
          checked={kept?.length === 0}
          onChange={({ target }) => set(target.checked ? [] : undefined)}
        >
          {t('drivePanel.nothing')}
        </Checkbox>
      </div>
    </Field>
  );
}
