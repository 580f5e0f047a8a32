'use client';

import { WorkspaceNumber } from '../../features/fields/WorkspaceNumber';
import { Select } from 'antd';
import { spacerNeededMm } from '../../core/fit';
import { FREEHUB_FAMILIES, familyName } from '../../core/catalog/freehubs';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { FreehubName, PartName } from '../../features/fields/PartFields';
import { Field } from '../../ui/fields/Field';
import { short } from '../../ui/format';
import { Numbers } from '../../ui/numbers/Numbers';
import { FreehubView } from './FreehubView';
import { usePartOffers } from './usePartOffers';
import { Note, Panel } from '../../ui/panel/Panel';
import { textOf } from '../../messages/core';
import styles from './Compatibility.module.css';
import { t } from './text';

/** Cassette and freehub body: the splines, and the spacer worked out from their lengths. */
export function HubPanel() {
  const { workspace, edits } = useReadyWorkspace();
  const { setup, wheelset, fromLink } = workspace;
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
                [t('hubPanel.spacersFitted'), spacerMm === undefined ? t('hubPanel.notKnown') : short(spacerMm, 2)],
                [t('hubPanel.spacersNeeded'), short(spacerNeededMm(bodyLengthMm, cassetteLengthMm), 2)],
              ],
            })}
          />
        </>
      ) : (
        <Note>{t('hubPanel.enterFreehubBodyLength')}</Note>
      )}
      <div className={styles.fields}>
        <Field id="freehub-typical" label={t('hubPanel.standardFreehubBody')}>
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
              edits.editWheelset('freehub', (record) => ({ ...record, freehub }));
            }}
          />
        </Field>
        <FreehubName offered={offers.splines} />
        <WorkspaceNumber of="freehub" field="bodyLengthMm" />
        <WorkspaceNumber of="freehub" field="smallestCogT" label={t('hubPanel.smallestCogOverIt')} />
        <PartName
          field="cassetteSpline"
          label={t('hubPanel.cassetteFreehubType')}
          offered={offers.splines}
          placeholder={t('hubPanel.notKnown')}
        />
        <WorkspaceNumber of="parts" field="cassetteLengthMm" />
        <WorkspaceNumber of="parts" field="spacerMm" />
        {setup.hubStages.length > 1 && <WorkspaceNumber of="parts" field="hubRatioMin" />}
      </div>
    </Panel>
  );
}
