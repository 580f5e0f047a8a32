'use client';

import { GROUP_TEXT, groupOf } from '../../features/verdict/check-words';
import type { Log } from './useLog';
import { TrialForm } from './TrialForm';
import { Note, Panel } from '../../ui/panel/Panel';
import styles from './Log.module.css';
import { t } from './text';

/** Outcomes of exceeding a published limit, over all bikes; "workshop-proven" in Compatibility uses them. */
export function OutcomesPanel({ log }: { log: Log }) {
  const { outcomes } = log;
  return (
    <Panel aria-label={t('outcomesPanel.outcomes')}>
      <h2>{t('outcomesPanel.pastAPublishedLimit')}</h2>
      {outcomes.length === 0 ? (
        <Note>{t('outcomesPanel.noJobThatPassedA')}</Note>
      ) : (
        <ul className={styles.outcomes} data-testid="outcomes">
          {outcomes.map(({ id, overT, own, others }) => {
            const [ownAll, othersAll] = [own.worked + own.reverted, others.worked + others.reverted];
            return (
              <li key={`${id} ${overT}`}>
                {t('outcomesPanel.tPastLimit', { group: GROUP_TEXT[groupOf(id)], overT })}{' '}
                <b>
                  {ownAll === 0
                    ? t('outcomesPanel.noneWithThis')
                    : t('outcomesPanel.thisDerailleur', { worked: own.worked, all: ownAll })}
                </b>
                {othersAll > 0 && `; ${t('outcomesPanel.others', { worked: others.worked, all: othersAll })}`}
              </li>
            );
          })}
        </ul>
      )}
      <Note>{t('outcomesPanel.ofEveryBikeOfThe')}</Note>
      <TrialForm />
    </Panel>
  );
}
