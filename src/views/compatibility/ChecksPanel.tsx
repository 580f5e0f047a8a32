'use client';

import { Segmented } from 'antd';
import { LIMITS_SCHOOLS, type LimitsPolicy } from '../../core/fit';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { withOptional } from '../../ui/fields/with-optional';
import { CheckList } from '../../features/verdict/CheckList';
import { SCHOOL_NOTE, SCHOOL_TEXT, answerText } from '../../features/verdict/answer-words';
import type { Fit } from './useFit';
import { Note, Panel, PanelHead } from '../../ui/panel/Panel';
import styles from './Compatibility.module.css';
import { t } from './text';

/** The verdict by the chosen approach to limits, then each check with its fix. */
export function ChecksPanel({ fit }: { fit: Fit }) {
  const { workspace, edits } = useReadyWorkspace();
  const { report, school, answer } = fit;
  const choose = (next: LimitsPolicy) =>
    edits.editBike('limitsSchool', (bike) => withOptional(bike, 'limitsSchool', next === 'sheet' ? undefined : next));
  return (
    <Panel aria-label={t('checksPanel.checks')}>
      <PanelHead>
        <h2>{t('checksPanel.compatible')}</h2>
        <Segmented<LimitsPolicy>
          size="small"
          value={school}
          disabled={workspace.fromLink}
          options={LIMITS_SCHOOLS.map((value) => ({ value, label: SCHOOL_TEXT[value] }))}
          onChange={choose}
          aria-label={t('checksPanel.treatPublishedLimits')}
        />
      </PanelHead>
      <p className={styles.answer} data-kind={answer.kind} data-testid="fit-answer">
        {answerText(answer, school)}
      </p>
      <CheckList
        checks={report.checks}
        setup={workspace.setup}
        trials={school === 'sheet' ? undefined : report.trials}
      />
      <Note>{SCHOOL_NOTE[school]}</Note>
    </Panel>
  );
}
