'use client';

import { Button } from 'antd';
import dynamic from 'next/dynamic';
import type { GearPlace } from '../../core/fit';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { withOptional } from '../../kit/fields/with-optional';
import { fixed } from '../../kit/format';
import { GearTable } from './GearTable';
import type { Fit, GearCell } from './useFit';
import styles from './Fit.module.css';

const CageChart = dynamic(() => import('./CageChart').then((module) => module.CageChart), {
  ssr: false,
  loading: () => <div className={styles.chartWait} />,
});

const STATE_SIGN: Readonly<Record<GearCell['pose']['state'], string>> = {
  ok: '',
  slack: '▼ ',
  tooShort: '✕ ',
  impossible: '? ',
};

/** The cage's angle in every gear; each gear can be left out, and the wrap that is needed follows. */
export function CagePanel({ fit }: { fit: Fit }) {
  const { bench, edits } = useReadyBench();
  const { fromLink } = bench;
  const { report, cells, requiredT, requiredWholeT } = fit;
  const { geometry, cage } = report;
  if (!geometry) return null;
  const avoid = (avoided: readonly GearPlace[]) =>
    edits.editSetup('gears allowed', (record) =>
      withOptional(record, 'avoidedGears', avoided.length === 0 ? undefined : avoided),
    );
  const out = cells.flat().filter(({ allowed }) => !allowed);
  const slack = cells.flat().filter(({ pose, allowed, isBigBig }) => pose.state === 'slack' && allowed && !isBigBig);
  const placeOf = ({ ringPlace, cogPlace }: GearCell): GearPlace => ({ ring: ringPlace, cog: cogPlace });
  const toggle = (cell: GearCell) =>
    avoid((cell.allowed ? [...out, cell] : out.filter((one) => one !== cell)).map(placeOf));
  return (
    <section className={styles.panel} aria-label="Cage angle">
      <div className={styles.panelHead}>
        <h2>Gears you allow, with the cage’s angle</h2>
        {slack.length > 0 && (
          <Button size="small" disabled={fromLink} onClick={() => avoid([...out, ...slack].map(placeOf))}>
            Leave out what hangs slack
          </Button>
        )}
        {out.length > 0 && (
          <Button size="small" disabled={fromLink} onClick={() => avoid([])}>
            Allow all
          </Button>
        )}
      </div>
      <GearTable
        rows={cells}
        corner="cog"
        className={styles.allowed}
        testId="allowed"
        cell={(cell) => (
          <td key={cell.cog}>
            <button
              type="button"
              role="checkbox"
              aria-checked={cell.allowed}
              aria-label={`${cell.chainring}/${cell.cog} is used`}
              disabled={cell.isBigBig || fromLink}
              title={cell.isBigBig ? 'Big-big cannot be left out' : cell.allowed ? 'Leave it out' : 'Allow it'}
              data-state={cell.pose.state}
              onClick={() => toggle(cell)}
            >
              {STATE_SIGN[cell.pose.state]}
              {cell.pose.angleDeg === undefined ? '–' : `${fixed(cell.pose.angleDeg, 0)}°`}
            </button>
          </td>
        )}
      />
      <p className={styles.note} data-testid="wrap">
        {requiredT === requiredWholeT
          ? `The cage must take up ${requiredWholeT}T. Click a gear that you never use to leave it out.`
          : `The cage must take up ${requiredT}T in the gears you allow, ${requiredWholeT}T in all of them: ${out.length} left out.`}{' '}
        Big-big stays: a mis-shift into it with a chain too short locks the drive and can tear the derailleur off. ▼
        slack, ✕ too short.
      </p>
      <CageChart cage={cage} geometry={geometry} place={bench.place} name={bench.bike.name} />
    </section>
  );
}
