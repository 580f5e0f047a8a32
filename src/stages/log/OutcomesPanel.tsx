'use client';

import { GROUP_TEXT, groupOf } from '../../kit/verdict/check-words';
import type { Log } from './useLog';
import { TrialForm } from './TrialForm';
import { Note, Panel } from '../../kit/sheet/Panel';
import styles from './Log.module.css';
import { WORDS } from './words/text';

/** What came of passing a published limit, over all bikes; the workshop-tested school in Fit asks here. */
export function OutcomesPanel({ log }: { log: Log }) {
  const { outcomes } = log;
  return (
    <Panel aria-label={WORDS.outcomesPanel.outcomes}>
      <h2>{WORDS.outcomesPanel.pastAPublishedLimit}</h2>
      {outcomes.length === 0 ? (
        <Note>{WORDS.outcomesPanel.noJobThatPassedA}</Note>
      ) : (
        <ul className={styles.outcomes} data-testid="outcomes">
          {outcomes.map(({ id, overT, own, others }) => {
            const [ownAll, othersAll] = [own.worked + own.reverted, others.worked + others.reverted];
            return (
              <li key={`${id} ${overT}`}>
                {WORDS.outcomesPanel.groupOutsideTheSheetBy(GROUP_TEXT[groupOf(id)], overT)}{' '}
                <b>
                  {ownAll === 0
                    ? WORDS.outcomesPanel.noneWithThis
                    : WORDS.outcomesPanel.thisDerailleur(own.worked, ownAll)}
                </b>
                {othersAll > 0 && `; ${WORDS.outcomesPanel.others(others.worked, othersAll)}`}
              </li>
            );
          })}
        </ul>
      )}
      <Note>{WORDS.outcomesPanel.ofEveryBikeOfThe}</Note>
      <TrialForm />
    </Panel>
  );
}
