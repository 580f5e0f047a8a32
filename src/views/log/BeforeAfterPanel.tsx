'use client';

import { Select } from 'antd';
import { useState } from 'react';
import { formatShorthand } from '../../formats/shorthand';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { Field } from '../../ui/fields/Field';
import { Sideways } from '../../ui/panel/Sideways';
import { beforeAfterRows, beforeAfterSentence } from './before-after-words';
import { useBeforeAfter } from './useBeforeAfter';
import type { Log } from './useLog';
import { Note, Panel, PanelHead } from '../../ui/panel/Panel';
import { Table } from '../../ui/panel/Table';
import styles from './Log.module.css';
import { t } from './text';
import { definite } from '../../core/items';

/** What a swap did to the riding, by the rides before and after it. */
export function BeforeAfterPanel({ log }: { log: Log }) {
  const { workspace } = useReadyWorkspace();
  const swaps = (log.shop?.jobs ?? [])
    .filter(
      ({ bikeId, work, outcome }) =>
        bikeId === workspace.bike.id && work.kind === 'swap' && (outcome === 'works' || outcome === 'worksWithNotes'),
    )
    .sort((a, b) => definite(b.finishedAtMs) - definite(a.finishedAtMs));
  const [chosenId, choose] = useState<string>();
  const job = swaps.find(({ id }) => id === chosenId) ?? swaps[0];
  const told = useBeforeAfter(job);
  if (!job || !told) {
    return (
      <Panel aria-label={t('beforeAfterPanel.beforeAndAfter')}>
        <h2>{t('beforeAfterPanel.beforeAndAfter')}</h2>
        <Note>{t('beforeAfterPanel.onceSwapSignedOff')}</Note>
      </Panel>
    );
  }
  const { before, after, missing, failure } = told;
  return (
    <Panel aria-label={t('beforeAfterPanel.beforeAndAfter')}>
      <PanelHead>
        <h2>{t('beforeAfterPanel.beforeAndAfter')}</h2>
      </PanelHead>
      <Field id="before-after" label={t('beforeAfterPanel.swap')}>
        <Select
          id="before-after"
          value={job.id}
          options={swaps.map(({ id, name }) => ({ value: id, label: name }))}
          onChange={choose}
        />
      </Field>
      <p className={styles.answer} data-testid="before-after">
        {missing ?? failure ?? beforeAfterSentence(before, after)}
      </p>
      <Sideways label={t('beforeAfterPanel.beforeAndAfter')}>
        <Table>
          <thead>
            <tr>
              <td />
              <th scope="col">{t('beforeAfterPanel.beforeSetup', { setup: formatShorthand(before.setup) })}</th>
              <th scope="col">{t('beforeAfterPanel.afterSetup', { setup: formatShorthand(after.setup) })}</th>
            </tr>
          </thead>
          <tbody>
            {beforeAfterRows(before, after).map(([title, was, is]) => (
              <tr key={title}>
                <th scope="row">{title}</th>
                <td>{was}</td>
                <td>{is}</td>
              </tr>
            ))}
          </tbody>
        </Table>
      </Sideways>
    </Panel>
  );
}
