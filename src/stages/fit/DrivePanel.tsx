'use client';

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
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { BikeNumber } from '../../kit/bench/BikeNumber';
import { DerailleurNumber, PartNumber, usePartEdit } from '../../kit/bench/PartFields';
import { SharedParts } from '../../kit/bench/SharedParts';
import { Field } from '../../kit/fields/Field';
import { Note, Panel } from '../../kit/sheet/Panel';
import styles from './Fit.module.css';
import { t } from './words/text';

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

/** What the checks and drawings reckon with: frame, derailleurs, rings and cage. */
export function DrivePanel() {
  const { bench } = useReadyBench();
  const { setup } = bench;
  const two = setup.chainrings.length > 1;
  return (
    <Panel aria-label={t('drivePanel.frameAndDerailleurs')}>
      <h2>{t('drivePanel.frame')}</h2>
      <div className={styles.fields}>
        <BikeNumber
          field="chainstayMm"
          term={t('drivePanel.chainstay')}
          unit="mm"
          bounds={DRIVE_BOUNDS.chainstayMm}
          placeholder={t('drivePanel.chainstayMmAssumed', { chainstayMm: DRIVE_DEFAULTS.chainstayMm })}
        />
        <BikeNumber
          field="bbDropMm"
          term={t('drivePanel.bottomBracketDrop')}
          unit="mm"
          bounds={DRIVE_BOUNDS.bbDropMm}
          placeholder={t('drivePanel.bbDropMmAssumed', { bbDropMm: DRIVE_DEFAULTS.bbDropMm })}
        />
        <BikeNumber
          field="suspensionGrowthMm"
          term={t('drivePanel.suspensionGrowth')}
          unit="mm"
          bounds={SUSPENSION_GROWTH_MM}
          placeholder={t('drivePanel.noneAssumed')}
        />
        <BikeNumber
          field={two ? 'twoRingsMaxT' : 'oneRingMaxT'}
          term={two ? t('drivePanel.largestBigRing') : t('drivePanel.largestSingleRing')}
          label={two ? t('drivePanel.roomForABigRing') : t('drivePanel.roomForASingleRing')}
          unit="T"
          bounds={CHAINRING_TEETH}
          whole
          placeholder={t('drivePanel.notKnown')}
        />
      </div>
      <h2>{t('drivePanel.rearDerailleurByItsSheet')}</h2>
      <div className={styles.fields}>
        {PUBLISHED.map((field) => (
          <DerailleurNumber key={field} field={field} />
        ))}
        <PartNumber field="hangerExtenderMm" label={t('drivePanel.hangerExtenderLowersBy')} />
      </div>
      <h2>{t('drivePanel.crankValue', { value: two ? t('drivePanel.andFrontDerailleur') : '' })}</h2>
      <div className={styles.fields}>
        <PartNumber field="boltCircleMm" />
        <PartNumber field="smallestRingT" />
        {two ? (
          <>
            <DerailleurNumber field="ringDifferenceMaxT" />
            <PartNumber field="frontBigRingMinT" label={t('drivePanel.curvedForABigRing')} />
            <PartNumber field="frontBigRingMaxT" label={t('drivePanel.to')} />
          </>
        ) : (
          <RetentionField />
        )}
      </div>
      <h2>{t('drivePanel.cageTypicalUnlessYouMeasure')}</h2>
      <div className={styles.fields}>
        {MEASURED.map(([field, assumed]) => (
          <DerailleurNumber key={field} field={field} assumed={assumed} />
        ))}
      </div>
      <SharedParts />
      <Note>{t('drivePanel.derailleurCrankAndCageName', { name: setup.name ?? t('drivePanel.thisSetup') })}</Note>
    </Panel>
  );
}

/** What keeps the chain on a single ring; nothing at all is an answer too. */
function RetentionField() {
  const { bench } = useReadyBench();
  const { setup, fromLink } = bench;
  const editPart = usePartEdit();
  const kept = setup.parts.retention;
  const set = (next: readonly Retention[] | undefined) =>
    editPart('retention', t('drivePanel.whatKeepsTheChainOn'), next);
  return (
    <Field id="retention" label={t('drivePanel.theChainIsKeptOn')}>
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
