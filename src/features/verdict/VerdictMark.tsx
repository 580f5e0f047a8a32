import { clsx } from 'clsx';
import type { Verdict } from '../../core/fit';
import styles from './VerdictMark.module.css';
import { t } from './text';

const WORD: Readonly<Record<Verdict, string>> = {
  inside: t('verdictMark.word.inside'),
  at: t('verdictMark.word.at'),
  outside: t('verdictMark.word.outside'),
  cannotWork: t('verdictMark.word.cannotWork'),
  notKnown: t('verdictMark.word.notKnown'),
};

/** A verdict by shape and word: full, half, triangle, cross, open. */
export function VerdictMark({ verdict }: { verdict: Verdict }) {
  return (
    <span className={clsx(styles.verdict, styles[verdict])}>
      <svg viewBox="0 0 14 14" width="14" height="14" aria-hidden>
        <Shape verdict={verdict} />
      </svg>
      {WORD[verdict]}
    </span>
  );
}

function Shape({ verdict }: { verdict: Verdict }) {
  switch (verdict) {
    case 'inside':
      return <circle cx="7" cy="7" r="5.5" fill="currentColor" />;
    case 'at':
      return (
        <>
          <circle cx="7" cy="7" r="5" fill="none" stroke="currentColor" strokeWidth="1.5" />
          <path d="M7 2a5 5 0 0 1 0 10z" fill="currentColor" />
        </>
      );
    case 'outside':
      return <path d="M7 1.5 13 12.5H1z" fill="currentColor" />;
    case 'cannotWork':
      return <path d="M2 2 12 12M12 2 2 12" stroke="currentColor" strokeWidth="2.5" />;
    case 'notKnown':
      return <circle cx="7" cy="7" r="5" fill="none" stroke="currentColor" strokeWidth="1.5" strokeDasharray="2.2 2" />;
  }
}
