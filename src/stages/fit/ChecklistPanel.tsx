'use client';

import { Segmented } from 'antd';
import { checklistOf, type ChecklistAnswer, type ChecklistId } from '../../core/fit';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { withOptional } from '../../kit/fields/with-optional';
import { Note, Panel, PanelHead } from '../../kit/sheet/Panel';
import styles from './Fit.module.css';
import { t } from './words/text';

type Shown = ChecklistAnswer | 'open';

/** What a mechanic looks at where no figure decides, each to be answered once for the setup. */
export function ChecklistPanel() {
  const { bench, edits } = useReadyBench();
  const { setup, fromLink } = bench;
  const items = checklistOf(setup, setup.checklist ?? {});
  const known = items.filter(({ answer }) => answer !== undefined).length;
  const wrong = items.filter(({ answer }) => answer === 'doesNotFit').length;
  const set = (id: ChecklistId, next: Shown) =>
    edits.editSetup(t('checklistPanel.checklist'), (record) =>
      withOptional(record, 'checklist', withOptional(record.checklist ?? {}, id, next === 'open' ? undefined : next)),
    );
  return (
    <Panel aria-label={t('checklistPanel.checklist')}>
      <PanelHead>
        <h2>{t('checklistPanel.checklist')}</h2>
        <span data-testid="checklist-count">
          {t('checklistPanel.answered', { known, all: items.length })}
          {wrong > 0 && <b>. {t('checklistPanel.wrong', { count: wrong })}</b>}
        </span>
      </PanelHead>
      <ul className={styles.checklist}>
        {items.map(({ id, answer }) => (
          <li key={id} data-testid={`look-${id}`}>
            <span>{t(`checklistPanel.questions.${id}`)}</span>
            <Segmented<Shown>
              size="small"
              aria-label={t(`checklistPanel.questions.${id}`)}
              disabled={fromLink}
              value={answer ?? 'open'}
              options={[
                { value: 'open', label: t('checklistPanel.open') },
                { value: 'fits', label: t('checklistPanel.fits') },
                { value: 'doesNotFit', label: t('checklistPanel.doesNotFit') },
              ]}
              onChange={(next) => set(id, next)}
            />
          </li>
        ))}
      </ul>
      <Note>{t('checklistPanel.note')}</Note>
    </Panel>
  );
}
