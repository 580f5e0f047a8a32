'use client';

import { clsx } from 'clsx';
import { CloseOutlined } from '@ant-design/icons';
import { use, useId, type MouseEvent, type ReactNode } from 'react';
import { createPortal } from 'react-dom';
import { Glossed } from '../glossary/Glossed';
import type { Explanation } from '../explanations/explanation';
import { ExplanationContext, type OpenExplanation } from './ExplanationPlace';
import styles from './ExplanationPlace.module.css';
import { t } from './text';

/** A figure that opens its working. The working follows the workspace while the slip is open. */
export function Explained({
  explain,
  className,
  children,
}: {
  explain: () => Explanation;
  className?: string | undefined;
  children: ReactNode;
}) {
  const id = useId();
  const { place, open, show } = use(ExplanationContext);
  const isOpen = open?.id === id;
  const toggle = ({ currentTarget }: MouseEvent<HTMLElement>) => {
    const { left, right, top } = currentTarget.getBoundingClientRect();
    show(
      isOpen
        ? undefined
        : {
            id,
            side: (left + right) / 2 > window.innerWidth / 2 ? 'left' : 'right',
            edge: top > window.innerHeight / 2 ? 'top' : 'bottom',
          },
    );
  };
  return (
    <>
      <button
        type="button"
        className={clsx(styles.figure, className)}
        aria-expanded={isOpen}
        title={t('slip.howThisWorkedOut')}
        onClick={toggle}
      >
        {children}
      </button>
      {isOpen &&
        place &&
        createPortal(<Working explanation={explain()} at={open} onClose={() => show(undefined)} />, place)}
    </>
  );
}

function Working({ explanation, at, onClose }: { explanation: Explanation; at: OpenExplanation; onClose: () => void }) {
  const { title, formula, worked, source, note } = explanation;
  return (
    <aside
      className={styles.slip}
      data-side={at.side}
      data-edge={at.edge}
      data-testid="slip"
      aria-label={t('slip.howItIsWorkedOut', { title })}
    >
      <header className={styles.head}>
        <h2>{title}</h2>
        <button
          type="button"
          className={styles.close}
          onClick={onClose}
          aria-label={t('slip.close')}
          title={t('slip.closeEsc')}
        >
          <CloseOutlined />
        </button>
      </header>
      <p className={styles.formula}>
        <Glossed text={formula} />
      </p>
      <ul className={styles.worked}>
        {worked.map((line) => (
          <li key={line}>
            <Glossed text={line} />
          </li>
        ))}
      </ul>
      {note && (
        <p className={styles.note}>
          <Glossed text={note} />
        </p>
      )}
      <p className={styles.source}>{source}</p>
    </aside>
  );
}
