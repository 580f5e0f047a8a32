'use client';

import { Button } from 'antd';
import { useState } from 'react';
import type { CheckId } from '../../core/fit';
import {
  acceptedGears,
  countedLimits,
  isBehind,
  isPutBack,
  obstacleTo,
  openFinding,
  type Outcome,
} from '../../core/job';
import { SYMPTOM_TEXT, obstacleText, pairsText } from '../../messages/job';
import { CausesField } from '../../features/verdict/CausesField';
import { swapSignOff } from '../../features/workshop/sign-off';
import { NAME_LENGTH_MAX } from '../../records';
import { isSwap } from '../../records/selectors/job-card';
import { useWorkspace } from '../../features/workspace/WorkspaceProvider';
import { NoteField } from '../../features/fields/NoteField';
import { withOptional } from '../../ui/fields/with-optional';
import { OUTCOME_TEXT } from '../../features/workshop/words';
import { signOffJob } from '../../store';
import type { Work } from './useWork';
import styles from './Work.module.css';
import { t } from './text';
import { definite } from '../../core/items';

/** How it came out; a swap that stays makes its setup A. */
export function SignOffPanel({ work }: { work: Work }) {
  const { job, steps, card, facts, edit, titleOf } = work;
  const state = useWorkspace();
  const putsBack = isPutBack(job.progress);
  const [chosen, setOutcome] = useState<Outcome>();
  const outcome = putsBack ? 'reverted' : chosen;
  // Limits named as the cause of a job put back; none by default.
  const [causes, setCauses] = useState<readonly CheckId[]>([]);
  if (state.kind !== 'ready') return null;
  const { edits, workshop } = state;
  // A look over the bike takes nothing back.
  const outcomes: readonly Outcome[] =
    job.work.kind === 'swap' ? ['works', 'worksWithNotes', 'reverted'] : ['works', 'worksWithNotes'];
  const limits = card?.passed ?? [];
  const open = steps.filter(({ id }) => id !== 'signOff' && !isBehind(job.progress, id));
  const findings = steps.flatMap(({ id }) => {
    const finding = openFinding(job.progress[id]);
    return finding ? [`${titleOf(id)}: ${SYMPTOM_TEXT[finding.symptom].toLowerCase()}`] : [];
  });
  const accepted = acceptedGears(job.progress);
  const inTheWay = obstacleTo('signOff', steps, job.progress, 'done');
  const note = job.outcomeNote?.trim();
  const stays = outcome !== 'reverted';
  const problem =
    outcome === undefined
      ? t('signOffPanel.howDidItComeOut')
      : stays && inTheWay !== undefined
        ? obstacleText(inTheWay, titleOf)
        : outcome === 'works' && (findings.length > 0 || accepted.length > 0)
          ? t('signOffPanel.worksWithNotesInstead')
          : outcome !== 'works' && !note
            ? stays
              ? t('signOffPanel.whichNotesWriteThemDown')
              : t('signOffPanel.whyWasItPutBack')
            : undefined;
  const sign = () =>
    edits.write(() =>
      signOffJob(workshop.db, job.id, {
        outcome: definite(outcome),
        note,
        passed: countedLimits(limits, !stays, causes),
        ...(stays && card && isSwap(job) && { swap: swapSignOff(job, card, facts) }),
        recheckName: t('signOffPanel.recheckOf', { name: job.name }).slice(0, NAME_LENGTH_MAX),
        now: Date.now(),
      }),
    );
  return (
    <div className={styles.sign}>
      {open.length > 0 && (
        <p className={styles.doubt} data-testid="still-open">
          {t('signOffPanel.stillOpen', { open: open.map(({ id }) => titleOf(id)).join(', ') })}
        </p>
      )}
      {findings.length > 0 && (
        <p className={styles.doubt} data-testid="open-findings">
          {t('signOffPanel.openFindings', { findings: findings.join('; ') })}
        </p>
      )}
      {accepted.length > 0 && (
        <p className={styles.doubt} data-testid="accepted">
          {t('signOffPanel.stayOut', { gears: pairsText(accepted) })}
        </p>
      )}
      <div className={styles.outcomes} role="radiogroup" aria-label={t('signOffPanel.outcome')}>
        {outcomes.map((one) => (
          <button
            key={one}
            type="button"
            role="radio"
            aria-checked={outcome === one}
            disabled={putsBack && one !== 'reverted'}
            className={styles.outcome}
            onClick={() => setOutcome(one)}
          >
            {OUTCOME_TEXT[one]}
          </button>
        ))}
      </div>
      {outcome === 'reverted' && <CausesField limits={limits} causes={causes} onChange={setCauses} />}
      <NoteField
        id="outcome-note"
        label={t('signOffPanel.whatWasFound')}
        owner={job.id}
        value={job.outcomeNote}
        onCommit={(value) => edit('job.outcomeNote', (before) => withOptional(before, 'outcomeNote', value))}
      />
      {problem && (
        <p className={styles.why} role="status">
          {problem}
        </p>
      )}
      <Button size="large" type="primary" block disabled={problem !== undefined} onClick={sign} data-testid="sign">
        {t('signOffPanel.signOff')}
      </Button>
      <p className={styles.why}>
        {job.work.kind === 'swap' && outcome !== 'reverted'
          ? t('signOffPanel.theNewSetupBecomesA')
          : outcome === 'reverted'
            ? t('signOffPanel.theBikeStaysAsIt')
            : ''}
      </p>
    </div>
  );
}
