'use client';

import { Checkbox, Select } from 'antd';
import { useUnits } from '../../features/workspace/useUnits';
import { memo } from 'react';
import { FIND_AIMS, FIND_AIMS_MAX, PRICE, type FindAim, type RoadChoice } from '../../core/find';
import { PART_KINDS, type PartKind } from '../../core/catalog/price-list';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { withPrice } from '../../features/workspace/grouped-values';
import { Field } from '../../ui/fields/Field';
import { NumberField } from '../../ui/fields/NumberField';
import { allDigits } from '../../ui/format';

import { AIM_MEANING, AIM_NAME } from '../../features/search/aim-words';
import { useMedia } from '../../ui/theme/useMedia';
import { RequirementFields } from './RequirementFields';
import { PART_NAME, PART_SHORT } from '../../features/search/part-words';
import { SavedSearches } from './SavedSearches';
import { SpaceFields } from './SpaceFields';
import type { Question } from './useFind';
import styles from './Find.module.css';
import { t } from './text';
import { defined } from '../../core/optional';

/** What is searched, what a setup must do, what is kept, and what is to be made small. */
export const QuestionPanel = memo(function QuestionPanel({ settings, set, inUse }: Question) {
  const find = { settings, set, inUse };
  // On small screens it is collapsed above the answer.
  const isAbove = useMedia('(max-width: 900px)');
  const fields = (
    <>
      <SavedSearches />
      <SpaceFields find={find} />
      <RequirementFields find={find} />
      <KeepFields find={find} />
      <AimFields find={find} />
      <PriceFields find={find} />
    </>
  );
  return (
    <section className={styles.question} aria-label={t('questionPanel.searchSettings')}>
      {isAbove ? (
        <details>
          <summary>{t('questionPanel.changeTheSearch')}</summary>
          {fields}
        </details>
      ) : (
        fields
      )}
    </section>
  );
});

function KeepFields({ find: { settings, set } }: { find: Question }) {
  const { workspace } = useReadyWorkspace();
  return (
    <fieldset className={styles.group} disabled={workspace.fromLink}>
      <legend>{t('questionPanel.keepTheseParts')}</legend>
      <Checkbox.Group
        {...defined({ className: styles.keeps })}
        value={[...settings.keep]}
        options={PART_KINDS.map((value) => ({ value, label: PART_SHORT[value] }))}
        onChange={(keep: PartKind[]) =>
          set(
            'keep',
            PART_KINDS.filter((one) => keep.includes(one)),
          )
        }
      />
    </fieldset>
  );
}

const roadKey = ({ kind, id }: RoadChoice) => `${kind} ${id}`;

function AimFields({ find: { settings, set } }: { find: Question }) {
  const { workspace, workshop } = useReadyWorkspace();
  const { fromLink } = workspace;
  const roads = [
    ...workshop.routes.map(({ id, name }) => ({
      road: { kind: 'route', id } as const,
      name: t('questionPanel.routeName', { name }),
    })),
    ...workshop.rides.map(({ id, name }) => ({
      road: { kind: 'ride', id } as const,
      name: t('questionPanel.rideName', { name }),
    })),
  ];
  return (
    <fieldset className={styles.group} disabled={fromLink}>
      <legend>{t('questionPanel.wantedMostImportantFirst')}</legend>
      <Field id="find-aims" label={t('questionPanel.pickOrderImportance')}>
        <Select<FindAim[]>
          id="find-aims"
          mode="multiple"
          // All criteria at a glance.
          listHeight={440}
          disabled={fromLink}
          maxCount={FIND_AIMS_MAX}
          style={{ width: '100%' }}
          placeholder={t('questionPanel.chooseOneAtLeast')}
          value={[...settings.aims]}
          options={FIND_AIMS.map((value) => ({ value, label: AIM_NAME[value], title: AIM_MEANING[value] }))}
          onChange={(aims) => set('aims', aims)}
        />
      </Field>
      {settings.aims.includes('outOfBand') && (
        <Field id="find-road" label={t('questionPanel.countedOn')}>
          <Select<string>
            id="find-road"
            disabled={fromLink}
            style={{ width: '100%' }}
            placeholder={t('questionPanel.aRouteOrARide')}
            {...defined({ value: settings.road && roadKey(settings.road) })}
            options={roads.map(({ road, name }) => ({ value: roadKey(road), label: name }))}
            onChange={(key) => set('road', roads.find(({ road }) => roadKey(road) === key)?.road)}
          />
        </Field>
      )}
    </fieldset>
  );
}

function PriceFields({ find: { settings } }: { find: Question }) {
  const units = useUnits();
  const { workspace, edits } = useReadyWorkspace();
  const { bike, fromLink } = workspace;
  const said = bike.find?.prices ?? {};
  return (
    <details className={styles.prices}>
      <summary>{t('questionPanel.partPrices')}</summary>
      <div className={styles.fields}>
        {PART_KINDS.map((part) => (
          <NumberField
            key={part}
            id={`price-${part}`}
            label={PART_NAME[part]}
            term={t('questionPanel.priceOfAPartName', { partName: PART_NAME[part] })}
            owner={bike.id}
            unit={units.currency ?? ''}
            bounds={PRICE}
            optional
            width="100%"
            disabled={fromLink}
            placeholder={t('questionPanel.priceAssumed', { price: allDigits(settings.prices[part]) })}
            value={said[part]}
            onCommit={(price) =>
              edits.editBike({ undo: 'prices', of: part }, (record) => withPrice(record, part, price))
            }
          />
        ))}
      </div>
    </details>
  );
}
