'use client';

import { Segmented } from 'antd';
import { checklistOf, type ChecklistAnswer, type ChecklistId } from '../../core/fit';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { withOptional } from '../../ui/fields/with-optional';
import { Note, Panel, PanelHead } from '../../ui/panel/Panel';
import styles from './Compatibility.module.css';
import { t } from './text';

type Shown = ChecklistAnswer | 'open';

/** Checks by eye, answered once for the setup. */
export function ChecklistPanel() {
  const { workspace, edits } = useReadyWorkspace();
  const { setup, fromLink } = workspace;
  const items = checklistOf(setup, setup.checklist ?? {});
  const known = items.filter(({ answer }) => answer !== undefined).length;
  const wrong = items.filter(({ answer }) => answer === 'doesNotFit').length;
  const set = (id: ChecklistId, next: Shown) =>
    edits.editSetup({ undo: 'checklist', of: id }, (record) =>
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
