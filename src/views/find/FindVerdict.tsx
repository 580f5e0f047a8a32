'use client';

import { Button, Progress } from 'antd';
import { closestMisses, type FindNeed } from '../../core/find';
import { useUnits } from '../../features/workspace/useUnits';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { BriefNotice } from '../../features/setups-bar/BriefNotice';
import { explainFront } from '../../features/explanations/find';
import { Explained } from '../../features/explain/Explained';
import type { SearchResponse } from '../../workers/find/protocol';
import { AIM_NAME } from '../../features/search/aim-words';
import {
  PHASE_TEXT,
  bestThereIs,
  compatibleText,
  costText,
  funnelText,
  headline,
  requirementCosts,
} from '../../features/search/answer-words';
import { OneOrTwo } from '../../features/search/OneOrTwo';
import { useAdvice } from '../../features/search/useAdvice';
import { capital } from '../../ui/format';
import type { Find } from './useFind';
import { Note } from '../../ui/panel/Panel';
import styles from './Find.module.css';
import { t } from './text';
import { problemText } from '../../messages/core';

/** What the search has come to, or how far it is. */
export function FindVerdict({ find }: { find: Find }) {
  const { state, inUse, cancel, again } = find;
  if (inUse.contradictions.length > 0) return <BriefNotice contradictions={inUse.contradictions} />;
  switch (state.kind) {
    case 'cannot':
      return (
        <section className={styles.verdict} role="alert" data-testid="find-problems">
          <p className={styles.answer}>{t('findVerdict.searchCannotRun')}</p>
          <ul className={styles.problems}>
            {state.problems.map(problemText).map((message) => (
              <li key={message}>{message}</li>
            ))}
          </ul>
        </section>
      );
    case 'working': {
      const { progress: step } = state;
      return (
        <section className={styles.verdict} aria-busy data-testid="find-progress">
          <p className={styles.answer}>{t('findVerdict.searching')}</p>
          <div className={styles.progress}>
            <Progress
              percent={step ? Math.floor((100 * step.done) / Math.max(1, step.total)) : 0}
              size="small"
              aria-label={t('findVerdict.searchProgress')}
            />
            <Button size="small" onClick={cancel} data-testid="cancel-search">
              {t('findVerdict.cancel')}
            </Button>
          </div>
          <Note>
            {step
              ? t('findVerdict.phaseDoneOfTotalMet', {
                  phase: PHASE_TEXT[step.phase],
                  done: step.done,
                  total: step.total,
                  met: step.met,
                  value: step.frontCount > 0 ? t('findVerdict.bestSoFar', { frontCount: step.frontCount }) : '',
                })
              : t('findVerdict.starting')}
          </Note>
        </section>
      );
    }
    case 'cancelled':
      return (
        <section className={styles.verdict} data-testid="find-cancelled">
          <p className={styles.answer}>{t('findVerdict.cancelled')}</p>
          <Button size="small" onClick={again}>
            {t('findVerdict.searchAgain')}
          </Button>
        </section>
      );
    case 'failed':
      return (
        <section className={styles.verdict} role="alert">
          <p className={styles.answer}>{t('findVerdict.theSearchFailed')}</p>
          <Note>{state.message}</Note>
          <Button size="small" onClick={again}>
            {t('findVerdict.searchAgain')}
          </Button>
        </section>
      );
    case 'answered':
      return <Answer find={find} response={state.answer} />;
  }
}

/** The answer in one sentence, its basis, and what each requirement rules out. */
function Answer({ find, response }: { find: Find; response: SearchResponse }) {
  const { missed } = useAdvice(find, response);
  const { result, rows } = response;
  const [closest] = closestMisses(result, 1);
  return (
    <section className={styles.verdict} aria-label={t('findVerdict.answer')}>
      <p className={styles.answer} data-testid="find-answer">
        {result.met === 0 && closest ? (
          `${bestThereIs(closest, missed)}.`
        ) : (
          <Explained explain={() => explainFront(result, rows.length, find.settings.aims, AIM_NAME)}>
            {headline(result, rows.length)}
          </Explained>
        )}
      </p>
      <OneOrTwo search={find} response={response} />
      <Note data-testid="funnel">{funnelText(result)}</Note>
      {compatibleText(result) && <Note>{compatibleText(result)}</Note>}
      <Requirements find={find} response={response} />
    </section>
  );
}

/** Each requirement with the setups that it alone rules out, to be left out on the spot. */
function Requirements({ find, response }: { find: Find; response: SearchResponse }) {
  const units = useUnits();
  const { workspace } = useReadyWorkspace();
  const { settings, inUse, set } = find;
  const costs = requirementCosts(response.result, settings, inUse.brief, inUse.needs, units);
  if (costs.length === 0) return null;
  const leaveOut = (need: FindNeed) => {
    if (need === 'cost') set('costMax', undefined);
    else if (need === 'mass') set('massChangeMaxG', undefined);
    else if (need === 'keep') set('keep', undefined);
    else
      set(
        'asks',
        settings.asks.filter((ask) => ask !== need),
      );
  };
  return (
    <ul className={styles.costs} aria-label={t('findVerdict.requirements')} data-testid="requirement-costs">
      {costs.map((cost) => (
        <li key={cost.need}>
          <span>
            {capital(cost.text)}: {costText(cost)}
          </span>
          {cost.need !== 'fit' && !workspace.fromLink && (
            <Button
              type="link"
              size="small"
              aria-label={t('findVerdict.removeRequirement', { need: cost.text })}
              onClick={() => leaveOut(cost.need)}
            >
              {t('findVerdict.leaveOut')}
            </Button>
          )}
        </li>
      ))}
    </ul>
  );
}
