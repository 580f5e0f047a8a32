'use client';

import Link from 'next/link';
import type { SearchResponse } from '../../workers/find/protocol';
import styles from './Finding.module.css';
import { t } from './text';
import { useAdvice } from './useAdvice';
import { useSearch, type Search } from './useSearch';
import { problemText } from '../../messages/core';
import { firstOf } from '../../core/items';

/** The answer to 1x or 2x from a search, with what would change it. */
export function OneOrTwo({ search, response }: { search: Search; response: SearchResponse }) {
  const { verdict, tips } = useAdvice(search, response);
  return (
    <div className={styles.oneOrTwo} data-testid="one-or-two">
      <p>
        <b>{t('oneOrTwo.oneOrTwoForMe')}</b> {verdict}
      </p>
      {tips.length > 0 && (
        <ul data-testid="layout-tips">
          {tips.map((tip) => (
            <li key={tip}>{tip}</li>
          ))}
        </ul>
      )}
    </div>
  );
}

/** The same on a page that has no search of its own. */
export function OneOrTwoHeadline() {
  const search = useSearch();
  const { state, inUse } = search;
  // The page says what conflicts, and how to fix it.
  if (inUse.contradictions.length > 0) return null;
  return (
    <section className={styles.headline} aria-label={t('oneOrTwo.oneOrTwoForMe')} aria-busy={state.kind === 'working'}>
      {state.kind === 'answered' ? (
        <OneOrTwo search={search} response={state.answer} />
      ) : (
        <p data-testid="one-or-two-waits">
          <b>{t('oneOrTwo.oneOrTwoForMe')}</b> {waitingText(state)}
        </p>
      )}
      <Link href="/find">{t('oneOrTwo.seeAll')}</Link>
    </section>
  );
}

function waitingText(state: Exclude<Search['state'], { readonly kind: 'answered' }>): string {
  switch (state.kind) {
    case 'cannot':
      return t('oneOrTwo.couldNot', { problem: problemText(firstOf(state.problems)) });
    case 'failed':
      return t('oneOrTwo.couldNot', { problem: state.message });
    case 'working':
    case 'cancelled':
      return t('oneOrTwo.working');
  }
}
