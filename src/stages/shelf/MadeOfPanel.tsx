'use client';

import { Button, Select } from 'antd';
import { SLOT_KIND, freeCount, slotsOf, suitsSlot, type Slot } from '../../core/shelf';
import { moneyText, partMassText } from '../../kit/measures';
import { useUnits } from '../../kit/bench/useUnits';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { letterOf } from '../../kit/bench/setup-sign';
import { SharedParts } from '../../kit/bench/SharedParts';
import { SetupChoice } from '../../kit/bench/SetupChoice';
import { SetupMark } from '../../kit/bench/SetupMark';
import { Field } from '../../kit/fields/Field';
import { capital } from '../../kit/format';
import { SLOT_TEXT } from '../../messages/job';
import { formatCassette } from '../../formats/shorthand';
import { sumsOf, type PartRecord, type SetupRecord } from '../../records';
import { choosePart, takeStock } from '../../store';
import { Panel, PanelHead } from '../../kit/sheet/Panel';
import styles from './Shelf.module.css';
import { t } from './words/text';

/** Which parts of the shelf the setup in depth is made of: its weight, cost and limits come from them. */
export function MadeOfPanel() {
  const units = useUnits();
  const { bench, workshop, edits } = useReadyBench();
  const { setup, place, bike } = bench;
  const { parts, db } = workshop;
  const { needed, extra } = slotsOf(setup);
  const sums = sumsOf(setup, parts);
  const letter = letterOf(place);
  const bare = needed.filter((slot) => setup.shelf?.[slot] === undefined);
  const stock = () => edits.write(() => takeStock(db, setup, (slot) => stockName(slot, setup, bike.name), Date.now()));
  const list = (slots: readonly Slot[]) => slots.map((slot) => SLOT_TEXT[slot]).join(', ');
  return (
    <Panel aria-label={t('madeOfPanel.madeOf')}>
      <PanelHead>
        <SetupMark place={place} />
        <h2>{t('madeOfPanel.whatLetterIsMadeOf', { letter })}</h2>
        <SetupChoice withBike />
        {bare.length > 0 && (
          <Button size="small" onClick={stock} title={t('madeOfPanel.putsAPartOnThe')}>
            {bare.length === needed.length
              ? t('madeOfPanel.takeStockOfLetter', { letter })
              : t('madeOfPanel.takeStockOfTheRest')}
          </Button>
        )}
      </PanelHead>
      <p className={styles.verdict} data-testid="made-of">
        {t('madeOfPanel.valueValue2LimitsAreThose', {
          value:
            sums.massG === undefined
              ? t('madeOfPanel.weightAsTypedNotOn', { list: list(sums.unweighed) })
              : t('madeOfPanel.massGByItsParts', { mass: partMassText(units, sums.massG, 1) }),
          value2:
            sums.cost === undefined
              ? t('madeOfPanel.costAsTypedValue', {
                  value:
                    sums.unpriced.length > 0
                      ? t('madeOfPanel.withoutAPriceList', { list: list(sums.unpriced) })
                      : t('madeOfPanel.itsPricesAreInSeveral'),
                })
              : sums.cost === 0
                ? t('madeOfPanel.nothingIsToBeBought')
                : t('madeOfPanel.costToBuyWhatIs', { cost: moneyText(units, sums.cost) }),
        })}
      </p>
      <SharedParts />
      <div className={styles.slots}>
        {[...needed, ...extra].map((slot) => (
          <Field key={slot} id={`slot-${slot}`} label={slotLabel(slot, setup)}>
            <Select<string | null>
              id={`slot-${slot}`}
              allowClear
              showSearch={{ optionFilterProp: 'label' }}
              placeholder={extra.includes(slot) ? t('madeOfPanel.none') : t('madeOfPanel.notOnTheShelf')}
              value={setup.shelf?.[slot] !== undefined && parts.has(setup.shelf[slot]) ? setup.shelf[slot] : null}
              status={isOther(slot, setup, parts) ? 'warning' : undefined}
              options={optionsFor(slot, setup, parts)}
              onChange={(id) =>
                edits.write(() =>
                  choosePart(
                    db,
                    setup,
                    slot,
                    id ?? undefined,
                    t('madeOfPanel.slotOfLetter', { slot: SLOT_TEXT[slot], letter }),
                    Date.now(),
                  ),
                )
              }
            />
          </Field>
        ))}
      </div>
    </Panel>
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
  const name = slot === 'bigRing' && chainrings.length === 1 ? t('madeOfPanel.ring') : SLOT_TEXT[slot];
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
            ? t('madeOfPanel.toBuy')
            : freeCount(part) > 0
              ? ''
              : ` ${t('madeOfPanel.fitted')}`
          : t('madeOfPanel.otherTeethDoesNotCount')
      }`,
    }));
}

const stockName = (slot: Slot, setup: SetupRecord, bikeName: string) =>
  `${capital(slotLabel(slot, setup))}, ${bikeName}`.slice(0, 80);
