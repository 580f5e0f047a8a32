'use client';

import { useWidth } from '../../features/ladder/useWidth';
import { cogMarks } from './cogs-layout';
import styles from './Find.module.css';
import { t } from './text';

const [LEFT, RIGHT, ROW] = [52, 12, 34];
/** Until it is measured. */
const FIRST_WIDTH = 640;

/** The built cassette above the nearest on sale, on one log scale, easy gears on the left. */
export function CogsView({ own, other }: { own: readonly number[]; other: readonly number[] | undefined }) {
  const rows = other ? [own, other] : [own];
  const [frame, measured] = useWidth<HTMLDivElement>();
  const width = measured || FIRST_WIDTH;
  const marks = cogMarks(rows, LEFT, width - LEFT - RIGHT);
  return (
    <div ref={frame} className={styles.cogsFrame}>
      <svg
        className={styles.cogs}
        width={width}
        height={ROW * rows.length + 4}
        role="img"
        aria-label={t('cogsView.builtOwnValue', {
          own: own.join('-'),
          value: other ? t('cogsView.nearestBoughtOther', { other: other.join('-') }) : '',
        })}
      >
        {marks.map((row, r) => (
          <g key={r} transform={`translate(0 ${ROW * r})`} data-row={r === 0 ? 'built' : 'bought'}>
            <text className={styles.cogRow} x={0} y={22}>
              {r === 0 ? t('cogsView.built') : t('cogsView.bought')}
            </text>
            <line x1={LEFT} x2={width - RIGHT} y1={30} y2={30} />
            {row.map(({ teeth, x }) => (
              <g key={teeth}>
                <line className={styles.cogTick} x1={x} x2={x} y1={18} y2={30} />
                <text className={styles.cogTeeth} x={x} y={14}>
                  {teeth}
                </text>
              </g>
            ))}
          </g>
        ))}
      </svg>
    </div>
  );
}
