import { clsx } from 'clsx';
import type { ComponentProps } from 'react';
import styles from './sheet.module.css';

/** One thing of a page, with a heading of its own: a section on a sheet. */
export function Panel({ className, ...section }: ComponentProps<'section'>) {
  return <section {...section} className={clsx(styles.panel, className)} />;
}

/** The heading of a panel at the left, what is done with the panel at the right. */
export function PanelHead(head: Omit<ComponentProps<'div'>, 'className'>) {
  return <div {...head} className={styles.panelHead} />;
}

/** The heading of a page, for screen readers; on screen the navigation shows the name. */
export function PageHeading(heading: Omit<ComponentProps<'h1'>, 'className'>) {
  return <h1 {...heading} className={styles.hidden} />;
}

/** What is to be known beside what is shown. */
export function Note(note: Omit<ComponentProps<'p'>, 'className'>) {
  return <p {...note} className={styles.note} />;
}
