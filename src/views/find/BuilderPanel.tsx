'use client';

import { Button, Select } from 'antd';
import { nanoid } from 'nanoid';
import { memo } from 'react';
import type { CassetteFigures } from '../../core/find';
import { CHAINRING_TEETH, COG_COUNT, COG_TEETH } from '../../core/gears';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { Field } from '../../ui/fields/Field';
import { NumberField } from '../../ui/fields/NumberField';
import { SpeedField } from '../../features/fields/SpeedField';
import { withOptional } from '../../ui/fields/with-optional';
import { percentText } from '../../ui/format';
import { BUILT_CASSETTES_MAX } from '../../records';
import { Numbers } from '../../ui/numbers/Numbers';
import { CogsView } from './CogsView';
import { cogsNumbers } from './cogs-numbers';
import { TeethField } from './TeethField';
import { useCassetteBuilder, type BuilderAsk, type GoalKind } from './useCassetteBuilder';
import { Note, Panel } from '../../ui/panel/Panel';
import { Table } from '../../ui/panel/Table';
import { problemText } from '../../messages/core';
import styles from './Find.module.css';
import { t } from './text';
import { defined } from '../../core/optional';
import { firstOf, lastOf, definite } from '../../core/items';

const GOAL_LABEL: Readonly<Record<GoalKind, string>> = {
  even: t('builderPanel.goalLabel.even'),
  zone: t('builderPanel.goalLabel.zone'),
  use: t('builderPanel.goalLabel.use'),
  hand: t('builderPanel.goalLabel.hand'),
};

const SPEED_KMH = { min: 1, max: 100 };

/** Builds cassettes that are not sold: by hand, or to a goal from single cogs. */
export const BuilderPanel = memo(function BuilderPanel() {
  const { workspace } = useReadyWorkspace();
  const builder = useCassetteBuilder();
  const { ask, set, built, bought, waiting } = builder;
  return (
    <Panel aria-label={t('builderPanel.cassetteBuilder')}>
      <h2>{t('builderPanel.buildACassette')}</h2>
      <div className={styles.builder}>
        <BuilderFields ask={ask} set={set} disabled={workspace.fromLink} />
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
                of={t('builderPanel.customCassetteNearestStock')}
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
  const { workspace, workshop } = useReadyWorkspace();
  const owner = `builder ${workspace.bike.id}`;
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
      term={t(`builderPanel.terms.${field}`)}
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
                  {...defined({ value: ask.rideId })}
                  options={rides.map(({ id, name }) => ({ value: id, label: name }))}
                  onChange={(rideId) => set({ rideId })}
                />
              </Field>
              {number('chainring', t('builderPanel.allOnTheRing'), 'T', CHAINRING_TEETH)}
            </div>
          )}
          {teeth('forced', t('builderPanel.cogsInclude'))}
          {teeth('forbidden', t('builderPanel.cogsLeaveOut'))}
          <TeethField
            id="builder-only"
            label={t('builderPanel.onlyCogsIHave')}
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
    [t('builderPanel.largestStepSpeedRange'), ({ largestInZone }) => largestInZone],
    [t('builderPanel.averageDifferenceGearsActually'), ({ distance }) => distance],
    [t('builderPanel.ridingWasOutsideRange'), ({ beyondEnds }) => beyondEnds],
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
              : t('builderPanel.noStockCassetteHas')}
          </th>
        </tr>
      </thead>
      <tbody>
        {rows
          .filter(([, of]) => of(own) !== undefined)
          .map(([name, of]) => (
            <tr key={name}>
              <th scope="row">{name}</th>
              <td>{percentText(definite(of(own)))}</td>
              <td>{other ? percentText(definite(of(other))) : '–'}</td>
            </tr>
          ))}
      </tbody>
    </Table>
  );
}

/** Keeps what is built with the bike, so that searches try it. */
function KeepCassette({ cogs }: { cogs: readonly number[] }) {
  const { workspace, edits } = useReadyWorkspace();
  const { bike, fromLink } = workspace;
  const kept = bike.builtCassettes ?? [];
  const isKept = kept.some((one) => one.cogs.join() === cogs.join());
  const full = kept.length >= BUILT_CASSETTES_MAX;
  const keep = () => {
    const cassette = {
      id: nanoid(),
      name: t('builderPanel.builtCogCogsCountCogs', { cog: firstOf(cogs), cogs: lastOf(cogs), count: cogs.length }),
      cogs,
    };
    edits.editBike('builtCassettes', (record) => ({
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
          : t('builderPanel.includeSearch')}
    </Button>
  );
}

function BuiltList() {
  const { workspace, edits } = useReadyWorkspace();
  const kept = workspace.bike.builtCassettes ?? [];
  if (kept.length === 0) return null;
  const remove = (id: string) =>
    edits.editBike('builtCassettes', (record) => {
      const left = (record.builtCassettes ?? []).filter((one) => one.id !== id);
      return withOptional(record, 'builtCassettes', left.length > 0 ? left : undefined);
    });
  return (
    <>
      <h3 className={styles.subhead}>{t('builderPanel.customCassettesBikeIncluded')}</h3>
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
              disabled={workspace.fromLink}
            >
              {t('builderPanel.remove')}
            </Button>
          </li>
        ))}
      </ul>
    </>
  );
}
