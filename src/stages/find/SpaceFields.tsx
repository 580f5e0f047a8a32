'use client';

import { Checkbox, Select } from 'antd';
import { BOUGHT_SPEEDS, LAYOUTS, SEARCHED_RING_DIFFERENCE_T, type Layout } from '../../core/find';
import { CHAINRING_TEETH } from '../../core/gears';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { Field } from '../../kit/fields/Field';
import { FindNumber } from './FindNumber';
import { ringsOfShelf } from './rings-of-shelf';
import { TeethField } from './TeethField';
import type { Question } from './useFind';
import styles from './Find.module.css';

const LAYOUT_LABEL: Readonly<Record<Layout, string>> = { '1x': 'one ring', '2x': 'two rings' };

/** Which rings and cassettes are tried. */
export function SpaceFields({ find: { settings, say } }: { find: Question }) {
  const { bench, workshop } = useReadyBench();
  const { bike, fromLink } = bench;
  const built = bike.builtCassettes ?? [];
  const shelfRings = ringsOfShelf([...workshop.parts.values()], bike.id);
  const shelfCassettes = [...workshop.parts.values()].filter(({ kind, data }) => kind === 'cassette' && data.cogs);
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
        label={
          <>
            Only rings at hand
            {shelfRings.length > 0 && (
              <button
                type="button"
                className={styles.fromShelf}
                disabled={fromLink}
                onClick={() => say('rings at hand', 'ringsAtHand', shelfRings)}
              >
                those of the shelf
              </button>
            )}
          </>
        }
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
      {shelfCassettes.length > 0 && (
        <p className={styles.note}>And the {shelfCassettes.length} of the shelf, with their weights and prices.</p>
      )}
      {built.length > 0 && (
        <p className={styles.note}>
          And {built.length === 1 ? 'the one' : `the ${built.length}`} you built:{' '}
          {built.map(({ name }) => name).join(', ')}.
        </p>
      )}
    </fieldset>
  );
}
