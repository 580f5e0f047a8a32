import fc from 'fast-check';
import { gainRatio } from '../gears';
import { standingAfter, type Standing } from './level';
import { gearOf } from './making';
import { onGround, trade, turned, turnsUntilBothAreDown } from './turning';

test('one turn of the crank in 48/36: the valve comes by once, and after three turns both are down', () => {
  const gear = gearOf(48, 36);
  expect(turned(gear, 1, 2192.8)).toMatchObject({ wheelTurns: 4 / 3, valvePasses: 1, chainLinks: 48 });
  expect(turned(gear, 1, 2192.8).rolledM).toBeCloseTo(2.9237, 4);
  expect(turnsUntilBothAreDown(gear)).toEqual({ crank: 3, wheel: 4 });
  // 3 × 4/3 is 4, though binary fractions may fall a hair short of it.
  expect(turned(gear, 3, 2192.8).valvePasses).toBe(4);
});

const teeth = fc.record({ ring: fc.integer({ min: 20, max: 60 }), cog: fc.integer({ min: 9, max: 60 }) });

test('whole turns come out whole, whatever the teeth', () => {
  fc.assert(
    fc.property(teeth, fc.integer({ min: 1, max: 5 }), ({ ring, cog }, times) => {
      const gear = gearOf(ring, cog);
      const { crank, wheel } = turnsUntilBothAreDown(gear);
      expect(turned(gear, times * crank, 2100).valvePasses).toBe(times * wheel);
      expect(crank * ring).toBe(wheel * cog);
    }),
    { seed: 20261125 },
  );
});

test('what the way gains the push loses: their product is the foot’s', () => {
  fc.assert(
    fc.property(teeth, fc.integer({ min: 150, max: 180 }), ({ ring, cog }, crank) => {
      const gear = gearOf(ring, cog);
      const { footM, bikeM, pushShare, gain } = trade(gear, 2150, crank);
      expect(pushShare * bikeM).toBeCloseTo(footM, 9);
      expect(gain).toBeCloseTo(gainRatio(gear.ratio, 2150, crank), 9);
    }),
    { seed: 20261125 },
  );
});

test('marks on the ground: the valve every rollout, a turn of the crank every development', () => {
  const { valveM, turnEndsM, rolledM } = onGround(gearOf(48, 36), 2.5, 2000);
  expect(valveM).toEqual([0, 2, 4, 6]);
  expect(turnEndsM.map((m) => Number(m.toFixed(6)))).toEqual([2.666667, 5.333333]);
  expect(rolledM).toBeCloseTo(6.666667, 6);
  expect(onGround(gearOf(48, 36), 0, 2000)).toMatchObject({ valveM: [0], turnEndsM: [] });
});

test('three right answers in a row lead up, two wrong ones down, and never past the ends', () => {
  const after = (answers: string, from: Standing = { level: 1, run: 0 }) =>
    [...answers].reduce((standing, answer) => standingAfter(standing, answer === '+'), from);
  expect(after('+++')).toEqual({ level: 2, run: 0 });
  expect(after('++-+++')).toEqual({ level: 2, run: 0 });
  expect(after('++++++')).toEqual({ level: 3, run: 0 });
  expect(after('+++++++++')).toEqual({ level: 3, run: 3 });
  expect(after('--', { level: 3, run: 2 })).toEqual({ level: 2, run: 0 });
  expect(after('-+-', { level: 3, run: 0 })).toEqual({ level: 3, run: -1 });
  expect(after('-----')).toEqual({ level: 1, run: -5 });
});
