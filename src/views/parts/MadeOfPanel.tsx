'use client';

import { firstOf, itemAt } from '../../core/items';
import { Button, Select } from 'antd';
import { SLOT_KIND, freeCount, slotsOf, suitsSlot, type Slot } from '../../core/parts';
import { moneyText, partMassText } from '../../features/units/measures';
import { useUnits } from '../../features/workspace/useUnits';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { letterOf } from '../../features/setup-mark/setup-sign';
import { SharedParts } from '../../features/setups-bar/SharedParts';
import { SetupChoice } from '../../features/setups-bar/SetupChoice';
import { SetupMark } from '../../features/setup-mark/SetupMark';
import { Field } from '../../ui/fields/Field';
import { capital } from '../../ui/format';
import { SLOT_TEXT } from '../../messages/job';
import { formatCassette } from '../../formats/shorthand';
import { sumsOf, type PartRecord, type SetupRecord } from '../../records';
import { choosePart, takeStock } from '../../store';
import { Panel, PanelHead } from '../../ui/panel/Panel';
import styles from './Parts.module.css';
import { t } from './text';
import { defined } from '../../core/optional';

/** The parts of the selected setup, which give its weight, cost and limits. */
export function MadeOfPanel() {
  const units = useUnits();
  const { workspace, workshop, edits } = useReadyWorkspace();
  const { setup, place, bike } = workspace;
  const { parts, db } = workshop;
  const { needed, extra } = slotsOf(setup);
  const sums = sumsOf(setup, parts);
  const letter = letterOf(place);
  const bare = needed.filter((slot) => setup.partIds?.[slot] === undefined);
  const stock = () => edits.write(() => takeStock(db, setup, (slot) => stockName(slot, setup, bike.name), Date.now()));
  const list = (slots: readonly Slot[]) => slots.map((slot) => SLOT_TEXT[slot]).join(', ');
  return (
    <Panel aria-label={t('madeOfPanel.madeOf')}>
      <PanelHead>
        <SetupMark place={place} />
        <h2>{t('madeOfPanel.partsSetup', { letter })}</h2>
        <SetupChoice withBike />
        {bare.length > 0 && (
          <Button size="small" onClick={stock} title={t('madeOfPanel.addsPartStockEach')}>
            {bare.length === needed.length
              ? t('madeOfPanel.takeStockOfLetter', { letter })
              : t('madeOfPanel.addRemainingPartsStock')}
          </Button>
        )}
      </PanelHead>
      <p className={styles.verdict} data-testid="made-of">
        {t('madeOfPanel.valueValue2LimitsAreThose', {
          value:
            sums.massG === undefined
              ? t('madeOfPanel.weightEnteredNoWeight', { list: list(sums.unweighed) })
              : t('madeOfPanel.parts', { mass: partMassText(units, sums.massG, 1) }),
          value2:
            sums.cost === undefined
              ? t('madeOfPanel.costAsTypedValue', {
                  value:
                    sums.unpriced.length > 0
                      ? t('madeOfPanel.noPrice', { list: list(sums.unpriced) })
                      : t('madeOfPanel.itsPricesAreInSeveral'),
                })
              : sums.cost === 0
                ? t('madeOfPanel.nothingBuy')
                : t('madeOfPanel.partsBuy', { cost: moneyText(units, sums.cost) }),
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
              placeholder={extra.includes(slot) ? t('madeOfPanel.none') : t('madeOfPanel.notStock')}
              value={setup.partIds?.[slot] !== undefined && parts.has(setup.partIds[slot]) ? setup.partIds[slot] : null}
              {...defined({ status: isOther(slot, setup, parts) ? 'warning' : undefined })}
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
      ? `${firstOf(chainrings)}T`
      : slot === 'smallRing'
        ? `${itemAt(chainrings, 1)}T`
        : slot === 'cassette'
          ? formatCassette(cogs)
          : '';
  const name = slot === 'bigRing' && chainrings.length === 1 ? t('madeOfPanel.ring') : SLOT_TEXT[slot];
  return teeth ? `${name}, ${teeth}` : name;
};

/** Whether the named part has other teeth than the setup, so that its data do not apply. */
function isOther(slot: Slot, setup: SetupRecord, parts: ReadonlyMap<string, PartRecord>): boolean {
  const part = parts.get(setup.partIds?.[slot] ?? '');
  return part !== undefined && !suitsSlot(slot, setup, part.data);
}

/** Parts of the kind that have the teeth; the one that is named in any case, with why it does not count. */
function optionsFor(slot: Slot, setup: SetupRecord, parts: ReadonlyMap<string, PartRecord>) {
  return [...parts.values()]
    .filter(
      (part) =>
        part.kind === SLOT_KIND[slot] && (suitsSlot(slot, setup, part.data) || part.id === setup.partIds?.[slot]),
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
          : t('madeOfPanel.toothCountDiffersIgnored')
      }`,
    }));
}

const stockName = (slot: Slot, setup: SetupRecord, bikeName: string) =>
  `${capital(slotLabel(slot, setup))}, ${bikeName}`.slice(0, 80);
