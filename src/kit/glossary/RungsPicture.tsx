import { gearsOf, exactTwins, isCrossChained, shiftPath, type Gear, type Setup } from '../../core/gears';
import type { RungsMark } from './terms';
import styles from './Glossary.module.css';

const TWO: Setup = { chainrings: [48, 32], cogs: [11, 12, 14, 16, 18, 21, 24, 28, 32, 36], hubStages: [1] };
const ONE: Setup = { chainrings: [44], cogs: [10, 11, 13, 15, 17, 19, 21, 24, 28, 32, 38, 44], hubStages: [1] };
const [LEAST, MOST] = [0.86, 4.5];
const WIDTH = 600;

const x = ({ ratio }: { readonly ratio: number }) => (Math.log(ratio / LEAST) / Math.log(MOST / LEAST)) * WIDTH;

/** Gears as rungs, easy to hard, a row a ring. */
export function RungsPicture({ mark }: { mark: RungsMark }) {
  const setup = mark === 'oneRing' || mark === 'hole' || mark === 'step' ? ONE : TWO;
  const gears = gearsOf(setup);
  const y = ({ chainring }: Gear) => (setup.chainrings.indexOf(chainring) * 90) / setup.chainrings.length + 40;
  const isOn = onOf(mark, setup, gears);
  const path = shiftPath(setup).gears;
  return (
    <svg viewBox="-20 0 640 170" aria-hidden>
      <Shade mark={mark} setup={setup} gears={gears} />
      {gears.map((gear) => (
        <line
          key={`${gear.chainring}/${gear.cog}`}
          className={isOn(gear) ? styles.onThick : styles.rung}
          x1={x(gear)}
          x2={x(gear)}
          y1={y(gear)}
          y2={y(gear) + 34}
        />
      ))}
      {mark === 'path' && (
        <polyline className={styles.on} points={path.map((gear) => `${x(gear)},${y(gear) + 17}`).join(' ')} />
      )}
      {mark === 'range' && <path className={styles.on} d={`M${x(gears[0]!)} 150 H${x(gears.at(-1)!)}`} />}
      {mark === 'step' && <path className={styles.on} d={`M${x(gears[2]!)} 90 v14 H${x(gears[3]!)} v-14`} />}
    </svg>
  );
}

function onOf(mark: RungsMark, setup: Setup, gears: readonly Gear[]): (gear: Gear) => boolean {
  switch (mark) {
    case 'gear':
      return (gear) => gear === gears[8];
    case 'step':
      return (gear) => gear === gears[2] || gear === gears[3];
    case 'twins': {
      const [pair] = exactTwins(gears);
      return (gear) => pair!.includes(gear);
    }
    case 'oneRing':
    case 'twoRings':
      return (gear) => !isCrossChained(setup, gear, 0);
    case 'range':
      return (gear) => gear === gears[0] || gear === gears.at(-1);
    default:
      return () => false;
  }
}

/** What is shaded behind the rungs: where both rings reach, or where no gear serves. */
function Shade({ mark, setup, gears }: { mark: RungsMark; setup: Setup; gears: readonly Gear[] }) {
  if (mark === 'hole') {
    const [from, to] = [x(gears[1]!) + 12, x(gears[2]!) - 12];
    return <rect className={styles.shade} x={from} width={to - from} y={20} height={110} />;
  }
  if (mark !== 'overlap') return null;
  const small = gears.filter(({ chainring }) => chainring === setup.chainrings[1]);
  const big = gears.filter(({ chainring }) => chainring === setup.chainrings[0]);
  const [from, to] = [x(big[0]!), x(small.at(-1)!)];
  return <rect className={styles.shade} x={from} width={to - from} y={20} height={130} />;
}
