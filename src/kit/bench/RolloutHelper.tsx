'use client';

import { DeleteOutlined, PlusOutlined } from '@ant-design/icons';
import { Button, Input, Modal } from 'antd';
import { useState } from 'react';
import { checkRolloutTry, measuredRollout, rolloutMm, WHEEL_TURNS, type RolloutTry } from '../../core/gears';
import { parseNumber } from '../fields/parse-number';
import { withOptional } from '../fields/with-optional';
import { fixed, percentText } from '../format';
import { useReadyBench } from './BenchProvider';
import styles from './Bench.module.css';

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
    <Modal title="Measure the rollout" open={open} onCancel={onClose} footer={null} destroyOnHidden width={520}>
      <Tries onDone={onClose} />
    </Modal>
  );
}

function readTry({ turns, distance }: TypedTry): { one?: RolloutTry; problem?: string } {
  if (distance.trim() === '') return {};
  const count = parseNumber(turns, { term: 'wheel turns', unit: 'turns', bounds: WHEEL_TURNS, whole: true });
  if (!count.ok) return { problem: count.message };
  const length = parseNumber(distance, { term: 'distance', unit: 'mm', bounds: { min: 1, max: 1_000_000 } });
  if (!length.ok) return { problem: length.message };
  const one = { turns: count.value!, distanceMm: length.value! };
  const problem = checkRolloutTry(one);
  return problem === undefined ? { one } : { problem };
}

function Tries({ onDone }: { onDone: () => void }) {
  const { bench, edits } = useReadyBench();
  const [typed, setTyped] = useState<readonly TypedTry[]>([EMPTY, EMPTY, EMPTY]);
  const read = typed.map(readTry);
  const tries = read.flatMap(({ one }) => one ?? []);
  const result = tries.length > 0 ? measuredRollout(tries) : undefined;
  const computed = rolloutMm({ rimDiameterMm: bench.wheelset.rimDiameterMm, tyreWidthMm: bench.wheelset.tyreWidthMm });
  const edit = (i: number, change: Partial<TypedTry>) =>
    setTyped(typed.map((one, place) => (place === i ? { ...one, ...change } : one)));
  const use = () => {
    if (!result) return;
    const meanMm = Number(result.meanMm.toFixed(1));
    edits.editWheelset('rollout', (record) => withOptional(record, 'measuredRolloutMm', meanMm));
    onDone();
  };
  return (
    <div className={styles.details}>
      <p className={styles.hint}>
        Sit on the bike with its usual load and pressure, valve at the bottom. Mark the ground, roll straight for a few
        whole turns until the valve is at the bottom again, mark, measure.
      </p>
      {typed.map((one, i) => (
        <div key={i} className={styles.try}>
          <Input
            aria-label={`Wheel turns, try ${i + 1}`}
            value={one.turns}
            suffix="turns"
            inputMode="numeric"
            style={{ width: 110 }}
            onChange={({ target }) => edit(i, { turns: target.value })}
          />
          <Input
            aria-label={`Distance, try ${i + 1}`}
            value={one.distance}
            suffix="mm"
            inputMode="decimal"
            autoFocus={i === 0}
            style={{ width: 140 }}
            onChange={({ target }) => edit(i, { distance: target.value })}
          />
          <span className={read[i]?.problem ? styles.cardProblem : styles.caption} role={read[i]?.problem && 'alert'}>
            {read[i]?.problem ??
              (read[i]?.one ? `${fixed(read[i].one.distanceMm / read[i].one.turns, 1)} mm a turn` : '')}
          </span>
          {typed.length > 1 && (
            <Button
              type="text"
              size="small"
              icon={<DeleteOutlined />}
              aria-label={`Drop try ${i + 1}`}
              onClick={() => setTyped(typed.filter((_, place) => place !== i))}
            />
          )}
        </div>
      ))}
      <Button size="small" icon={<PlusOutlined />} onClick={() => setTyped([...typed, EMPTY])}>
        Another try
      </Button>
      {result && (
        <p data-testid="rollout-result">
          Mean <b>{fixed(result.meanMm, 1)} mm</b>, {percentText(result.meanMm / computed - 1)} against the{' '}
          {fixed(computed, 1)} mm computed from the sizes.
          {tries.length > 1 &&
            ` The tries lie ${fixed(result.spreadMm, 1)} mm apart (${percentText(result.spreadFraction)})${
              result.spreadFraction > SPREAD_TO_DOUBT ? ': try again, over more turns.' : '.'
            }`}
        </p>
      )}
      <Button type="primary" disabled={!result} onClick={use}>
        {result ? `Reckon with ${fixed(result.meanMm, 1)} mm` : 'Type a distance first'}
      </Button>
    </div>
  );
}
