'use client';

import { Checkbox, Select } from 'antd';
import Link from 'next/link';
import { BRIEF_ASKS, FIND_COST, FIND_MASS_CHANGE_G, type BriefAsk } from '../../core/find';
import { LIMITS_SCHOOLS, type LimitsPolicy } from '../../core/fit';
import { useUnits } from '../../features/workspace/useUnits';
import { Assumed } from '../../features/setups-bar/Assumed';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { Field } from '../../ui/fields/Field';
import { askText, asksOf } from '../../features/search/answer-words';
import { FindNumber } from './FindNumber';
import type { Question } from './useFind';
import styles from './Find.module.css';
import { t } from './text';
import { defined } from '../../core/optional';

const SCHOOL_LABEL: Readonly<Record<LimitsPolicy, string>> = {
  sheet: t('requirementFields.schoolLabel.sheet'),
  workshopTested: t('requirementFields.schoolLabel.workshopTested'),
};

/** Requirements of a setup: needs, limits of parts, budget and weight. */
export function RequirementFields({ find }: { find: Question }) {
  const units = useUnits();
  const { settings, set, inUse } = find;
  const { workspace, edits } = useReadyWorkspace();
  const { bike, fromLink } = workspace;
  const { brief, contradictions, needs } = inUse;
  return (
    <fieldset className={styles.group} disabled={fromLink}>
      <legend>
        {t('requirementFields.itMustByThe')} <Link href="/needs">{t('requirementFields.brief')}</Link>
      </legend>
      <Checkbox.Group
        {...defined({ className: styles.list })}
        value={[...settings.asks]}
        options={asksOf(BRIEF_ASKS, brief).map((value) => ({
          value,
          label: contradictions.length > 0 ? '…' : askText(value, brief, needs, units),
        }))}
        onChange={(asks: BriefAsk[]) =>
          set(
            'asks',
            BRIEF_ASKS.filter(
              (one) => asks.includes(one) || (one === 'lowestRatio' && brief.lowestRatio === undefined),
            ),
          )
        }
      />
      {settings.asks.includes('easiest') && <Assumed need="climb" />}
      {settings.asks.includes('topSpeed') && <Assumed need="topSpeed" />}
      <Field id="find-school" label={t('requirementFields.compatible')}>
        <Select<LimitsPolicy>
          id="find-school"
          disabled={fromLink}
          style={{ width: '100%' }}
          value={bike.limitsSchool ?? 'sheet'}
          options={LIMITS_SCHOOLS.map((value) => ({ value, label: SCHOOL_LABEL[value] }))}
          onChange={(limitsSchool) => edits.editBike('limitsSchool', (record) => ({ ...record, limitsSchool }))}
        />
      </Field>
      <div className={styles.fields}>
        <FindNumber
          find={find}
          field="costMax"
          label={t('requirementFields.maximumCost')}
          bounds={FIND_COST}
          unit={units.currency ?? ''}
          placeholder={t('requirementFields.any')}
        />
        <FindNumber
          find={find}
          field="massChangeMaxG"
          label={t('requirementFields.maximumWeightCompared')}
          bounds={FIND_MASS_CHANGE_G}
          unit="g"
          placeholder={t('requirementFields.any')}
        />
      </div>
    </fieldset>
  );
}
