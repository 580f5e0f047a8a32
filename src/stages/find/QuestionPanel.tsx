'use client';

import { Checkbox, Select } from 'antd';
import Link from 'next/link';
import { memo } from 'react';
import {
  BOUGHT_SPEEDS,
  BRIEF_ASKS,
  FIND_AIMS,
  FIND_AIMS_MAX,
  FIND_COST,
  FIND_MASS_CHANGE_G,
  LAYOUTS,
  PART_KINDS,
  PRICE,
  SEARCHED_RING_DIFFERENCE_T,
  type BriefAsk,
  type FindAim,
  type FindSettings,
  type Layout,
  type PartKind,
  type RoadChoice,
} from '../../core/find';
import { LIMITS_SCHOOLS, type LimitsSchool } from '../../core/fit';
import { CHAINRING_TEETH, type Bounds } from '../../core/gears';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { Field } from '../../kit/fields/Field';
import { NumberField } from '../../kit/fields/NumberField';
import { withOptional } from '../../kit/fields/with-optional';
import { AIM_MEANING, AIM_NAME } from './aim-words';
import { askText } from './answer-words';
import { PART_NAME, PART_SHORT } from './part-words';
import { SavedSearches } from './SavedSearches';
import { TeethField } from './TeethField';
import type { Find } from './useFind';
import styles from './Find.module.css';

/** What of a search is asked; it stands still while the answer comes. */
type Question = Pick<Find, 'settings' | 'say' | 'inUse'>;

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

const LAYOUT_LABEL: Readonly<Record<Layout, string>> = { '1x': 'one ring', '2x': 'two rings' };

function SpaceFields({ find: { settings, say } }: { find: Question }) {
  const { bench } = useReadyBench();
  const { bike, fromLink } = bench;
  const built = bike.builtCassettes ?? [];
  return (
    <fieldset className={styles.group} disabled={fromLink}>
      <legend>Searched</legend>
      <Checkbox.Group
        className={styles.row}
        value={[...settings.layouts]}
        options={LAYOUTS.map((value) => ({ value, label: LAYOUT_LABEL[value] }))}
        onChange={(layouts: Layout[]) =>
          say(
            'layouts',
            'layouts',
            LAYOUTS.filter((one) => layouts.includes(one)),
          )
        }
      />
      <div className={styles.fields}>
        <FindNumber
          find={{ settings, say }}
          field="ringMinT"
          label="Rings from"
          bounds={CHAINRING_TEETH}
          unit="T"
          whole
        />
        <FindNumber find={{ settings, say }} field="ringMaxT" label="to" bounds={CHAINRING_TEETH} unit="T" whole />
        <FindNumber
          find={{ settings, say }}
          field="ringDifferenceMaxT"
          label="Two apart, at most"
          bounds={SEARCHED_RING_DIFFERENCE_T}
          unit="T"
          whole
        />
      </div>
      <TeethField
        id="rings-at-hand"
        label="Only rings at hand"
        owner={bike.id}
        value={settings.ringsAtHand}
        bounds={CHAINRING_TEETH}
        placeholder="any ring; or such as 30, 32, 46"
        disabled={fromLink}
        onCommit={(teeth) => say('rings at hand', 'ringsAtHand', teeth)}
      />
      <Field id="speeds" label="Cassettes with so many cogs, and A’s own">
        <Select<number[]>
          id="speeds"
          mode="multiple"
          disabled={fromLink}
          style={{ width: '100%' }}
          placeholder="none that is to be bought"
          value={[...settings.speeds]}
          options={BOUGHT_SPEEDS.map((value) => ({ value, label: String(value) }))}
          onChange={(speeds) =>
            say(
              'cassettes searched',
              'speeds',
              [...speeds].sort((a, b) => a - b),
            )
          }
        />
      </Field>
      {built.length > 0 && (
        <p className={styles.note}>
          And {built.length === 1 ? 'the one' : `the ${built.length}`} you built:{' '}
          {built.map(({ name }) => name).join(', ')}.
        </p>
      )}
    </fieldset>
  );
}

const SCHOOL_LABEL: Readonly<Record<LimitsSchool, string>> = {
  sheet: 'by the sheet',
  workshopTested: 'workshop-tested',
};

function MustFields({ find }: { find: Question }) {
  const { settings, say, inUse } = find;
  const { bench, preferences, edits } = useReadyBench();
  const { bike, fromLink } = bench;
  const { brief, contradictions, needs } = inUse;
  return (
    <fieldset className={styles.group} disabled={fromLink}>
      <legend>
        It must, by the <Link href="/brief">brief</Link>
      </legend>
      <Checkbox.Group
        className={styles.list}
        value={[...settings.asks]}
        options={BRIEF_ASKS.map((value) => ({
          value,
          label: contradictions.length > 0 ? '…' : askText(value, brief, needs, preferences.speedUnit),
        }))}
        onChange={(asks: BriefAsk[]) =>
          say(
            'needs',
            'asks',
            BRIEF_ASKS.filter((one) => asks.includes(one)),
          )
        }
      />
      <Field id="find-school" label="Go together, limits taken">
        <Select<LimitsSchool>
          id="find-school"
          disabled={fromLink}
          style={{ width: '100%' }}
          value={bike.limitsSchool ?? 'sheet'}
          options={LIMITS_SCHOOLS.map((value) => ({ value, label: SCHOOL_LABEL[value] }))}
          onChange={(limitsSchool) => edits.editBike('limits', (record) => ({ ...record, limitsSchool }))}
        />
      </Field>
      <div className={styles.fields}>
        <FindNumber find={find} field="costMax" label="Cost, at most" bounds={FIND_COST} unit="" placeholder="any" />
        <FindNumber
          find={find}
          field="massChangeMaxG"
          label="Weight against A, at most"
          bounds={FIND_MASS_CHANGE_G}
          unit="g"
          placeholder="any"
        />
      </div>
    </fieldset>
  );
}

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
            placeholder={`${settings.prices[part]} assumed`}
            value={said[part]}
            onCommit={(price) => say('prices', 'prices', withOptional(said, part, price))}
          />
        ))}
      </div>
    </details>
  );
}

type NumberSetting = 'ringMinT' | 'ringMaxT' | 'ringDifferenceMaxT' | 'costMax' | 'massChangeMaxG';

/** A number of the search: what is said of it; left open, the one that is taken shows in grey. */
function FindNumber({
  find: { settings, say },
  field,
  label,
  bounds,
  unit,
  whole = false,
  placeholder,
}: {
  find: Pick<Find, 'settings' | 'say'>;
  field: NumberSetting;
  label: string;
  bounds: Bounds;
  unit: string;
  whole?: boolean;
  placeholder?: string;
}) {
  const { bench } = useReadyBench();
  const said: FindSettings = bench.bike.find ?? {};
  return (
    <NumberField
      id={`find-${field}`}
      label={label}
      term={label.toLowerCase()}
      owner={bench.bike.id}
      unit={unit}
      bounds={bounds}
      whole={whole}
      optional
      width="100%"
      disabled={bench.fromLink}
      placeholder={placeholder ?? String(settings[field])}
      value={said[field]}
      onCommit={(value) => say(label.toLowerCase(), field, value)}
    />
  );
}
