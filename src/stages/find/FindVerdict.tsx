'use client';

import { Button, Progress } from 'antd';
import { closestMisses, type FindNeed } from '../../core/find';
import { useUnits } from '../../kit/bench/useUnits';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { BriefNotice } from '../../kit/bench/BriefNotice';
import { explainFront } from '../../kit/explain/find';
import { Explained } from '../../kit/explain/Explained';
import type { SearchResponse } from '../../workers/find/protocol';
import { AIM_NAME } from '../../kit/finding/aim-words';
import {
  PHASE_TEXT,
  bestThereIs,
  compatibleText,
  costText,
  funnelText,
  headline,
  requirementCosts,
} from '../../kit/finding/answer-words';
import { OneOrTwo } from '../../kit/finding/OneOrTwo';
import { useAdvice } from '../../kit/finding/useAdvice';
import { capital } from '../../kit/format';
import type { Find } from './useFind';
import { Note } from '../../kit/sheet/Panel';
import styles from './Find.module.css';
import { t } from './words/text';
import { problemText } from '../../messages/core';

/** What the search has come to, or how far it is. */
export function FindVerdict({ find }: { find: Find }) {
  const { state, inUse, cancel, again } = find;
  if (inUse.contradictions.length > 0) return <BriefNotice contradictions={inUse.contradictions} />;
  switch (state.kind) {
    case 'cannot':
      return (
        <section className={styles.verdict} role="alert" data-testid="find-problems">
          <p className={styles.answer}>{t('findVerdict.thisCannotBeSearched')}</p>
          <ul className={styles.problems}>
            {state.problems.map(problemText).map((message) => (
              <li key={message}>{message}</li>
            ))}
          </ul>
        </section>
      );
    case 'searching': {
      const { step } = state;
      return (
        <section className={styles.verdict} aria-busy data-testid="find-progress">
          <p className={styles.answer}>{t('findVerdict.searching')}</p>
          <div className={styles.progress}>
            <Progress
              percent={step ? Math.floor((100 * step.done) / Math.max(1, step.total)) : 0}
              size="small"
              aria-label={t('findVerdict.howFarTheSearchIs')}
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
                  value:
                    step.frontCount > 0
                      ? t('findVerdict.noneBeatsFrontCountOfThem', { frontCount: step.frontCount })
                      : '',
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
    case 'found':
      return <Answer find={find} told={state.told} />;
  }
}

/** The answer in one sentence, what stands behind it, and what each requirement costs. */
function Answer({ find, told }: { find: Find; told: SearchResponse }) {
  const { missed } = useAdvice(find, told);
  const { result, rows } = told;
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
      <OneOrTwo search={find} told={told} />
      <Note data-testid="funnel">{funnelText(result)}</Note>
      {compatibleText(result) && <Note>{compatibleText(result)}</Note>}
      <Requirements find={find} told={told} />
    </section>
  );
}

/** Each requirement with the setups that it alone rules out, to be left out on the spot. */
function Requirements({ find, told }: { find: Find; told: SearchResponse }) {
  const units = useUnits();
  const { bench } = useReadyBench();
  const { settings, inUse, say } = find;
  const costs = requirementCosts(told.result, settings, inUse.brief, inUse.needs, units);
  if (costs.length === 0) return null;
  const leaveOut = (need: FindNeed, text: string) => {
    if (need === 'cost') say(text, 'costMax', undefined);
    else if (need === 'mass') say(text, 'massChangeMaxG', undefined);
    else if (need === 'keep') say(text, 'keep', undefined);
    else
      say(
        text,
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
          {cost.need !== 'fit' && !bench.fromLink && (
            <Button
              type="link"
              size="small"
              aria-label={t('findVerdict.leaveOutNeed', { need: cost.text })}
              onClick={() => leaveOut(cost.need, cost.text)}
            >
              {t('findVerdict.leaveOut')}
            </Button>
          )}
        </li>
      ))}
    </ul>
  );
}
