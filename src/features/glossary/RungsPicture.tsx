import { gearsOf, exactDuplicates, isCrossChained, shiftPath, type Gear, type Setup } from '../../core/gears';
import { ladderScale } from '../ladder/scale';
import { standingLadder, type StandingRung } from '../ladder/standing';
import type { RungsMark } from './terms';
import styles from './Glossary.module.css';
import { firstOf, itemAt, lastOf, definite } from '../../core/items';

const TWO: Setup = { chainrings: [48, 32], cogs: [11, 12, 14, 16, 18, 21, 24, 28, 32, 36], hubStages: [1] };
const ONE: Setup = { chainrings: [44], cogs: [10, 11, 13, 15, 17, 19, 21, 24, 28, 32, 38, 44], hubStages: [1] };
const [WIDTH, HEIGHT, EDGE] = [640, 330, 14];
const SCALE = ladderScale({ least: 0.86, most: 4.5 }, HEIGHT - EDGE, EDGE);
const RUNG_HALF = 38;

/** Gears as a standing ladder: an upright a ring, a rung a gear, easy at the foot. */
export function RungsPicture({ mark }: { mark: RungsMark }) {
  const setup = mark === 'oneRing' || mark === 'gap' || mark === 'step' ? ONE : TWO;
  const gears = gearsOf(setup);
  const { uprights, rungs } = standingLadder(setup, gears, SCALE, WIDTH);
  const isOn = onOf(mark, setup, gears);
  const rungOf = (gear: Gear) => definite(rungs.find((rung) => rung.gear === gear));
  return (
    <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} aria-hidden>
      <Shade mark={mark} setup={setup} rungs={rungs} />
      {uprights.map(({ chainring, x, bottom, top }) => (
        <line key={chainring} className={styles.upright} x1={x} x2={x} y1={bottom} y2={top} />
      ))}
      {rungs.map(({ gear, x, y }) => (
        <line
          key={`${gear.chainring}/${gear.cog}`}
          className={isOn(gear) ? styles.onThick : styles.rung}
          x1={x - RUNG_HALF}
          x2={x + RUNG_HALF}
          y1={y}
          y2={y}
        />
      ))}
      {mark === 'path' && <Path gears={shiftPath(setup).gears} rungs={rungs} />}
      {mark === 'range' && <Bracket from={firstOf(rungs)} to={lastOf(rungs)} x={WIDTH * 0.84} />}
      {mark === 'step' && <Bracket from={rungOf(itemAt(gears, 2))} to={rungOf(itemAt(gears, 3))} x={WIDTH * 0.64} />}
    </svg>
  );
}

/** A measure beside the ladder, from the height of one gear to that of another. */
function Bracket({ from, to, x }: { from: StandingRung; to: StandingRung; x: number }) {
  return <path className={styles.on} d={`M${x - 14} ${from.y} H${x} V${to.y} H${x - 14}`} />;
}

/** The shift sequence, with the change of ring as a bridge between the uprights. */
function Path({ gears, rungs }: { gears: readonly Gear[]; rungs: readonly StandingRung[] }) {
  const isSame = (a: Gear, b: Gear) => a.chainring === b.chainring && a.cog === b.cog;
  const places = gears.map((gear) => definite(rungs.find((rung) => isSame(rung.gear, gear))));
  return (
    <>
      <polyline className={styles.onThick} points={places.map(({ x, y }) => `${x},${y}`).join(' ')} />
      {places.map(({ gear, x, y }) => (
        <line
          key={`${gear.chainring}/${gear.cog}`}
          className={styles.on}
          x1={x - RUNG_HALF}
          x2={x + RUNG_HALF}
          y1={y}
          y2={y}
        />
      ))}
    </>
  );
}

function onOf(mark: RungsMark, setup: Setup, gears: readonly Gear[]): (gear: Gear) => boolean {
  switch (mark) {
    case 'gear':
      return (gear) => gear === gears[8];
    case 'step':
      return (gear) => gear === gears[2] || gear === gears[3];
    case 'duplicates': {
      const [pair] = exactDuplicates(gears);
      return (gear) => definite(pair).includes(gear);
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
function Shade({ mark, setup, rungs }: { mark: RungsMark; setup: Setup; rungs: readonly StandingRung[] }) {
  const between = (lower: number, upper: number) => (
    <rect className={styles.shade} x={WIDTH * 0.2} width={WIDTH * 0.6} y={upper} height={lower - upper} />
  );
  if (mark === 'gap') return between(itemAt(rungs, 1).y - 7, itemAt(rungs, 2).y + 7);
  if (mark !== 'overlap') return null;
  const of = (ring: number) => rungs.filter(({ gear }) => gear.chainring === ring);
  const [big, small] = [of(firstOf(setup.chainrings)), of(itemAt(setup.chainrings, 1))];
  return between(firstOf(big).y + 7, lastOf(small).y - 7);
}
