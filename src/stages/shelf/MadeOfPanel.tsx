'use client';

import { Button, Select } from 'antd';
import { SLOT_KIND, freeCount, slotsOf, suitsSlot, type Slot } from '../../core/shelf';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { LETTERS } from '../../kit/bench/setup-sign';
import { SetupMark } from '../../kit/bench/SetupMark';
import { Field } from '../../kit/fields/Field';
import { capital, short } from '../../kit/format';
import { SLOT_TEXT } from '../../kit/shop/words';
import { formatCassette } from '../../formats/shorthand';
import { sumsOf, type PartRecord, type SetupRecord } from '../../records';
import { choosePart, takeStock } from '../../store';
import styles from './Shelf.module.css';

/** Which parts of the shelf the setup in depth is made of: its weight, cost and limits come from them. */
export function MadeOfPanel() {
  const { bench, workshop, edits } = useReadyBench();
  const { setup, place, bike } = bench;
  const { parts, db } = workshop;
  const { needed, extra } = slotsOf(setup);
  const sums = sumsOf(setup, parts);
  const letter = LETTERS[place]!;
  const bare = needed.filter((slot) => setup.shelf?.[slot] === undefined);
  const stock = () => edits.write(() => takeStock(db, setup, (slot) => stockName(slot, setup, bike.name), Date.now()));
  const list = (slots: readonly Slot[]) => slots.map((slot) => SLOT_TEXT[slot]).join(', ');
  return (
    <section className={styles.panel} aria-label="Made of">
      <div className={styles.panelHead}>
        <SetupMark place={place} />
        <h2>What {letter} is made of</h2>
        {bare.length > 0 && (
          <Button size="small" onClick={stock} title="Puts a part on the shelf for each place that names none">
            {bare.length === needed.length ? `Take stock of ${letter}` : 'Take stock of the rest'}
          </Button>
        )}
      </div>
      <p className={styles.verdict} data-testid="made-of">
        {sums.massG === undefined
          ? `Weight as typed: not on the shelf with a weight: ${list(sums.unweighed)}.`
          : `${short(sums.massG, 1)} g by its parts.`}{' '}
        {sums.cost === undefined
          ? `Cost as typed${sums.unpriced.length > 0 ? `: without a price: ${list(sums.unpriced)}` : ': its prices are in several currencies'}.`
          : sums.cost === 0
            ? 'Nothing is to be bought for it.'
            : `${short(sums.cost, 2)} to buy what is not at hand.`}{' '}
        Limits are those of its parts, in Fit, Compare and Find.
      </p>
      <div className={styles.slots}>
        {[...needed, ...extra].map((slot) => (
          <Field key={slot} id={`slot-${slot}`} label={slotLabel(slot, setup)}>
            <Select<string | null>
              id={`slot-${slot}`}
              allowClear
              showSearch={{ optionFilterProp: 'label' }}
              placeholder={extra.includes(slot) ? 'none' : 'not on the shelf'}
              value={setup.shelf?.[slot] !== undefined && parts.has(setup.shelf[slot]) ? setup.shelf[slot] : null}
              status={isOther(slot, setup, parts) ? 'warning' : undefined}
              options={optionsFor(slot, setup, parts)}
              onChange={(id) =>
                edits.write(() =>
                  choosePart(db, setup, slot, id ?? undefined, `${SLOT_TEXT[slot]} of ${letter}`, Date.now()),
                )
              }
            />
          </Field>
        ))}
      </div>
    </section>
  );
}

const slotLabel = (slot: Slot, { chainrings, cogs }: SetupRecord) => {
  const teeth =
    slot === 'bigRing'
      ? `${chainrings[0]}T`
      : slot === 'smallRing'
        ? `${chainrings[1]}T`
        : slot === 'cassette'
          ? formatCassette(cogs)
          : '';
  const name = slot === 'bigRing' && chainrings.length === 1 ? 'ring' : SLOT_TEXT[slot];
  return teeth ? `${name}, ${teeth}` : name;
};

/** Whether the part that is named has other teeth than the setup, so that it says nothing of it. */
function isOther(slot: Slot, setup: SetupRecord, parts: ReadonlyMap<string, PartRecord>): boolean {
  const part = parts.get(setup.shelf?.[slot] ?? '');
  return part !== undefined && !suitsSlot(slot, setup, part.data);
}

/** Parts of the kind that have the teeth; the one that is named in any case, with why it does not count. */
function optionsFor(slot: Slot, setup: SetupRecord, parts: ReadonlyMap<string, PartRecord>) {
  return [...parts.values()]
    .filter(
      (part) => part.kind === SLOT_KIND[slot] && (suitsSlot(slot, setup, part.data) || part.id === setup.shelf?.[slot]),
    )
    .map((part) => ({
      value: part.id,
      label: `${part.name}${
        suitsSlot(slot, setup, part.data)
          ? part.quantity === 0
            ? ' (to buy)'
            : freeCount(part) > 0
              ? ''
              : ' (fitted)'
          : ' (other teeth: does not count)'
      }`,
    }));
}

const stockName = (slot: Slot, setup: SetupRecord, bikeName: string) =>
  `${capital(slotLabel(slot, setup))}, ${bikeName}`.slice(0, 80);
