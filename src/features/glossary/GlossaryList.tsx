'use client';

import { useEffect, useRef } from 'react';
import { termsWith } from './find-terms';
import { TermPicture } from './TermPicture';
import { TERMS_BY_NAME, termOf, type Term } from './terms';
import styles from './Glossary.module.css';
import { t } from './text';

interface GlossaryListProps {
  readonly wanted: string;
  readonly openId: string | undefined;
  readonly onPage: readonly Term[];
  readonly onShow: (id: string) => void;
}

/** The requested term first, then those of the page, then all; or the search results. */
export function GlossaryList({ wanted, openId, onPage, onShow }: GlossaryListProps) {
  if (wanted.trim() !== '') {
    const found = termsWith(wanted);
    return found.length === 0 ? (
      <NoWord wanted={wanted} />
    ) : (
      found.map((term) => <Entry key={term.id} term={term} onShow={onShow} />)
    );
  }
  const open = openId === undefined ? undefined : termOf(openId);
  const here = onPage.filter(({ id }) => id !== openId);
  const others = TERMS_BY_NAME.filter((term) => term !== open && !onPage.includes(term));
  return (
    <>
      {open && <Entry key={open.id} term={open} isOpen onShow={onShow} />}
      {here.length > 0 && <Names title={t('glossaryList.onThisPage')} terms={here} onShow={onShow} />}
      <Names
        title={here.length > 0 ? t('glossaryList.allOthers') : t('glossaryList.allWords')}
        terms={others}
        onShow={onShow}
      />
    </>
  );
}

/** That a search found nothing, and what to try. */
export function NoWord({ wanted }: { wanted: string }) {
  return <p>{t('glossaryList.noTermContainsTry', { wanted })}</p>;
}

function Names({
  title,
  terms,
  onShow,
}: {
  title: string;
  terms: readonly Term[];
  onShow: GlossaryListProps['onShow'];
}) {
  return (
    <section aria-label={title}>
      <h3 className={styles.group}>{title}</h3>
      <div className={styles.names}>
        {terms.map(({ id, name }) => (
          <button key={id} type="button" className={styles.term} data-term={id} onClick={() => onShow(id)}>
            {name}
          </button>
        ))}
      </div>
    </section>
  );
}

/** A term with its drawing, its text and what to read next. */
export function Entry({
  term,
  isOpen = false,
  onShow,
}: {
  term: Term;
  isOpen?: boolean;
  onShow: GlossaryListProps['onShow'];
}) {
  const ref = useRef<HTMLElement>(null);
  useEffect(() => {
    if (!isOpen) return;
    ref.current?.focus();
    ref.current?.scrollIntoView({ block: 'nearest' });
  }, [isOpen]);
  return (
    <article
      ref={ref}
      className={styles.entry}
      data-open={isOpen}
      data-entry={term.id}
      tabIndex={isOpen ? -1 : undefined}
    >
      <h3>{term.name}</h3>
      <TermPicture term={term} />
      <p>{term.text}</p>
      {term.see.length > 0 && (
        <p className={styles.see}>
          {t('glossaryList.see')}{' '}
          {term.see.map((id, i) => (
            <span key={id}>
              {i > 0 && ', '}
              <button type="button" className={styles.term} onClick={() => onShow(id)}>
                {termOf(id).name}
              </button>
            </span>
          ))}
        </p>
      )}
    </article>
  );
}
