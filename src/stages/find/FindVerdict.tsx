'use client';

import { Button, Progress } from 'antd';
import { BriefNotice } from '../../kit/bench/BriefNotice';
import { explainFront } from '../../kit/explain/find';
import { Explained } from '../../kit/explain/Slip';
import { AIM_NAME } from './words/aim-words';
import { PHASE_TEXT, funnelText, headline } from './words/answer-words';
import type { Find } from './useFind';
import styles from './Find.module.css';
import { WORDS } from './words/text';

/** What the search has come to, or how far it is. */
export function FindVerdict({ find }: { find: Find }) {
  const { state, inUse, cancel, again } = find;
  if (inUse.contradictions.length > 0) return <BriefNotice contradictions={inUse.contradictions} />;
  switch (state.kind) {
    case 'cannot':
      return (
        <section className={styles.verdict} role="alert" data-testid="find-problems">
          <p className={styles.answer}>{WORDS.findVerdict.thisCannotBeSearched}</p>
          <ul className={styles.problems}>
            {state.problems.map(({ message }) => (
              <li key={message}>{message}</li>
            ))}
          </ul>
        </section>
      );
    case 'searching': {
      const { step } = state;
      return (
        <section className={styles.verdict} aria-busy data-testid="find-progress">
          <p className={styles.answer}>{WORDS.findVerdict.searching}</p>
          <div className={styles.progress}>
            <Progress
              percent={step ? Math.floor((100 * step.done) / Math.max(1, step.total)) : 0}
              size="small"
              aria-label={WORDS.findVerdict.howFarTheSearchIs}
            />
            <Button size="small" onClick={cancel} data-testid="cancel-search">
              {WORDS.findVerdict.cancel}
            </Button>
          </div>
          <p className={styles.note}>
            {step
              ? WORDS.findVerdict.phaseDoneOfTotalMet(
                  PHASE_TEXT[step.phase],
                  step.done,
                  step.total,
                  step.met,
                  step.frontCount > 0 ? WORDS.findVerdict.noneBeatsFrontCountOfThem(step.frontCount) : '',
                )
              : WORDS.findVerdict.starting}
          </p>
        </section>
      );
    }
    case 'cancelled':
      return (
        <section className={styles.verdict} data-testid="find-cancelled">
          <p className={styles.answer}>{WORDS.findVerdict.cancelled}</p>
          <Button size="small" onClick={again}>
            {WORDS.findVerdict.searchAgain}
          </Button>
        </section>
      );
    case 'failed':
      return (
        <section className={styles.verdict} role="alert">
          <p className={styles.answer}>{WORDS.findVerdict.theSearchFailed}</p>
          <p className={styles.note}>{state.message}</p>
          <Button size="small" onClick={again}>
            {WORDS.findVerdict.searchAgain}
          </Button>
        </section>
      );
    case 'found':
      return (
        <section className={styles.verdict} aria-label={WORDS.findVerdict.answer}>
          <p className={styles.answer} data-testid="find-answer">
            <Explained explain={() => explainFront(state.told.result, find.settings.aims, AIM_NAME)}>
              {headline(state.told.result)}
            </Explained>
          </p>
          <p className={styles.note} data-testid="funnel">
            {funnelText(state.told.result)}
          </p>
        </section>
      );
  }
}
