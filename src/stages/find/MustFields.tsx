'use client';

import { Checkbox, Select } from 'antd';
import Link from 'next/link';
import { BRIEF_ASKS, FIND_COST, FIND_MASS_CHANGE_G, type BriefAsk } from '../../core/find';
import { LIMITS_SCHOOLS, type LimitsPolicy } from '../../core/fit';
import { useUnits } from '../../kit/bench/useUnits';
import { Assumed } from '../../kit/bench/Assumed';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { Field } from '../../kit/fields/Field';
import { askText, asksOf } from '../../kit/finding/answer-words';
import { FindNumber } from './FindNumber';
import type { Question } from './useFind';
import styles from './Find.module.css';
import { t } from './words/text';

const SCHOOL_LABEL: Readonly<Record<LimitsPolicy, string>> = {
  sheet: t('mustFields.schoolLabel.sheet'),
  workshopTested: t('mustFields.schoolLabel.workshopTested'),
};

/** What a setup must do: by the brief, by the limits of its parts, by money and weight. */
export function MustFields({ find }: { find: Question }) {
  const units = useUnits();
  const { settings, say, inUse } = find;
  const { bench, edits } = useReadyBench();
  const { bike, fromLink } = bench;
  const { brief, contradictions, needs } = inUse;
  return (
    <fieldset className={styles.group} disabled={fromLink}>
      <legend>
        {t('mustFields.itMustByThe')} <Link href="/brief">{t('mustFields.brief')}</Link>
      </legend>
      <Checkbox.Group
        className={styles.list}
        value={[...settings.asks]}
        options={asksOf(BRIEF_ASKS, brief).map((value) => ({
          value,
          label: contradictions.length > 0 ? '…' : askText(value, brief, needs, units),
        }))}
        onChange={(asks: BriefAsk[]) =>
          say(
            'needs',
            'asks',
            BRIEF_ASKS.filter(
              (one) => asks.includes(one) || (one === 'lowestRatio' && brief.lowestRatio === undefined),
            ),
          )
        }
      />
      {settings.asks.includes('easiest') && <Assumed need="climb" />}
      {settings.asks.includes('topSpeed') && <Assumed need="topSpeed" />}
      <Field id="find-school" label={t('mustFields.goTogetherLimitsTaken')}>
        <Select<LimitsPolicy>
          id="find-school"
          disabled={fromLink}
          style={{ width: '100%' }}
          value={bike.limitsSchool ?? 'sheet'}
          options={LIMITS_SCHOOLS.map((value) => ({ value, label: SCHOOL_LABEL[value] }))}
          onChange={(limitsSchool) => edits.editBike('limits', (record) => ({ ...record, limitsSchool }))}
        />
      </Field>
      <div className={styles.fields}>
        <FindNumber
          find={find}
          field="costMax"
          label={t('mustFields.costAtMost')}
          bounds={FIND_COST}
          unit={units.currency ?? ''}
          placeholder={t('mustFields.any')}
        />
        <FindNumber
          find={find}
          field="massChangeMaxG"
          label={t('mustFields.weightAgainstAAtMost')}
          bounds={FIND_MASS_CHANGE_G}
          unit="g"
          placeholder={t('mustFields.any')}
        />
      </div>
    </fieldset>
  );
}
