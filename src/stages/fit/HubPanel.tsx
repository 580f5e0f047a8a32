'use client';

import { Select } from 'antd';
import { spacerNeededMm } from '../../core/fit';
import { FREEHUB_FAMILIES, familyName } from '../../core/parts/freehubs';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { FreehubName, FreehubNumber, PartName, PartNumber } from '../../kit/bench/PartFields';
import { Field } from '../../kit/fields/Field';
import { short } from '../../kit/format';
import { Numbers } from '../../kit/numbers/Numbers';
import { FreehubView } from './FreehubView';
import { usePartOffers } from './usePartOffers';
import { Note, Panel } from '../../kit/sheet/Panel';
import { textOf } from '../../messages/core';
import styles from './Fit.module.css';
import { t } from './words/text';

/** Cassette and freehub body: the splines, and the spacer worked out from their lengths. */
export function HubPanel() {
  const { bench, edits } = useReadyBench();
  const { setup, wheelset, fromLink } = bench;
  const offers = usePartOffers();
  const bodyLengthMm = wheelset.freehub?.bodyLengthMm;
  const { cassetteLengthMm, spacerMm } = setup.parts;
  return (
    <Panel aria-label={t('hubPanel.freehub')}>
      <h2>{t('hubPanel.freehubAndSpacer')}</h2>
      {bodyLengthMm !== undefined && cassetteLengthMm !== undefined ? (
        <>
          <FreehubView bodyLengthMm={bodyLengthMm} cassetteLengthMm={cassetteLengthMm} spacerMm={spacerMm} />
          <Numbers
            of={t('hubPanel.freehubAndSpacer')}
            table={() => ({
              columns: [t('hubPanel.alongTheBody'), 'mm'],
              rows: [
                ['body', short(bodyLengthMm, 2)],
                ['cassette', short(cassetteLengthMm, 2)],
                [
                  t('hubPanel.spacersThatAreThere'),
                  spacerMm === undefined ? t('hubPanel.notKnown') : short(spacerMm, 2),
                ],
                [t('hubPanel.spacersThatAreNeeded'), short(spacerNeededMm(bodyLengthMm, cassetteLengthMm), 2)],
              ],
            })}
          />
        </>
      ) : (
        <Note>{t('hubPanel.typeTheLengthOfThe')}</Note>
      )}
      <div className={styles.fields}>
        <Field id="freehub-typical" label={t('hubPanel.bodyLikeATypicalOne')}>
          <Select
            id="freehub-typical"
            value={null}
            placeholder={t('hubPanel.splinesLengthSpeeds')}
            disabled={fromLink}
            popupMatchSelectWidth={false}
            style={{ width: 190 }}
            options={FREEHUB_FAMILIES.map((family, i) => ({ value: i, label: textOf(familyName(family)) }))}
            onChange={(i: number | null) => {
              const family = i === null ? undefined : FREEHUB_FAMILIES[i];
              if (!family) return;
              const { spline, bodyLengthMm: length, smallestCogT } = family;
              const freehub = { spline, smallestCogT, ...(length === undefined ? {} : { bodyLengthMm: length }) };
              edits.editWheelset(t('hubPanel.freehubBody'), (record) => ({ ...record, freehub }));
            }}
          />
        </Field>
        <FreehubName offered={offers.splines} />
        <FreehubNumber field="bodyLengthMm" />
        <FreehubNumber field="smallestCogT" label={t('hubPanel.smallestCogOverIt')} />
        <PartName
          field="cassetteSpline"
          label={t('hubPanel.splinesOfTheCassette')}
          offered={offers.splines}
          placeholder={t('hubPanel.notKnown')}
        />
        <PartNumber field="cassetteLengthMm" />
        <PartNumber field="spacerMm" />
        {setup.hubStages.length > 1 && <PartNumber field="hubRatioMin" />}
      </div>
    </Panel>
  );
}
