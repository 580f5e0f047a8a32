'use client';

import { Input, Select } from 'antd';
import { useState } from 'react';
import { BRIEF_BOUNDS } from '../../core/needs';
import { lossBetween, lossGearsOf, type LossGear, type LossOfGear } from '../../core/compare';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { withPublishedLoss } from '../../features/workspace/grouped-values';
import { letterOf } from '../../features/setup-mark/setup-sign';
import { gearName } from '../../features/explanations/gears';
import { Field } from '../../ui/fields/Field';
import { NumberField } from '../../ui/fields/NumberField';
import { SpeedField } from '../../features/fields/SpeedField';
import { withOptional } from '../../ui/fields/with-optional';
import { fixed, short } from '../../ui/format';
import { PUBLISHED_LOSS_W, type PublishedLoss } from '../../records';
import type { Comparison } from './useCompare';
import { Panel } from '../../ui/panel/Panel';
import { Table } from '../../ui/panel/Table';
import styles from './Compare.module.css';
import { t } from './text';
import { firstOf, itemAt } from '../../core/items';

interface Choice extends LossGear {
  readonly key: string;
  readonly label: string;
}

/** Any two gears of the setups side by side in watts, at a power and a speed, with a published figure beside. */
export function LossesBetween({ comparison }: { comparison: Comparison }) {
  const { workspace, preferences, edits } = useReadyWorkspace();
  const { all, inUse } = comparison;
  const { brief } = inUse;
  const { bike, fromLink } = workspace;
  const [keys, setKeys] = useState<readonly [string | undefined, string | undefined]>([undefined, undefined]);
  const choices = all.flatMap(({ place, figures }) =>
    lossGearsOf(figures.candidate).map((gear): Choice => {
      const name = gearName(gear);
      return { ...gear, key: `${place} ${name}`, label: `${letterOf(place)} ${name}` };
    }),
  );
  const cruisingKey = (at: number) => {
    const { place, figures } = itemAt(all, at);
    return `${place} ${gearName(figures.cruising.gear)}`;
  };
  const chosen = ([0, 1] as const).map((side) => {
    const wanted = keys[side] ?? cruisingKey(Math.min(side, all.length - 1));
    return choices.find(({ key }) => key === wanted) ?? firstOf(choices);
  });
  const { lossPowerW, lossKmh } = preferences.tables ?? {};
  const powerW = lossPowerW ?? brief.powerW;
  const speedKmh = lossKmh ?? brief.cruisingSpeedKmh;
  const { left, right, differenceW, withinSpreads } = lossBetween(firstOf(chosen), itemAt(chosen, 1), {
    powerW,
    speedKmh,
    frontDragCm2: brief.frontDragCm2,
    anglePercentPerDeg: bike.angleLossPercentPerDeg ?? 0,
  });
  const hasHub = all.some(({ figures }) => figures.candidate.setup.hubStages.length > 1);
  const published = bike.publishedLoss ?? {};
  const setPublished = <K extends keyof PublishedLoss>(field: K, value: PublishedLoss[K]) =>
    edits.editBike({ undo: 'publishedLoss', of: field }, (record) => withPublishedLoss(record, field, value));
  const setTables = (field: 'lossPowerW' | 'lossKmh', value: number | undefined) =>
    edits.editPreferences((now) => ({ tables: withOptional(now.tables ?? {}, field, value) }));
  const side = (at: 0 | 1, label: string) => (
    <Field id={`loss-${at}`} label={label}>
      <Select<string>
        id={`loss-${at}`}
        showSearch
        style={{ width: 130 }}
        value={itemAt(chosen, at).key}
        options={choices.map(({ key, label: text }) => ({ value: key, label: text }))}
        onChange={(key) => setKeys(at === 0 ? [key, keys[1]] : [keys[0], key])}
      />
    </Field>
  );
  return (
    <Panel aria-label={t('lossesBetween.losses')}>
      <h2>{t('lossesBetween.losses')}</h2>
      <div className={styles.lossFields}>
        {side(0, t('lossesBetween.oneGear'))}
        {side(1, t('lossesBetween.otherGear'))}
        <NumberField
          id="loss-power"
          label={t('lossesBetween.power')}
          term={t('lossesBetween.power')}
          owner="loss"
          unit="W"
          bounds={BRIEF_BOUNDS.powerW}
          optional
          width={110}
          placeholder={short(brief.powerW, 0)}
          value={lossPowerW}
          onCommit={(value) => setTables('lossPowerW', value)}
        />
        <SpeedField
          id="loss-speed"
          label={t('lossesBetween.speed')}
          owner="loss"
          bounds={BRIEF_BOUNDS.cruisingSpeedKmh}
          assumedKmh={brief.cruisingSpeedKmh}
          valueKmh={lossKmh}
          onCommit={(value) => setTables('lossKmh', value)}
        />
        <NumberField
          id="published-loss"
          label={t('lossesBetween.published')}
          term={t('lossesBetween.published')}
          owner={bike.id}
          unit="W"
          bounds={PUBLISHED_LOSS_W}
          optional
          disabled={fromLink}
          width={120}
          value={published.differenceW}
          onCommit={(value) => setPublished('differenceW', value)}
        />
        <Field id="published-source" label={t('lossesBetween.source')}>
          <Input
            id="published-source"
            key={bike.id}
            disabled={fromLink}
            maxLength={120}
            defaultValue={published.source}
            placeholder={t('lossesBetween.sourceSuch')}
            onBlur={({ target }) => {
              const source = target.value.trim();
              if (source !== (published.source ?? '')) setPublished('source', source || undefined);
            }}
          />
        </Field>
      </div>
      <Table className={styles.table} data-testid="losses-between">
        <thead>
          <tr>
            <th scope="col">{t('lossesBetween.gear')}</th>
            <th scope="col">{t('lossesBetween.chain')}</th>
            {hasHub && <th scope="col">{t('lossesBetween.hub')}</th>}
            <th scope="col">{t('lossesBetween.air')}</th>
            <th scope="col">{t('lossesBetween.total')}</th>
          </tr>
        </thead>
        <tbody>
          {[left, right].map((loss, i) => (
            <LossRow key={i} label={itemAt(chosen, i).label} loss={loss} hasHub={hasHub} />
          ))}
        </tbody>
      </Table>
      <p data-testid="loss-verdict">
        {withinSpreads
          ? t('lossesBetween.noDifference', { watts: fixed(Math.abs(differenceW), 1) })
          : t('lossesBetween.difference', {
              more: itemAt(chosen, differenceW > 0 ? 1 : 0).label,
              watts: fixed(Math.abs(differenceW), 1),
              less: itemAt(chosen, differenceW > 0 ? 0 : 1).label,
            })}{' '}
        {published.differenceW !== undefined &&
          t('lossesBetween.publishedSays', {
            watts: fixed(published.differenceW, 1),
            source: published.source ?? t('lossesBetween.noSource'),
          })}
      </p>
      <p className={styles.legend}>{t('lossesBetween.estimate')}</p>
    </Panel>
  );
}

function LossRow({
  label,
  loss: { chain, hub, air, total },
  hasHub,
}: {
  label: string;
  loss: LossOfGear;
  hasHub: boolean;
}) {
  const watts = ({ watts: value, lowWatts, highWatts }: LossOfGear['total']) =>
    t('lossesBetween.watts', { watts: fixed(value, 1), low: fixed(lowWatts, 1), high: fixed(highWatts, 1) });
  return (
    <tr>
      <th scope="row">{label}</th>
      <td>{watts(chain)}</td>
      {hasHub && <td>{hub.watts === 0 ? t('lossesBetween.none') : watts(hub)}</td>}
      <td>{air.watts === 0 ? t('lossesBetween.none') : watts(air)}</td>
      <td>{watts(total)}</td>
    </tr>
  );
}
