'use client';

import { CHECK_GROUPS, type Check, type CheckGroup, type CheckId, type Fix, type Trial } from '../../core/fit';
import type { Setup } from '../../core/gears';
import { tallyText } from '../../messages/tally';
import { useFix } from '../workspace/useFix';
import { explainCheck } from '../explanations/fit';
import { Explained } from '../explain/Explained';
import { textOf } from '../../messages/core';
import { FIELDS_OF, GROUP_TEXT, marginText } from './check-words';
import { VerdictMark } from './VerdictMark';
import styles from './CheckList.module.css';
import { t } from './text';

interface CheckListProps {
  readonly checks: readonly Check[];
  readonly setup: Setup;
  /** What experience says about exceeded limits; absent when published limits apply. */
  readonly trials?: Readonly<Partial<Record<CheckId, Trial>>> | undefined;
}

/** Checks in groups: verdict, sentence, margin and fix. */
export function CheckList({ checks, setup, trials = {} }: CheckListProps) {
  const groups = (Object.keys(CHECK_GROUPS) as CheckGroup[]).map((group) => {
    const ids: readonly CheckId[] = CHECK_GROUPS[group];
    return { group, own: checks.filter(({ id }) => ids.includes(id)) };
  });
  return (
    <ul className={styles.groups}>
      {groups.map(
        ({ group, own }) =>
          own.length > 0 && (
            <li key={group} className={styles.group}>
              <span className={styles.name}>{GROUP_TEXT[group]}</span>
              <ul className={styles.rows}>
                {own.map((check) => (
                  <Row key={check.id} check={check} setup={setup} trial={trials[check.id]} />
                ))}
              </ul>
            </li>
          ),
      )}
    </ul>
  );
}

const DECISION: Readonly<Record<Trial['decision'], string>> = {
  try: t('checkList.decision.try'),
  doNot: t('checkList.decision.doNot'),
  undecided: t('checkList.decision.undecided'),
};

function Row({ check, setup, trial }: { check: Check; setup: Setup; trial: Trial | undefined }) {
  return (
    <li className={styles.row} data-testid={`check-${check.id}`} data-verdict={check.verdict}>
      <Explained explain={() => explainCheck(check, setup)}>
        <VerdictMark verdict={check.verdict} />
      </Explained>
      <span>
        {textOf(check.message)}
        {check.verdict === 'notKnown' && <ToField id={check.id} />}
        {check.fixes.length > 0 && <Fixes fixes={check.fixes} />}
        {trial && (
          <span className={styles.trial}>
            <b>{DECISION[trial.decision]}</b>: {textOf(trial.reason)}. {trial.tally && tallyText(trial.tally)}
            {trial.decision !== 'doNot' && (
              <>
                {' '}
                <b>{t('checkList.extraCheck')}</b>: {textOf(trial.extraCheck)}.
              </>
            )}
          </span>
        )}
      </span>
      <b className={styles.margin}>{marginText(check)}</b>
    </li>
  );
}

/** The fix of a check; applied with one click where it is known exactly. */
function Fixes({ fixes }: { fixes: readonly Fix[] }) {
  const { fix, canFix } = useFix();
  return (
    <>
      {' '}
      {t('checkList.toFix')}{' '}
      {fixes.map((one, i) => (
        <span key={`${one.text.code} ${i}`}>
          {i > 0 && `; ${t('checkList.or')} `}
          {one.change && canFix ? (
            <button
              type="button"
              className={styles.fix}
              title={t('checkList.applySetupCanUndone')}
              onClick={() => fix(one)}
            >
              {textOf(one.text)}
            </button>
          ) : (
            textOf(one.text)
          )}
        </span>
      ))}
      .
    </>
  );
}

/** Leads to the field in which the missing datum is typed, where this page has one. */
function ToField({ id }: { id: CheckId }) {
  const go = () => {
    const fields = FIELDS_OF[id].flatMap((field) => document.getElementById(field) ?? []);
    const empty = fields.find((field) => !(field instanceof HTMLInputElement) || field.value === '');
    (empty ?? fields[0])?.focus();
    (empty ?? fields[0])?.scrollIntoView({ block: 'center' });
  };
  return (
    <>
      {' '}
      <button type="button" className={styles.fix} onClick={go} title={t('checkList.goToItsField')}>
        {t('checkList.typeIt')}
      </button>
    </>
  );
}
