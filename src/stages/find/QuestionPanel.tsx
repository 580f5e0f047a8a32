'use client';

import { Checkbox, Select } from 'antd';
import { useUnits } from '../../kit/bench/useUnits';
import { memo } from 'react';
import { FIND_AIMS, FIND_AIMS_MAX, PRICE, type FindAim, type RoadChoice } from '../../core/find';
import { PART_KINDS, type PartKind } from '../../core/parts/price-list';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { withPrice } from '../../kit/bench/grouped-values';
import { Field } from '../../kit/fields/Field';
import { NumberField } from '../../kit/fields/NumberField';
import { allDigits } from '../../kit/format';

import { AIM_MEANING, AIM_NAME } from '../../kit/finding/aim-words';
import { useMedia } from '../../kit/theme/useMedia';
import { MustFields } from './MustFields';
import { PART_NAME, PART_SHORT } from '../../kit/finding/part-words';
import { SavedSearches } from './SavedSearches';
import { SpaceFields } from './SpaceFields';
import type { Question } from './useFind';
import styles from './Find.module.css';
import { t } from './words/text';

/** What is searched, what a setup must do, what is kept, and what is to be made small. */
export const QuestionPanel = memo(function QuestionPanel({ settings, say, inUse }: Question) {
  const find = { settings, say, inUse };
  // Above the answer there is no room for all of it: there it opens.
  const isAbove = useMedia('(max-width: 900px)');
  const fields = (
    <>
      <SavedSearches />
      <SpaceFields find={find} />
      <MustFields find={find} />
      <KeepFields find={find} />
      <AimFields find={find} />
      <PriceFields find={find} />
    </>
  );
  return (
    <section className={styles.question} aria-label={t('questionPanel.whatIsAsked')}>
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

function KeepFields({ find: { settings, say } }: { find: Question }) {
  const { bench } = useReadyBench();
  return (
    <fieldset className={styles.group} disabled={bench.fromLink}>
      <legend>{t('questionPanel.keepBuyNoOther')}</legend>
      <Checkbox.Group
        className={styles.keeps}
        value={[...settings.keep]}
        options={PART_KINDS.map((value) => ({ value, label: PART_SHORT[value] }))}
        onChange={(keep: PartKind[]) =>
          say(
            t('questionPanel.partsKept'),
            'keep',
            PART_KINDS.filter((one) => keep.includes(one)),
          )
        }
      />
    </fieldset>
  );
}

const roadKey = ({ kind, id }: RoadChoice) => `${kind} ${id}`;

function AimFields({ find: { settings, say } }: { find: Question }) {
  const { bench, workshop } = useReadyBench();
  const { fromLink } = bench;
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
      <Field id="find-aims" label={t('questionPanel.inTheOrderInWhich')}>
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
          onChange={(aims) => say(t('questionPanel.whatIsWanted'), 'aims', aims)}
        />
      </Field>
      {settings.aims.includes('outOfBand') && (
        <Field id="find-road" label={t('questionPanel.countedOn')}>
          <Select<string>
            id="find-road"
            disabled={fromLink}
            style={{ width: '100%' }}
            placeholder={t('questionPanel.aRouteOrARide')}
            value={settings.road && roadKey(settings.road)}
            options={roads.map(({ road, name }) => ({ value: roadKey(road), label: name }))}
            onChange={(key) => say('road', 'road', roads.find(({ road }) => roadKey(road) === key)?.road)}
          />
        </Field>
      )}
    </fieldset>
  );
}

function PriceFields({ find: { settings } }: { find: Question }) {
  const units = useUnits();
  const { bench, edits } = useReadyBench();
  const { bike, fromLink } = bench;
  const said = bike.find?.prices ?? {};
  return (
    <details className={styles.prices}>
      <summary>{t('questionPanel.whatPartsCostYou')}</summary>
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
            onCommit={(price) => edits.editBike('prices', (record) => withPrice(record, part, price))}
          />
        ))}
      </div>
    </details>
  );
}
