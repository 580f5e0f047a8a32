import type { Belt, BeltRun, Point } from '../../core/fit';
import { itemAt, definite } from '../../core/items';

/** Text of a coordinate: a thousandth of a millimetre is finer than any screen. */
const at = ({ x, y }: Point) => `${x.toFixed(3)} ${(-y).toFixed(3)}`;

/** The belt as an SVG path in millimetres, y downwards as on screen; as long as the belt. */
export function beltPath({ runs }: Belt): string {
  const [first] = runs;
  const arc = ({ circle, off, wrapRad }: BeltRun) => {
    const large = wrapRad > Math.PI ? 1 : 0;
    const sweep = circle.sense === 'clockwise' ? 1 : 0;
    return `A${circle.radiusMm.toFixed(3)} ${circle.radiusMm.toFixed(3)} 0 ${large} ${sweep} ${at(off)}`;
  };
  return `M${at(definite(first).on)} ${runs.map((run, i) => `${arc(run)} L${at(itemAt(runs, (i + 1) % runs.length).on)}`).join(' ')}`;
}
