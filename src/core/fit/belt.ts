import { clampedAsin } from '../numbers';

export interface Point {
  /** mm */
  readonly x: number;
  /** mm, upwards */
  readonly y: number;
}

/** A circle that a belt runs round. */
export interface BeltCircle extends Point {
  readonly radiusMm: number;
  /** Which way the belt turns round it, as drawn. */
  readonly sense: 'clockwise' | 'anticlockwise';
  /** What a failure calls it; its place in the list where it is left out. */
  readonly name?: string;
}

/** The belt round one circle, and straight on to the next. */
export interface BeltRun {
  readonly circle: BeltCircle;
  /** Where the belt comes on to the circle and where it leaves it. */
  readonly on: Point;
  readonly off: Point;
  /** Angle over which it touches, radians, 0 to 2π. */
  readonly wrapRad: number;
  /** From `off` to the next circle's `on`, mm. */
  readonly straightMm: number;
}

export interface Belt {
  readonly runs: readonly BeltRun[];
  readonly lengthMm: number;
}

/** Why no belt runs round these circles as asked. */
export type BeltFailure = {
  readonly kind: 'tooFew' | 'overlap' | 'notTouching';
  /** Places in the list of the circles concerned. */
  readonly circles: readonly number[];
  readonly message: string;
};

export type BeltResult =
  { readonly ok: true; readonly belt: Belt } | { readonly ok: false; readonly failure: BeltFailure };

const mm = (value: number) => `${Number(value.toFixed(2))} mm`;
const called = ({ name, radiusMm }: BeltCircle, place: number) =>
  `${name ?? `circle ${place + 1}`} (radius ${mm(radiusMm)})`;

/** A belt touches a circle over less than this; more is a turn of the wrong hand that came round by 2π. */
const WRAP_MAX_RAD = 1.75 * Math.PI;

/**
 * The closed belt that runs round circles one after the other, straight between them. Exact: common
 * tangents by their right triangle. Between circles of unlike sense the belt crosses the line of
 * centres.
 */
export function solveBelt(circles: readonly BeltCircle[]): BeltResult {
  if (circles.length < 2) {
    return refuse('tooFew', [], `${circles.length} circles: a belt runs round two at least`);
  }
  const tangents: { angle: number; straightMm: number }[] = [];
  for (const [i, from] of circles.entries()) {
    const place = (i + 1) % circles.length;
    const to = circles[place]!;
    const tangent = tangentBetween(from, to);
    if (!tangent) {
      const distance = Math.hypot(to.x - from.x, to.y - from.y);
      return refuse(
        'overlap',
        [i, place],
        `${called(from, i)} and ${called(to, place)} are ${mm(distance)} apart: no straight run fits between them`,
      );
    }
    tangents.push(tangent);
  }
  const runs: BeltRun[] = [];
  for (const [i, circle] of circles.entries()) {
    const incoming = tangents[(i + circles.length - 1) % circles.length]!;
    const outgoing = tangents[i]!;
    const turn = circle.sense === 'clockwise' ? incoming.angle - outgoing.angle : outgoing.angle - incoming.angle;
    const wrapRad = positiveAngle(turn);
    if (wrapRad > WRAP_MAX_RAD) {
      return refuse('notTouching', [i], `the belt would pass circle ${i + 1} without touching it`);
    }
    runs.push({
      circle,
      on: touchPoint(circle, incoming.angle),
      off: touchPoint(circle, outgoing.angle),
      wrapRad,
      straightMm: outgoing.straightMm,
    });
  }
  const lengthMm = runs.reduce((sum, run) => sum + run.circle.radiusMm * run.wrapRad + run.straightMm, 0);
  return { ok: true, belt: { runs, lengthMm } };
}

function refuse(kind: BeltFailure['kind'], circles: readonly number[], message: string): BeltResult {
  return { ok: false, failure: { kind, circles, message } };
}

/** +1 where the circle lies to the right of the belt's way, −1 where to the left. */
const side = ({ sense }: BeltCircle) => (sense === 'clockwise' ? 1 : -1);

/** Direction of the belt from one circle to the next, radians, and its straight length; undefined where none fits. */
function tangentBetween(from: BeltCircle, to: BeltCircle): { angle: number; straightMm: number } | undefined {
  const dx = to.x - from.x;
  const dy = to.y - from.y;
  const distance = Math.hypot(dx, dy);
  const offset = side(from) * from.radiusMm - side(to) * to.radiusMm;
  if (!(distance > Math.abs(offset))) return undefined;
  return {
    angle: Math.atan2(dy, dx) - clampedAsin(offset / distance),
    straightMm: Math.sqrt(distance ** 2 - offset ** 2),
  };
}

/** The point where a belt of this direction touches: to the left of the centre when the circle turns clockwise. */
function touchPoint(circle: BeltCircle, angle: number): Point {
  const reach = side(circle) * circle.radiusMm;
  return { x: circle.x - reach * Math.sin(angle), y: circle.y + reach * Math.cos(angle) };
}

function positiveAngle(angle: number): number {
  const turn = 2 * Math.PI;
  return ((angle % turn) + turn) % turn;
}
