'use client';

import { Button, Checkbox } from 'antd';
import { useState } from 'react';
import type { CheckId } from '../../core/fit';
import { OUTCOMES, STEP_TITLES, isBehind, standsInTheWay, type Outcome } from '../../core/swap';
import { useBench } from '../../kit/bench/BenchProvider';
import { NoteField } from '../../kit/fields/NoteField';
import { withOptional } from '../../kit/fields/with-optional';
import { OUTCOME_TEXT } from '../../kit/shop/words';
import { GROUP_TEXT, groupOf } from '../../kit/verdict/check-words';
import { signOffJob } from '../../store';
import type { Work } from './useWork';
import styles from './Work.module.css';
import { WORDS } from './words/text';

/** How it came out; a swap that stays makes its setup A. */
export function SignOffPanel({ work }: { work: Work }) {
  const { job, steps, card, edit } = work;
  const state = useBench();
  const [outcome, setOutcome] = useState<Outcome>();
  // Limits that were passed and had no part in its being reverted.
  const [cleared, setCleared] = useState<readonly CheckId[]>([]);
  if (state.kind !== 'ready') return null;
  const { edits, workshop } = state;
  // A look over the bike takes nothing back.
  const outcomes = OUTCOMES.filter((one) => job.work.kind === 'swap' || one !== 'reverted');
  const limits = card?.passed ?? [];
  const blames = outcome === 'reverted' ? limits.filter(({ id }) => !cleared.includes(id)) : limits;
  const open = steps.filter(({ id }) => id !== 'signOff' && !isBehind(job.progress, id));
  const inTheWay = standsInTheWay('signOff', steps, job.progress, 'done');
  const trouble = steps.some(({ id }) => job.progress[id]?.trouble !== undefined);
  const note = job.outcomeNote?.trim();
  const problem =
    outcome === undefined
      ? WORDS.signOffPanel.howDidItComeOut
      : outcome !== 'reverted' && inTheWay !== undefined
        ? inTheWay
        : outcome !== 'reverted' && trouble
          ? WORDS.signOffPanel.aTroubleIsStillOpen
          : outcome !== 'works' && !note
            ? outcome === 'reverted'
              ? WORDS.signOffPanel.whyWasItRevertedThe
              : WORDS.signOffPanel.whichNotesWriteThemDown
            : undefined;
  const sign = () =>
    edits.write(() =>
      signOffJob(workshop.db, job.id, {
        outcome: outcome!,
        note,
        passed: blames.map(({ id, overT }) => ({ id, overT })),
        now: Date.now(),
      }),
    );
  return (
    <div className={styles.sign}>
      {open.length > 0 && (
        <p className={styles.doubt} data-testid="still-open">
          {WORDS.signOffPanel.stillOpen(open.map(({ id }) => STEP_TITLES[id]).join(', '))}
        </p>
      )}
      <div className={styles.outcomes} role="radiogroup" aria-label={WORDS.signOffPanel.outcome}>
        {outcomes.map((one) => (
          <button
            key={one}
            type="button"
            role="radio"
            aria-checked={outcome === one}
            className={styles.outcome}
            onClick={() => setOutcome(one)}
          >
            {OUTCOME_TEXT[one]}
          </button>
        ))}
      </div>
      {outcome === 'reverted' && limits.length > 0 && (
        <fieldset className={styles.blames} data-testid="blames">
          <legend>{WORDS.signOffPanel.becauseOfForTheLog}</legend>
          {limits.map(({ id, overT }) => (
            <Checkbox
              key={id}
              checked={!cleared.includes(id)}
              onChange={({ target }) =>
                setCleared(target.checked ? cleared.filter((one) => one !== id) : [...cleared, id])
              }
            >
              {WORDS.signOffPanel.groupOverTOutsideTheSheet(GROUP_TEXT[groupOf(id)], overT)}
            </Checkbox>
          ))}
        </fieldset>
      )}
      <NoteField
        id="outcome-note"
        label={WORDS.signOffPanel.whatWasFound}
        owner={job.id}
        value={job.outcomeNote}
        onCommit={(value) =>
          edit(WORDS.signOffPanel.outcomeNote, (before) => withOptional(before, 'outcomeNote', value))
        }
      />
      {problem && (
        <p className={styles.why} role="status">
          {problem}
        </p>
      )}
      <Button size="large" type="primary" block disabled={problem !== undefined} onClick={sign} data-testid="sign">
        {WORDS.signOffPanel.signOff}
      </Button>
      <p className={styles.why}>
        {job.work.kind === 'swap' && outcome !== 'reverted'
          ? WORDS.signOffPanel.theNewSetupBecomesA
          : outcome === 'reverted'
            ? WORDS.signOffPanel.theBikeStaysAsIt
            : ''}
      </p>
    </div>
  );
}
