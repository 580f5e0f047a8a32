'use client';

import { Checkbox } from 'antd';
import type { CheckId } from '../../core/fit';
import type { JobCard } from '../../core/job';
import { GROUP_TEXT, groupOf } from './check-words';
import styles from './CausesField.module.css';
import { t } from './text';

/** Asks which of the limits that were passed made a setup be put back: in the log it counts against those alone. */
export function CausesField({
  limits,
  causes,
  onChange,
}: {
  limits: JobCard['passed'];
  causes: readonly CheckId[];
  onChange: (causes: readonly CheckId[]) => void;
}) {
  if (limits.length === 0) return null;
  return (
    <fieldset className={styles.causes} data-testid="causes">
      <legend>{t('causesField.becauseOf')}</legend>
      {limits.map(({ id, overT }) => (
        <Checkbox
          key={id}
          checked={causes.includes(id)}
          onChange={({ target }) => onChange(target.checked ? [...causes, id] : causes.filter((one) => one !== id))}
        >
          {t('causesField.limit', { group: GROUP_TEXT[groupOf(id)], overT })}
        </Checkbox>
      ))}
    </fieldset>
  );
}
