'use client';

import { Button } from 'antd';
import { useState } from 'react';
import type { Brief } from '../../core/needs';
import { filledPrices } from '../../core/find';
import { AFTER_S, GRADE_CHANGE, type HabitFromRides, type RiderFromRides } from '../../core/ridden';
import { SaveTable } from '../../features/save-table/SaveTable';
import { moneyText } from '../../features/units/measures';
import { useBrief } from '../../features/workspace/useBrief';
import { useUnits } from '../../features/workspace/useUnits';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import type { WorkerQuery } from '../../features/worker-query/useWorkerQuery';
import { textOf } from '../../messages/core';
import { NumberField } from '../../ui/fields/NumberField';
import { fixed, short } from '../../ui/format';
import { Note, Panel, PanelHead } from '../../ui/panel/Panel';
import { Table } from '../../ui/panel/Table';
import type { RiddenResponse } from '../../workers/rides/protocol';
import { briefFromRides } from './rider-to-needs';
import { costRows, costTable, setupCosts } from './setup-costs';
import { CHAIN_LIFE_BOUNDS_KM, CHAIN_LIFE_KM, useChainLife } from './useChainLife';
import { SetupTable } from './SetupTable';
import styles from './Rides.module.css';
import { t } from './text';
import { firstOf } from '../../core/items';

interface RiddenPanelProps {
  readonly state: WorkerQuery<never, RiddenResponse>;
  readonly habit: HabitFromRides | undefined;
}

/** What the selected rides tell beyond their gears: the rider, the habit of shifting, and what each setup would cost. */
export function RiddenPanel({ state, habit }: RiddenPanelProps) {
  if (state.kind === 'idle') return null;
  return (
    <Panel aria-label={t('riddenPanel.fromTheseRides')} data-testid="ridden">
      <h2>{t('riddenPanel.fromTheseRides')}</h2>
      {state.kind === 'working' && <Note>{t('riddenPanel.working')}</Note>}
      {state.kind === 'failed' && (
        <p role="alert" className={styles.failure}>
          {state.message}
        </p>
      )}
      {state.kind === 'answered' && (
        <div className={styles.ridden}>
          <div>
            <Rider result={state.answer.rider} />
            <Habit habit={habit} />
          </div>
          <div>
            <Costs response={state.answer} />
          </div>
        </div>
      )}
    </Panel>
  );
}

function Rider({ result }: { result: RiddenResponse['rider'] }) {
  const { brief } = useBrief();
  if (!result.ok)
    return <Note data-testid="rider-unknown">{t('riddenPanel.riderUnknown', { why: textOf(result.why) })}</Note>;
  const { rider } = result;
  const { efforts, isPowerMeasured } = rider;
  return (
    <>
      <h3 className={styles.subhead}>{t('riddenPanel.rider')}</h3>
      {efforts.length === 0 ? (
        <Note>{t('riddenPanel.tooShort')}</Note>
      ) : (
        <Table className={styles.table} data-testid="efforts">
          <caption>{isPowerMeasured ? t('riddenPanel.effortsMeasured') : t('riddenPanel.effortsWorkedOut')}</caption>
          <thead>
            <tr>
              <th scope="col">{t('riddenPanel.duration')}</th>
              <th scope="col">{t('riddenPanel.power')}</th>
              <th scope="col">{t('riddenPanel.perKg')}</th>
            </tr>
          </thead>
          <tbody>
            {efforts.map(({ minutes, powerW, spreadW, wattsPerKg }) => (
              <tr key={minutes}>
                <th scope="row">{t('riddenPanel.minutes', { minutes })}</th>
                <td>
                  {isPowerMeasured
                    ? t('riddenPanel.watts', { watts: fixed(powerW, 0) })
                    : t('riddenPanel.wattsSpread', { watts: fixed(powerW, 0), spread: fixed(spreadW, 0) })}
                </td>
                <td>{fixed(wattsPerKg, 2)}</td>
              </tr>
            ))}
          </tbody>
        </Table>
      )}
      <Note data-testid="resistance">{resistanceText(rider)}</Note>
      <TakeOver taken={briefFromRides(rider, brief)} />
    </>
  );
}

function resistanceText({ crr, cdaM2, stretches }: RiderFromRides): string {
  if (stretches === 0) return t('riddenPanel.noStretches');
  const figure = ({ value, spread, isFromRides }: RiderFromRides['crr'], digits: number) => ({
    value: fixed(value, digits),
    spread: fixed(spread, digits),
    isKnown: isFromRides ? 'yes' : 'no',
  });
  const [rolling, air] = [figure(crr, 4), figure(cdaM2, 2)];
  return t('riddenPanel.resistance', {
    rolling: t('riddenPanel.rolling', rolling),
    air: t('riddenPanel.air', air),
    stretches,
  });
}

function TakeOver({ taken }: { taken: Pick<Brief, 'powerW' | 'crr' | 'cdaM2'> }) {
  const { workspace, edits } = useReadyWorkspace();
  const { bike, fromLink } = workspace;
  const { powerW, crr, cdaM2 } = taken;
  const said = [
    ...(powerW === undefined ? [] : [t('riddenPanel.takePower', { powerW })]),
    ...(cdaM2 === undefined ? [] : [t('riddenPanel.takeAir', { cdaM2: fixed(cdaM2, 2) })]),
    ...(crr === undefined ? [] : [t('riddenPanel.takeRolling', { crr: fixed(crr, 4) })]),
  ];
  if (said.length === 0) return null;
  const isTaken = (Object.entries(taken) as [keyof typeof taken, number][]).every(
    ([field, value]) => bike.brief[field] === value,
  );
  return (
    <p>
      <Button
        size="small"
        disabled={isTaken || fromLink}
        data-testid="take-over"
        onClick={() =>
          edits.editBike({ key: 'briefFromRides', text: t('riddenPanel.riderFromRides') }, (record) => ({
            ...record,
            brief: { ...record.brief, ...taken },
          }))
        }
      >
        {t('riddenPanel.useInNeeds')}
      </Button>{' '}
      {isTaken ? t('riddenPanel.inNeeds') : said.join(', ')}
    </p>
  );
}

function Habit({ habit }: { habit: HabitFromRides | undefined }) {
  return (
    <>
      <h3 className={styles.subhead}>{t('riddenPanel.habit')}</h3>
      <Note data-testid="habit">
        {habit
          ? t('riddenPanel.habitFound', {
              easier: fixed(habit.easierBelowRpm, 0),
              harder: fixed(habit.harderAboveRpm, 0),
              pause: fixed(habit.pauseS, 0),
              shifts: habit.shifts,
            })
          : t('riddenPanel.habitUnknown')}
      </Note>
    </>
  );
}

function Costs({ response: { hunting, chain } }: { response: RiddenResponse }) {
  const units = useUnits();
  const { brief } = useBrief();
  const { workspace } = useReadyWorkspace();
  const { bike, setups } = workspace;
  const gaugedKm = useChainLife();
  const [typedKm, setTypedKm] = useState<number>();
  const usualKm = gaugedKm ?? CHAIN_LIFE_KM;
  const price = filledPrices(bike.find?.prices).chain;
  if (hunting.length !== setups.length) return null;
  const costs = setupCosts(hunting, chain, typedKm ?? usualKm, price);
  return (
    <>
      <PanelHead>
        <h3 className={styles.subhead}>{t('riddenPanel.onEachSetup')}</h3>
        <SaveTable
          name={t('riddenPanel.tableName', { name: bike.name })}
          table={() => costTable(costs, units.currency)}
        />
      </PanelHead>
      <SetupTable
        items={costs}
        rows={costRows(costs, units)}
        corner={t('riddenPanel.figure')}
        caption={t('riddenPanel.sameSpeeds', {
          rpm: fixed(brief.preferredRpm, 0),
          changes: firstOf(hunting).gradeChanges,
          grade: GRADE_CHANGE * 100,
          seconds: AFTER_S,
        })}
        testId="ridden-costs"
      />
      {chain ? (
        <div className={styles.fields}>
          <NumberField
            id="chain-life"
            label={t('riddenPanel.chainLifeOnA')}
            term={t('riddenPanel.chainLifeTerm')}
            owner={bike.id}
            unit="km"
            bounds={CHAIN_LIFE_BOUNDS_KM}
            width={180}
            placeholder={short(usualKm, 0)}
            value={typedKm}
            onCommit={setTypedKm}
          />
          <Note>
            {t('riddenPanel.chainNote', {
              source: gaugedKm === undefined ? 'assumed' : 'gauge',
              price: moneyText(units, price),
            })}
          </Note>
        </div>
      ) : (
        <Note>{t('riddenPanel.noChain')}</Note>
      )}
    </>
  );
}
