'use client';

import { Button, Select } from 'antd';
import { nanoid } from 'nanoid';
import { memo } from 'react';
import type { CassetteFigures } from '../../core/find';
import { CHAINRING_TEETH, COG_COUNT, COG_TEETH } from '../../core/gears';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { Field } from '../../kit/fields/Field';
import { NumberField } from '../../kit/fields/NumberField';
import { SpeedField } from '../../kit/fields/SpeedField';
import { withOptional } from '../../kit/fields/with-optional';
import { percentText } from '../../kit/format';
import { BUILT_CASSETTES_MAX } from '../../records';
import { Numbers } from '../../kit/numbers/Numbers';
import { CogsView } from './CogsView';
import { cogsNumbers } from './cogs-numbers';
import { TeethField } from './TeethField';
import { useCassetteBuilder, type BuilderAsk, type GoalKind } from './useCassetteBuilder';
import { Note, Panel } from '../../kit/sheet/Panel';
import { Table } from '../../kit/sheet/Table';
import { problemText } from '../../messages/core';
import styles from './Find.module.css';
import { t } from './words/text';

const GOAL_LABEL: Readonly<Record<GoalKind, string>> = {
  even: t('builderPanel.goalLabel.even'),
  zone: t('builderPanel.goalLabel.zone'),
  use: t('builderPanel.goalLabel.use'),
  hand: t('builderPanel.goalLabel.hand'),
};

const SPEED_KMH = { min: 1, max: 100 };

/** Cassettes that cannot be bought: chosen by hand, or built to a goal out of single cogs. */
export const BuilderPanel = memo(function BuilderPanel() {
  const { bench } = useReadyBench();
  const builder = useCassetteBuilder();
  const { ask, set, built, bought, waiting } = builder;
  return (
    <Panel aria-label={t('builderPanel.cassetteBuilder')}>
      <h2>{t('builderPanel.buildACassette')}</h2>
      <div className={styles.builder}>
        <BuilderFields ask={ask} set={set} disabled={bench.fromLink} />
        <div className={styles.built}>
          {waiting && <Note>{waiting}</Note>}
          {built && !built.ok && (
            <p role="alert" className={styles.failure} data-testid="builder-problem">
              {problemText(built)}
            </p>
          )}
          {built?.ok && (
            <>
              <p className={styles.answer} data-testid="built">
                {built.cogs.join('-')}
              </p>
              <CogsView own={built.cogs} other={bought?.cogs} />
              <Numbers
                of={t('builderPanel.builtAndNearestBought')}
                table={() => cogsNumbers(built.cogs, bought?.cogs)}
              />
              <ComparedFigures own={built.figures} other={bought?.figures} otherCogs={bought?.cogs} />
              <KeepCassette cogs={built.cogs} />
            </>
          )}
          <p className={styles.caution}>{t('builderPanel.mixingCogsTheRampsAnd')}</p>
        </div>
      </div>
      <BuiltList />
    </Panel>
  );
});

function BuilderFields({
  ask,
  set,
  disabled,
}: {
  ask: BuilderAsk;
  set: (change: Partial<BuilderAsk>) => void;
  disabled: boolean;
}) {
  const { bench, workshop } = useReadyBench();
  const owner = t('builderPanel.builderId', { id: bench.bike.id });
  const { rides } = workshop;
  const number = (
    field: 'count' | 'smallestT' | 'largestT' | 'chainring',
    label: string,
    unit: string,
    bounds: typeof COG_TEETH,
  ) => (
    <NumberField
      id={`builder-${field}`}
      label={label}
      term={label.toLowerCase()}
      owner={owner}
      unit={unit}
      bounds={bounds}
      whole
      width="100%"
      disabled={disabled}
      value={ask[field]}
      onCommit={(value) => value !== undefined && set({ [field]: value })}
    />
  );
  const speed = (field: 'fromKmh' | 'toKmh', label: string) => (
    <SpeedField
      id={`builder-${field}`}
      label={label}
      owner={owner}
      bounds={SPEED_KMH}
      assumedKmh={ask[field]}
      width="100%"
      disabled={disabled}
      valueKmh={ask[field]}
      onCommit={(value) => value !== undefined && set({ [field]: value })}
    />
  );
  const teeth = (field: 'forced' | 'forbidden', label: string) => (
    <TeethField
      id={`builder-${field}`}
      label={label}
      owner={owner}
      value={ask[field].length > 0 ? ask[field] : undefined}
      bounds={COG_TEETH}
      placeholder={t('builderPanel.none')}
      disabled={disabled}
      onCommit={(cogs) => set({ [field]: cogs ?? [] })}
    />
  );
  return (
    <div className={styles.builderFields}>
      <Field id="builder-goal" label={t('builderPanel.builtTo')}>
        <Select<GoalKind>
          id="builder-goal"
          style={{ width: '100%' }}
          value={ask.goal}
          options={Object.entries(GOAL_LABEL).map(([value, label]) => ({ value: value as GoalKind, label }))}
          onChange={(goal) => set({ goal })}
        />
      </Field>
      {ask.goal === 'hand' ? (
        <TeethField
          id="builder-hand"
          label={t('builderPanel.cogs')}
          owner={owner}
          value={ask.byHand}
          bounds={COG_TEETH}
          placeholder="11, 13, 15, …"
          disabled={disabled}
          onCommit={(cogs) => set({ byHand: cogs ?? [] })}
        />
      ) : (
        <>
          <div className={styles.fields}>
            {number('count', t('builderPanel.cogs'), '', COG_COUNT)}
            {number('smallestT', t('builderPanel.smallest'), 'T', COG_TEETH)}
            {number('largestT', t('builderPanel.largest'), 'T', COG_TEETH)}
          </div>
          {ask.goal === 'zone' && (
            <div className={styles.fields}>
              {speed('fromKmh', t('builderPanel.fineFrom'))}
              {speed('toKmh', t('builderPanel.fineTo'))}
              {number('chainring', t('builderPanel.onTheRing'), 'T', CHAINRING_TEETH)}
            </div>
          )}
          {ask.goal === 'use' && rides.length > 0 && (
            <div className={styles.fields}>
              <Field id="builder-ride" label={t('builderPanel.ride')}>
                <Select<string>
                  id="builder-ride"
                  style={{ width: '100%' }}
                  popupMatchSelectWidth={false}
                  value={ask.rideId}
                  options={rides.map(({ id, name }) => ({ value: id, label: name }))}
                  onChange={(rideId) => set({ rideId })}
                />
              </Field>
              {number('chainring', t('builderPanel.allOnTheRing'), 'T', CHAINRING_TEETH)}
            </div>
          )}
          {teeth('forced', t('builderPanel.cogsThatMustBeThere'))}
          {teeth('forbidden', t('builderPanel.cogsThatMustNot'))}
          <TeethField
            id="builder-only"
            label={t('builderPanel.onlyCogsAtHand')}
            owner={owner}
            value={ask.only}
            bounds={COG_TEETH}
            placeholder={t('builderPanel.anyCog')}
            disabled={disabled}
            onCommit={(only) => set({ only })}
          />
        </>
      )}
    </div>
  );
}

/** What is built beside the nearest that can be bought. */
function ComparedFigures({
  own,
  other,
  otherCogs,
}: {
  own: CassetteFigures;
  other: CassetteFigures | undefined;
  otherCogs: readonly number[] | undefined;
}) {
  const rows: readonly (readonly [string, (figures: CassetteFigures) => number | undefined])[] = [
    [t('builderPanel.largestStep'), ({ largestStep }) => largestStep],
    [t('builderPanel.meanStep'), ({ meanStep }) => meanStep],
    [t('builderPanel.largestStepAtThoseSpeeds'), ({ largestInZone }) => largestInZone],
    [t('builderPanel.offTheGearsThatWere'), ({ distance }) => distance],
    [t('builderPanel.ofThatRidingBeyondIts'), ({ beyondEnds }) => beyondEnds],
  ];
  return (
    <Table className={styles.table} data-testid="builder-figures">
      <thead>
        <tr>
          <td />
          <th scope="col">{t('builderPanel.built')}</th>
          <th scope="col">
            {otherCogs
              ? t('builderPanel.nearestBoughtOtherCogs', { otherCogs: otherCogs.join('-') })
              : t('builderPanel.noneBoughtHasManyCogs')}
          </th>
        </tr>
      </thead>
      <tbody>
        {rows
          .filter(([, of]) => of(own) !== undefined)
          .map(([name, of]) => (
            <tr key={name}>
              <th scope="row">{name}</th>
              <td>{percentText(of(own)!)}</td>
              <td>{other ? percentText(of(other)!) : '–'}</td>
            </tr>
          ))}
      </tbody>
    </Table>
  );
}

/** Keeps what is built with the bike, so that searches try it. */
function KeepCassette({ cogs }: { cogs: readonly number[] }) {
  const { bench, edits } = useReadyBench();
  const { bike, fromLink } = bench;
  const kept = bike.builtCassettes ?? [];
  const isKept = kept.some((one) => one.cogs.join() === cogs.join());
  const full = kept.length >= BUILT_CASSETTES_MAX;
  const keep = () => {
    const cassette = {
      id: nanoid(),
      name: t('builderPanel.builtCogCogsCountCogs', { cog: cogs[0]!, cogs: cogs.at(-1)!, count: cogs.length }),
      cogs,
    };
    edits.editBike(t('builderPanel.builtCassettes'), (record) => ({
      ...record,
      builtCassettes: [...(record.builtCassettes ?? []), cassette],
    }));
  };
  return (
    <Button onClick={keep} disabled={fromLink || isKept || full} data-testid="keep-cassette">
      {isKept
        ? t('builderPanel.searchedAlready')
        : full
          ? t('builderPanel.builtCassettesMaxAreKeptRemoveOne', { builtCassettesMax: BUILT_CASSETTES_MAX })
          : t('builderPanel.searchWithIt')}
    </Button>
  );
}

function BuiltList() {
  const { bench, edits } = useReadyBench();
  const kept = bench.bike.builtCassettes ?? [];
  if (kept.length === 0) return null;
  const remove = (id: string) =>
    edits.editBike(t('builderPanel.builtCassettes'), (record) => {
      const left = (record.builtCassettes ?? []).filter((one) => one.id !== id);
      return withOptional(record, 'builtCassettes', left.length > 0 ? left : undefined);
    });
  return (
    <>
      <h3 className={styles.subhead}>{t('builderPanel.builtForThisBikeAnd')}</h3>
      <ul className={styles.kept} data-testid="built-list">
        {kept.map(({ id, name, cogs }) => (
          <li key={id}>
            <span>
              <strong>{name}</strong> {cogs.join('-')}
            </span>
            <Button
              size="small"
              onClick={() => remove(id)}
              aria-label={t('builderPanel.removeName', { name })}
              disabled={bench.fromLink}
            >
              {t('builderPanel.remove')}
            </Button>
          </li>
        ))}
      </ul>
    </>
  );
}
