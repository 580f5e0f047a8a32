import { clsx } from 'clsx';
import type { ComponentProps } from 'react';
import styles from './sheet.module.css';

/** The one form that tables have, on screen and on paper: names at the left, figures at the right. */
export function Table({ className, ...table }: ComponentProps<'table'>) {
  return <table {...table} className={clsx(styles.table, className)} />;
}
