'use client';

import { Fragment, useMemo } from 'react';
import { piecesOf } from './find-terms';
import { useGlossary } from './Glossary';
import styles from './Glossary.module.css';
import { t } from './text';

/** A text in which every term of the trade opens what it means; each at its first mention. */
export function Glossed({ text }: { text: string }) {
  const open = useGlossary();
  const pieces = useMemo(() => {
    const all = piecesOf(text);
    return all.map(({ text: part, term }, i) => ({
      part,
      term: term && all.findIndex((other) => other.term === term) === i ? term : undefined,
    }));
  }, [text]);
  return (
    <>
      {pieces.map(({ part, term }, i) =>
        term ? (
          <button
            key={i}
            type="button"
            className={styles.term}
            title={t('glossed.whatIsName', { name: term.name })}
            onClick={() => open(term.id)}
          >
            {part}
          </button>
        ) : (
          <Fragment key={i}>{part}</Fragment>
        ),
      )}
    </>
  );
}
