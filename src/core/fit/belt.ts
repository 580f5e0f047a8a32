import { clampedAsin } from '../numbers';
import { message, type Message } from '../message';
import { itemAt } from '../items';

export interface Point {
  /** mm */
  readonly x: number;
  /** mm, upwards */
  readonly y: number;
}

/** A circle that a belt runs round. */
export interface BeltCircle extends Point {
  readonly radiusMm: number;
  /** Direction of rotation, as drawn. */
  readonly sense: 'clockwise' | 'anticlockwise';
  /** What a failure calls it; its place in the list where it is left out. */
  readonly name?: 'ring' | 'cog' | 'tensionPulley' | 'guidePulley';
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

/** Why no belt runs around these circles. */
export type BeltFailure = {
  readonly kind: 'tooFew' | 'overlap' | 'notTouching';
  /** Places in the list of the circles concerned. */
  readonly circles: readonly number[];
  readonly message: Message;
};

type BeltResult = { readonly ok: true; readonly belt: Belt } | { readonly ok: false; readonly failure: BeltFailure };

const called = ({ name, radiusMm }: BeltCircle, place: number): Message =>
  name === undefined
    ? message('fit.belt.circle', { place: place + 1, radius: radiusMm })
    : message(`fit.belt.${name}`, { radius: radiusMm });

/** A belt wraps a circle by less than this; more means the wrong direction plus 2π. */
const WRAP_MAX_RAD = 1.75 * Math.PI;

/** How a belt comes from one circle to the next. */
interface Tangent {
  /** Its direction, radians. */
  readonly angle: number;
  readonly straightMm: number;
}

/**
 * The closed belt that runs round circles one after the other, straight between them. Exact: common
 * tangents by their right triangle. Between circles of unlike sense the belt crosses the line of
 * centres.
 */
export function solveBelt(circles: readonly BeltCircle[]): BeltResult {
  if (circles.length < 2) {
    return refuse('tooFew', [], message('fit.belt.tooFew', { circles: circles.length }));
  }
  const tangents = tangentsOf(circles);
  if (!Array.isArray(tangents)) return refuseOverlap(circles, tangents.place);
  const runs: BeltRun[] = [];
  for (const [i, circle] of circles.entries()) {
    const incoming = itemAt(tangents, (i + circles.length - 1) % circles.length);
    const outgoing = itemAt(tangents, i);
    const wrapRad = wrapOf(circle, incoming, outgoing);
    if (wrapRad > WRAP_MAX_RAD) {
      return refuse('notTouching', [i], message('fit.belt.notTouching', { place: i + 1 }));
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

/** Returns only the length of {@link solveBelt}'s belt, for speed; undefined where there is none. */
export function beltLengthMm(circles: readonly BeltCircle[]): number | undefined {
  const tangents = circles.length < 2 ? undefined : tangentsOf(circles);
  if (!Array.isArray(tangents)) return undefined;
  let lengthMm = 0;
  for (let i = 0; i < circles.length; i += 1) {
    const wrapRad = wrapOf(
      itemAt(circles, i),
      itemAt(tangents, i === 0 ? circles.length - 1 : i - 1),
      itemAt(tangents, i),
    );
    if (wrapRad > WRAP_MAX_RAD) return undefined;
    lengthMm += itemAt(circles, i).radiusMm * wrapRad + itemAt(tangents, i).straightMm;
  }
  return lengthMm;
}

/** From each circle to the next; else the first that has no straight run to it. */
function tangentsOf(circles: readonly BeltCircle[]): Tangent[] | { readonly place: number } {
  const tangents: Tangent[] = [];
  for (let i = 0; i < circles.length; i += 1) {
    const tangent = tangentBetween(itemAt(circles, i), itemAt(circles, (i + 1) % circles.length));
    if (!tangent) return { place: i };
    tangents.push(tangent);
  }
  return tangents;
}

function refuseOverlap(circles: readonly BeltCircle[], i: number): BeltResult {
  const place = (i + 1) % circles.length;
  const [from, to] = [itemAt(circles, i), itemAt(circles, place)];
  const distance = Math.hypot(to.x - from.x, to.y - from.y);
  return refuse(
    'overlap',
    [i, place],
    message('fit.belt.overlap', { from: called(from, i), to: called(to, place), distance }),
  );
}

/** Over which angle a belt touches a circle, radians. */
function wrapOf({ sense }: BeltCircle, incoming: Tangent, outgoing: Tangent): number {
  return positiveAngle(sense === 'clockwise' ? incoming.angle - outgoing.angle : outgoing.angle - incoming.angle);
}

function refuse(kind: BeltFailure['kind'], circles: readonly number[], text: Message): BeltResult {
  return { ok: false, failure: { kind, circles, message: text } };
}

/** +1 where the circle is to the right of the belt's direction, −1 to the left. */
const side = ({ sense }: BeltCircle) => (sense === 'clockwise' ? 1 : -1);

/** Direction of the belt from one circle to the next, radians, and its straight length; undefined where none fits. */
function tangentBetween(from: BeltCircle, to: BeltCircle): Tangent | undefined {
  const dx = to.x - from.x;
  const dy = to.y - from.y;
  // Called very often and far from overflow, so not by the slow hypot.
  const distance = Math.sqrt(dx * dx + dy * dy);
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
