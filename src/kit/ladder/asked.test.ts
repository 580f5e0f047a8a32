import fc from 'fast-check';
import { SEEDED, setupArbitrary } from '../../../tests/support/arbitraries';
import { TOURER, TOURER_ROLLOUT_MM } from '../../../tests/support/setups';
import { gearReport, type Setup } from '../../core/gears';
import {
  laidOut,
  laneOf,
  pictureOf,
  rememberedLanes,
  type LadderAsked,
  type LadderFrame,
  type LaneAsked,
} from './asked';
import { paint } from './pen';
import { LOOKS, type LadderScene } from './scene';
import { lookKey, type Look } from './shapes';

const laneAsked = (setup: Setup, place: number): LaneAsked => ({
  place,
  title: `setup ${place}`,
  setup,
  riding: {
    rolloutMm: TOURER_ROLLOUT_MM,
    cadenceRpm: 90,
    crankLengthMm: undefined,
    closenessPercent: 5,
    crossedCogs: 2,
  },
  band: { lowRpm: 82, highRpm: 94 },
});

const FRAME: LadderFrame = {
  upper: { title: 'Speed, km/h', perMetre: 5.4 },
  lower: { title: 'Development, m', perMetre: 1 },
  reading: 'speedStep',
  speedUnit: 'kmh',
};

const askedOf = (setups: readonly Setup[], key?: string): LadderAsked => ({
  lanes: setups.map(laneAsked),
  chosen: { place: 0, key },
});

const setupsArbitrary = fc.array(setupArbitrary(2), { minLength: 1, maxLength: 4 });

test('without a key the easiest gear is chosen; a key that is not there chooses none', () => {
  expect(pictureOf(askedOf([TOURER]), FRAME).selected).toEqual({ place: 0, key: '32/36' });
  expect(pictureOf(askedOf([TOURER], '48/11'), FRAME).selected.key).toBe('48/11');
  const { scene } = laidOut(pictureOf(askedOf([TOURER], '48/99'), FRAME), 1240, undefined);
  expect(scene.lines.some(({ key }) => key === 'plumb')).toBe(false);
});

test('a brief that contradicts itself: no speeds are said to be reached', () => {
  expect(laneOf({ ...laneAsked(TOURER, 0), band: undefined }).coverage).toBeUndefined();
  expect(laneOf(laneAsked(TOURER, 0)).coverage!.band).toEqual({ lowRpm: 82, highRpm: 94 });
});

test('a lane that is asked for as before is the lane before, of another tooth or band another', () => {
  const lane = rememberedLanes();
  const [a, b] = [laneAsked(TOURER, 0), laneAsked(TOURER, 1)];
  const again = { ...b, setup: { ...b.setup, cogs: [...b.setup.cogs] }, riding: { ...b.riding } };
  const [laneA, laneB] = [lane(a), lane(b)];
  const typed = { ...a, setup: { ...TOURER, cogs: [...TOURER.cogs.slice(0, -1), 34] } };
  expect(lane(typed)).toEqual(laneOf(typed));
  expect(lane(again)).toBe(laneB);
  expect(lane(a)).toEqual(laneA);
  expect(lane({ ...b, band: undefined }).coverage).toBeUndefined();
});

test('the sizes that a ladder is drawn from are those of the report', () => {
  fc.assert(
    fc.property(setupArbitrary(2), (setup) => {
      const asked = laneAsked(setup, 0);
      expect(gearReport(setup, asked.riding)).toMatchObject(laneOf(asked).report);
    }),
    { ...SEEDED, numRuns: 50 },
  );
});

test('what is sent to a worker gives there the picture that it gives here', () => {
  fc.assert(
    fc.property(setupsArbitrary, fc.integer({ min: 320, max: 2000 }), (setups, width) => {
      const wanted = { asked: askedOf(setups), frame: FRAME, width };
      const there = structuredClone(wanted);
      expect(laidOut(pictureOf(there.asked, there.frame), there.width, undefined).scene).toEqual(
        laidOut(pictureOf(wanted.asked, FRAME), width, undefined).scene,
      );
    }),
    { ...SEEDED, numRuns: 50 },
  );
});

/** A canvas that only notes what is written on it, and where rectangles are filled. */
function notingCanvas() {
  const at = { x: 0, y: 0 };
  const texts: { text: string; y: number }[] = [];
  const filled: { from: number; to: number }[] = [];
  const context = {
    setTransform: () => undefined,
    translate: (x: number, y: number) => {
      at.x += x;
      at.y += y;
    },
    fillText: (text: string, _x: number, y: number) => texts.push({ text, y: at.y + y }),
    fillRect: (_x: number, y: number, _width: number, height: number) =>
      filled.push({ from: at.y + y, to: at.y + y + height }),
    measureText: (text: string) => ({ width: 6 * text.length }),
  };
  const ignored = () => undefined;
  return {
    texts,
    filled,
    context: new Proxy(context, {
      get: (own, name) => (name in own ? own[name as keyof typeof own] : ignored),
      set: () => true,
    }) as unknown as OffscreenCanvasRenderingContext2D,
  };
}

const PLAIN: Look = {
  fill: 'black',
  stroke: undefined,
  lineWidth: 1,
  dash: [],
  opacity: 1,
  font: '12px sans-serif',
  fontStretch: 'normal',
  align: 'left',
};
const looksOf = ({ lanes }: LadderScene) =>
  new Map(lanes.flatMap(({ place }) => LOOKS.map((look) => [lookKey(place, look), PLAIN] as const)));

const textsOf = (parts: LadderScene['lines']) =>
  parts.flatMap(({ shapes }) =>
    shapes.flatMap((shape) => (shape.kind === 'text' ? [shape.text, ...(shape.tail ? [shape.tail.text] : [])] : [])),
  );

describe('the pen', () => {
  beforeAll(() => {
    // Node has no paths; nothing here looks at them.
    Object.assign(globalThis, { Path2D: class {} });
  });
  afterAll(() => {
    Reflect.deleteProperty(globalThis, 'Path2D');
  });

  test('writes every text of the lanes, and those of the axes where it is asked to; the sheet comes first', () => {
    fc.assert(
      fc.property(setupsArbitrary, fc.boolean(), (setups, withAxes) => {
        const { scene } = laidOut(pictureOf(askedOf(setups), FRAME), 1240, undefined);
        const { context, texts, filled } = notingCanvas();
        paint(context, 1, scene, withAxes, looksOf(scene));
        const expected = [...(withAxes ? scene.axes : []), ...scene.lanes].flatMap(({ parts }) => textsOf(parts));
        expect(texts.map(({ text }) => text)).toEqual(expected);
        const { top, bottom } = withAxes ? { top: 0, bottom: scene.height } : scene.field;
        expect(filled[0]).toEqual({ from: top, to: bottom });
        for (const { y } of texts) {
          expect(y).toBeGreaterThanOrEqual(top);
          expect(y).toBeLessThanOrEqual(bottom);
        }
      }),
      { ...SEEDED, numRuns: 50 },
    );
  });
});
