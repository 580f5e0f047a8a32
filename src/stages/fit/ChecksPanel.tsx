'use client';

import { Segmented } from 'antd';
import { LIMITS_SCHOOLS, type LimitsPolicy } from '../../core/fit';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { withOptional } from '../../kit/fields/with-optional';
import { CheckList } from '../../kit/verdict/CheckList';
import { SCHOOL_NOTE, SCHOOL_TEXT, answerText } from '../../kit/verdict/answer-words';
import type { Fit } from './useFit';
import { Note, Panel, PanelHead } from '../../kit/sheet/Panel';
import styles from './Fit.module.css';
import { t } from './words/text';

/** The verdict by the school that the rider chose, then each check with its sentence and what would mend it. */
export function ChecksPanel({ fit }: { fit: Fit }) {
  const { bench, edits } = useReadyBench();
  const { report, school, answer } = fit;
  const choose = (next: LimitsPolicy) =>
    edits.editBike(t('checksPanel.schoolOnLimits'), (bike) =>
      withOptional(bike, 'limitsSchool', next === 'sheet' ? undefined : next),
    );
  return (
    <Panel aria-label={t('checksPanel.checks')}>
      <PanelHead>
        <h2>{t('checksPanel.willItGoTogether')}</h2>
        <Segmented<LimitsPolicy>
          size="small"
          value={school}
          disabled={bench.fromLink}
          options={LIMITS_SCHOOLS.map((value) => ({ value, label: SCHOOL_TEXT[value] }))}
          onChange={choose}
          aria-label={t('checksPanel.schoolOnPublishedLimits')}
        />
      </PanelHead>
      <p className={styles.answer} data-kind={answer.kind} data-testid="fit-answer">
        {answerText(answer, school)}
      </p>
      <CheckList checks={report.checks} setup={bench.setup} trials={school === 'sheet' ? undefined : report.trials} />
      <Note>{SCHOOL_NOTE[school]}</Note>
    </Panel>
  );
}
