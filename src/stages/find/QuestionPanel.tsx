'use client';

import { Checkbox, Select } from 'antd';
import { memo } from 'react';
import {
  FIND_AIMS,
  FIND_AIMS_MAX,
  PART_KINDS,
  PRICE,
  type FindAim,
  type PartKind,
  type RoadChoice,
} from '../../core/find';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { Field } from '../../kit/fields/Field';
import { NumberField } from '../../kit/fields/NumberField';
import { allDigits } from '../../kit/format';
import { withOptional } from '../../kit/fields/with-optional';
import { AIM_MEANING, AIM_NAME } from './aim-words';
import { MustFields } from './MustFields';
import { PART_NAME, PART_SHORT } from './part-words';
import { SavedSearches } from './SavedSearches';
import { SpaceFields } from './SpaceFields';
import type { Question } from './useFind';
import styles from './Find.module.css';

/** What is searched, what a setup must do, what is kept, and what is to be made small. */
export const QuestionPanel = memo(function QuestionPanel({ settings, say, inUse }: Question) {
  const find = { settings, say, inUse };
  return (
    <section className={styles.question} aria-label="What is asked">
      <SavedSearches />
      <SpaceFields find={find} />
      <MustFields find={find} />
      <KeepFields find={find} />
      <AimFields find={find} />
      <PriceFields find={find} />
    </section>
  );
});

function KeepFields({ find: { settings, say } }: { find: Question }) {
  const { bench } = useReadyBench();
  return (
    <fieldset className={styles.group} disabled={bench.fromLink}>
      <legend>Keep, buy no other</legend>
      <Checkbox.Group
        className={styles.keeps}
        value={[...settings.keep]}
        options={PART_KINDS.map((value) => ({ value, label: PART_SHORT[value] }))}
        onChange={(keep: PartKind[]) =>
          say(
            'parts kept',
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
    ...workshop.routes.map(({ id, name }) => ({ road: { kind: 'route', id } as const, name: `Route: ${name}` })),
    ...workshop.rides.map(({ id, name }) => ({ road: { kind: 'ride', id } as const, name: `Ride: ${name}` })),
  ];
  return (
    <fieldset className={styles.group} disabled={fromLink}>
      <legend>Wanted, most important first</legend>
      <Field id="find-aims" label="In the order in which you pick them">
        <Select<FindAim[]>
          id="find-aims"
          mode="multiple"
          disabled={fromLink}
          maxCount={FIND_AIMS_MAX}
          style={{ width: '100%' }}
          placeholder="choose one at least"
          value={[...settings.aims]}
          options={FIND_AIMS.map((value) => ({ value, label: AIM_NAME[value], title: AIM_MEANING[value] }))}
          onChange={(aims) => say('what is wanted', 'aims', aims)}
        />
      </Field>
      {settings.aims.includes('outOfBand') && (
        <Field id="find-road" label="Counted on">
          <Select<string>
            id="find-road"
            disabled={fromLink}
            style={{ width: '100%' }}
            placeholder="a route or a ride"
            value={settings.road && roadKey(settings.road)}
            options={roads.map(({ road, name }) => ({ value: roadKey(road), label: name }))}
            onChange={(key) => say('road', 'road', roads.find(({ road }) => roadKey(road) === key)?.road)}
          />
        </Field>
      )}
    </fieldset>
  );
}

function PriceFields({ find: { settings, say } }: { find: Question }) {
  const { bench } = useReadyBench();
  const { bike, fromLink } = bench;
  const said = bike.find?.prices ?? {};
  return (
    <details className={styles.prices}>
      <summary>What parts cost you</summary>
      <div className={styles.fields}>
        {PART_KINDS.map((part) => (
          <NumberField
            key={part}
            id={`price-${part}`}
            label={PART_NAME[part]}
            term={`price of a ${PART_NAME[part]}`}
            owner={bike.id}
            unit=""
            bounds={PRICE}
            optional
            width="100%"
            disabled={fromLink}
            placeholder={`${allDigits(settings.prices[part])} assumed`}
            value={said[part]}
            onCommit={(price) => say('prices', 'prices', withOptional(said, part, price))}
          />
        ))}
      </div>
    </details>
  );
}
