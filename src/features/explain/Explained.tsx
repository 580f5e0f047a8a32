'use client';

import { clsx } from 'clsx';
import { CloseOutlined } from '@ant-design/icons';
import { use, useId, useRef, type KeyboardEvent, type MouseEvent, type ReactNode, type RefObject } from 'react';
import { createPortal } from 'react-dom';
import { Glossed } from '../glossary/Glossed';
import type { Explanation } from '../explanations/explanation';
import { ExplanationContext, type OpenExplanation } from './ExplanationPlace';
import styles from './ExplanationPlace.module.css';
import { t } from './text';

/** What can be pressed in the slip. */
const PRESSED = 'button, a[href]';

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
  const figure = useRef<HTMLButtonElement>(null);
  const slip = useRef<HTMLDivElement>(null);
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
  const close = () => {
    show(undefined);
    figure.current?.focus();
  };
  // Where it stands in the page, the slip would be reached last; it comes right behind its figure.
  const intoSlip = (event: KeyboardEvent) => {
    if (event.key !== 'Tab' || event.shiftKey || !isOpen) return;
    event.preventDefault();
    slip.current?.querySelector<HTMLElement>(PRESSED)?.focus();
  };
  return (
    <>
      <button
        ref={figure}
        type="button"
        className={clsx(styles.figure, className)}
        aria-expanded={isOpen}
        aria-controls={isOpen ? `${id}-slip` : undefined}
        onKeyDown={intoSlip}
        title={t('slip.howThisWorkedOut')}
        onClick={toggle}
      >
        {children}
      </button>
      {isOpen &&
        place &&
        createPortal(
          <Working
            id={`${id}-slip`}
            ref={slip}
            explanation={explain()}
            at={open}
            onLeave={() => figure.current?.focus()}
            onClose={close}
          />,
          place,
        )}
    </>
  );
}

interface WorkingProps {
  readonly id: string;
  readonly ref: RefObject<HTMLDivElement | null>;
  readonly explanation: Explanation;
  readonly at: OpenExplanation;
  /** Puts the focus on the figure. */
  readonly onLeave: () => void;
  readonly onClose: () => void;
}

function Working({ id, ref, explanation, at, onLeave, onClose }: WorkingProps) {
  const { title, formula, worked, source, note } = explanation;
  const move = (event: KeyboardEvent<HTMLElement>) => {
    if (event.key === 'Escape') {
      event.stopPropagation();
      onClose();
    }
    if (event.key !== 'Tab') return;
    const pressed = [...event.currentTarget.querySelectorAll<HTMLElement>(PRESSED)];
    if (document.activeElement !== (event.shiftKey ? pressed[0] : pressed.at(-1))) return;
    onLeave();
    // Forwards the browser itself goes on from the figure.
    if (event.shiftKey) event.preventDefault();
  };
  return (
    <div
      ref={ref}
      id={id}
      className={styles.slip}
      data-side={at.side}
      data-edge={at.edge}
      data-testid="slip"
      role="dialog"
      aria-label={t('slip.howItIsWorkedOut', { title })}
      aria-describedby={`${id}-formula`}
      onKeyDown={move}
    >
      <div className={styles.head}>
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
      </div>
      <p id={`${id}-formula`} className={styles.formula}>
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
    </div>
  );
}
