import type { Ref } from 'react';
import type { RiddenGear } from '../../core/ride';
import { gearKey } from '../../core/gears';
import { gearName } from '../../kit/explain/gears';
import { fixed } from '../../kit/format';
import { ladderScale, spanOf } from '../../kit/ladder/scale';
import { useWidth } from '../../kit/ladder/useWidth';
import styles from './Rides.module.css';
import { WORDS } from './words/text';

const ROW = 92;
const BAR = 62;
const LABEL = 46;
/** On a picture as narrow as this rungs stand close: thinner bars, and figures on the tall ones alone. */
const NARROW = 560;

interface UseLadderProps {
  readonly shares: readonly RiddenGear[];
  readonly rolloutMm: number;
  readonly drawingRef?: Ref<SVGSVGElement>;
}

/** The ladder with the time in each gear standing on its rung: true to scale along, a row a ring. */
export function UseLadder({ shares, rolloutMm, drawingRef }: UseLadderProps) {
  const [ref, width] = useWidth<HTMLDivElement>();
  return (
    <div ref={ref}>
      {width > 0 && <Drawing shares={shares} rolloutMm={rolloutMm} width={width} drawingRef={drawingRef} />}
    </div>
  );
}

function Drawing({
  shares,
  rolloutMm,
  width,
  drawingRef,
}: Omit<UseLadderProps, 'drawingRef'> & { width: number; drawingRef: Ref<SVGSVGElement> | undefined }) {
  const rows = [...new Set(shares.map(({ gear }) => `${gear.chainring} ${gear.hubStage}`))].sort(
    (a, b) => Number(b.split(' ')[0]) - Number(a.split(' ')[0]),
  );
  const developments = shares.map(({ gear }) => (gear.ratio * rolloutMm) / 1000);
  const scale = ladderScale(spanOf(developments), LABEL, width - 10);
  const narrow = width < NARROW;
  const half = narrow ? 3.5 : 7;
  const told = narrow ? 0.03 : 0.005;
  const most = Math.max(...shares.map(({ share }) => share), 1e-9);
  return (
    <svg
      ref={drawingRef}
      className={`${styles.useLadder} ${narrow ? styles.narrow : ''}`}
      width={width}
      height={rows.length * ROW + 4}
      role="img"
      aria-label={WORDS.useLadder.timeInEachGearShares(
        shares.map(({ gear, share }) => `${gearName(gear)} ${fixed(share * 100, 1)} %`).join(', '),
      )}
    >
      {rows.map((row, r) => {
        const foot = r * ROW + BAR + 14;
        return (
          <g key={row}>
            <line className={styles.useFoot} x1={LABEL - 8} x2={width - 4} y1={foot} y2={foot} />
            <text className={styles.useRing} x={2} y={foot + 4}>
              {row.replace(/ 1$/, '').replace(' ', ' ×')}
            </text>
            {shares.map(({ gear, share, seconds }, i) => {
              if (`${gear.chainring} ${gear.hubStage}` !== row) return null;
              const x = scale.x(developments[i]!);
              const height = (share / most) * BAR;
              return (
                <g key={gearKey(gear)} data-gear={gearKey(gear)} data-share={share.toFixed(4)}>
                  <rect className={styles.useBar} x={x - half} width={2 * half} y={foot - height} height={height} />
                  {seconds === 0 && <circle className={styles.useNever} cx={x} cy={foot - 5} r={3.5} />}
                  <text className={styles.useCog} x={x} y={foot + 13}>
                    {gear.cog}
                  </text>
                  {share >= told && (
                    <text className={styles.useShare} x={x} y={foot - height - 3}>
                      {fixed(share * 100, share < 0.095 ? 1 : 0)}
                    </text>
                  )}
                </g>
              );
            })}
          </g>
        );
      })}
    </svg>
  );
}
