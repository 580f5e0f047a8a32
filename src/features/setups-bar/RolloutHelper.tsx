'use client';

import { DeleteOutlined, PlusOutlined } from '@ant-design/icons';
import { Button, Input, Modal } from 'antd';
import { useState } from 'react';
import { checkRolloutTry, measuredRollout, rolloutMm, WHEEL_TURNS, type RolloutTry } from '../../core/gears';
import { parseNumber } from '../../ui/fields/parse-number';
import { withOptional } from '../../ui/fields/with-optional';
import { fixed, percentText } from '../../ui/format';
import { textOf } from '../../messages/core';
import { useReadyWorkspace } from '../workspace/WorkspaceProvider';
import styles from './SetupsBar.module.css';
import { t } from './text';
import { definite } from '../../core/items';

interface TypedTry {
  readonly turns: string;
  readonly distance: string;
}

const EMPTY: TypedTry = { turns: '5', distance: '' };
/** Tries that differ by more than this are worth another, as a share. */
const SPREAD_TO_DOUBT = 0.005;

/** Turns several tries at rolling the bike into one measured rollout. */
export function RolloutHelper({ open, onClose }: { open: boolean; onClose: () => void }) {
  return (
    <Modal
      title={t('rolloutHelper.measureTheRollout')}
      open={open}
      onCancel={onClose}
      footer={null}
      destroyOnHidden
      width={520}
    >
      <Tries onDone={onClose} />
    </Modal>
  );
}

function readTry({ turns, distance }: TypedTry): { one?: RolloutTry; problem?: string } {
  if (distance.trim() === '') return {};
  const count = parseNumber(turns, {
    term: t('rolloutHelper.wheelTurns'),
    unit: t('rolloutHelper.turns'),
    bounds: WHEEL_TURNS,
    whole: true,
  });
  if (!count.ok) return { problem: count.message };
  const length = parseNumber(distance, {
    term: t('rolloutHelper.distance'),
    unit: 'mm',
    bounds: { min: 1, max: 1_000_000 },
  });
  if (!length.ok) return { problem: length.message };
  const one = { turns: definite(count.value), distanceMm: definite(length.value) };
  const problem = checkRolloutTry(one);
  return problem === undefined ? { one } : { problem: textOf(problem) };
}

function Tries({ onDone }: { onDone: () => void }) {
  const { workspace, edits } = useReadyWorkspace();
  const [typed, setTyped] = useState<readonly TypedTry[]>([EMPTY, EMPTY, EMPTY]);
  const read = typed.map(readTry);
  const tries = read.flatMap(({ one }) => one ?? []);
  const result = tries.length > 0 ? measuredRollout(tries) : undefined;
  const computed = rolloutMm({
    rimDiameterMm: workspace.wheelset.rimDiameterMm,
    tyreWidthMm: workspace.wheelset.tyreWidthMm,
  });
  const edit = (i: number, change: Partial<TypedTry>) =>
    setTyped(typed.map((one, place) => (place === i ? { ...one, ...change } : one)));
  const use = () => {
    if (!result) return;
    const meanMm = Number(result.meanMm.toFixed(1));
    edits.editWheelset('measuredRolloutMm', (record) => withOptional(record, 'measuredRolloutMm', meanMm));
    onDone();
  };
  return (
    <div className={styles.details}>
      <p className={styles.hint}>{t('rolloutHelper.sitOnTheBikeWith')}</p>
      {typed.map((one, i) => (
        <div key={i} className={styles.try}>
          <Input
            aria-label={t('rolloutHelper.runWheelRevolutions', { number: i + 1 })}
            value={one.turns}
            suffix={t('rolloutHelper.turns')}
            inputMode="numeric"
            style={{ width: 110 }}
            onChange={({ target }) => edit(i, { turns: target.value })}
          />
          <Input
            aria-label={t('rolloutHelper.distanceTryNumber', { number: i + 1 })}
            value={one.distance}
            suffix="mm"
            inputMode="decimal"
            autoFocus={i === 0}
            style={{ width: 140 }}
            onChange={({ target }) => edit(i, { distance: target.value })}
          />
          <span className={read[i]?.problem ? styles.cardProblem : styles.caption} role={read[i]?.problem && 'alert'}>
            {read[i]?.problem ??
              (read[i]?.one
                ? t('rolloutHelper.distanceMmATurn', {
                    distanceMm: fixed(read[i].one.distanceMm / read[i].one.turns, 1),
                  })
                : '')}
          </span>
          {typed.length > 1 && (
            <Button
              type="text"
              size="small"
              icon={<DeleteOutlined />}
              aria-label={t('rolloutHelper.deleteRun', { number: i + 1 })}
              onClick={() => setTyped(typed.filter((_, place) => place !== i))}
            />
          )}
        </div>
      ))}
      <Button size="small" icon={<PlusOutlined />} onClick={() => setTyped([...typed, EMPTY])}>
        {t('rolloutHelper.anotherTry')}
      </Button>
      {result && (
        <p data-testid="rollout-result">
          {t('rolloutHelper.mean')} <b>{fixed(result.meanMm, 1)} mm</b>
          {t('rolloutHelper.meanMmAgainstTheComputedMm', {
            meanMm: percentText(result.meanMm / computed - 1),
            computed: fixed(computed, 1),
          })}
          {tries.length > 1 &&
            t('rolloutHelper.runsDifferMm', {
              spreadMm: fixed(result.spreadMm, 1),
              spreadFraction: percentText(result.spreadFraction),
              value: result.spreadFraction > SPREAD_TO_DOUBT ? t('rolloutHelper.repeatOverMoreRevolutions') : '.',
            })}
        </p>
      )}
      <Button type="primary" disabled={!result} onClick={use}>
        {result ? t('rolloutHelper.useMm', { meanMm: fixed(result.meanMm, 1) }) : t('rolloutHelper.typeADistanceFirst')}
      </Button>
    </div>
  );
}
