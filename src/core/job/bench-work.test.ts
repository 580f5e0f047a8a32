import fc from 'fast-check';
import { SEEDED } from '../../../tests/support/arbitraries';
import { ONE_RING } from '../../../tests/support/setups';
import { build, cardTo } from '../../../tests/support/job';
import { JOB_CASES } from '../../../tests/support/job-cases';
import { judgementText, obstacleText, stepWords } from '../../messages/job';
import {
  acceptedGears,
  isBehind,
  isPutBack,
  nextStep,
  obstacleTo,
  started,
  stopped,
  workSteps,
  workedMs,
  type Finding,
  type Progress,
} from './progress';
import { judgeReading, type StepReading } from './readings';
import type { StepId } from './step-ids';
import { recheckSteps } from './recheck';
import { endingsOf, needsGears } from './symptoms';
import { SETTLED_AFTER_MS, compareWeighings, hasSettled } from './weighing';
import { kmPerDay, wearForecast, wearLimitPercent, whenAtKm, type WearReading } from './wear';

const card = cardTo({ setup: ONE_RING, rearDerailleur: { totalCapacityT: 36 } });
const { steps } = card;
const reading = (id: StepId, which = 0) => steps.find((step) => step.id === id)!.readings[which]!;

test('readings are judged against the target of this job: links', () => {
  const links = reading('chainLength');
  expect(links).toMatchObject({ target: 114, window: { min: 114 } });
  expect(judgeReading(links, 114)).toEqual({ kind: 'onTarget' });
  expect(judgeReading(links, 112)).toEqual({ kind: 'below', by: 2 });
  expect(judgeReading(links, 116)).toEqual({ kind: 'inWindow' });
  // Cut to 113, the quick link makes 114: accepted with a warning.
  expect(judgeReading(links, 113)).toEqual({ kind: 'withoutQuickLink', links: 114 });
  expect(judgeReading({ ...links, usesQuickLink: false }, 113)).toEqual({ kind: 'odd' });
  expect(judgeReading(links, 500)).toEqual({ kind: 'notPossible' });
  expect(judgeReading(links, 112.5)).toEqual({ kind: 'notWhole' });
  const full = { ...links, window: { min: 114, max: 116 } };
  expect(judgeReading(full, 118)).toEqual({ kind: 'above', by: 2 });
});

test('a planned count that is slack in small-small is not answered with fewer links', () => {
  const tooShortACage = { ...reading('chainLength'), target: 114, window: { min: 114, max: 110 } };
  expect(judgeReading(tooShortACage, 114)).toEqual({ kind: 'slackAtPlanned' });
  expect(judgementText(tooShortACage, 114, { kind: 'slackAtPlanned' }, 2)).toContain('whatever its length');
  expect(judgementText(tooShortACage, 114, { kind: 'slackAtPlanned' }, 1)).not.toMatch(/big-big|small-small/);
  expect(judgeReading(tooShortACage, 116)).toEqual({ kind: 'above', by: 2 });
});

test('readings are judged against the target of this job: torque, gap, spacer', () => {
  const torque = reading('cassetteOn');
  expect(judgeReading(torque, 42)).toEqual({ kind: 'onTarget' });
  expect(judgementText(torque, 30, judgeReading(torque, 30), 2)).toBe(
    '30 N·m, 10 N·m too little: the target is 40 N·m (usual; the torque on the part takes precedence). Tighten further, in steps.',
  );
  const gap = reading('bGap');
  expect(gap).toMatchObject({ target: 5.5, window: { min: 3.5, max: 7.5 }, basis: 'gap.typical' });
  expect(judgeReading(gap, 6)).toEqual({ kind: 'inWindow' });
  expect(judgementText(gap, 3, judgeReading(gap, 3), 2)).toBe(
    '3 mm, 0.5 mm too little: the target is 5.5 mm (3.5 to 7.5) (typical; the derailleur maker’s figure takes precedence). The guide pulley can rub: turn the B-tension screw in (clockwise).',
  );
  expect(judgeReading(reading('spacer'), 1.85)).toEqual({ kind: 'onTarget' });
  expect(judgeReading(reading('spacer'), 1)).toMatchObject({ kind: 'below' });
  expect(judgeReading(gap, NaN)).toEqual({ kind: 'notPossible' });
});

test('a gap that worked last time is the target, and its turns are too', () => {
  const again = cardTo({ setup: ONE_RING }, { lastTime: { turns: 2.5, gapMm: 9, spacerMm: undefined } });
  const [gap, turns] = again.steps.find(({ id }) => id === 'bGap')!.readings;
  expect(gap).toMatchObject({ target: 9, window: { min: 7, max: 11 }, basis: 'gap.lastTime' });
  expect(turns).toMatchObject({ target: 2.5, basis: 'turns.lastTime' });
  expect(
    stepWords(
      again.steps.find(({ id }) => id === 'bGap')!,
      again,
    ).text,
  ).toContain('turn the B-tension screw 2.5 turns in (clockwise), as last time');
});

test('a torque is right within a tenth of its target, to the very tenth', () => {
  const lockring: StepReading = { id: 'torque.lockring', unit: 'N·m', possible: { min: 0.5, max: 80 }, target: 40 };
  const kinds = [36, 44, 35.9, 44.1].map((value) => judgeReading(lockring, value).kind);
  expect(kinds).toEqual(['onTarget', 'onTarget', 'below', 'above']);
  const spacer: StepReading = { id: 'spacerMm', unit: 'mm', possible: { min: 0, max: 20 }, target: 2 };
  expect([1.9, 2.1, 1.7, 2.3].map((value) => judgeReading(spacer, value).kind)).toEqual([
    'onTarget',
    'onTarget',
    'below',
    'above',
  ]);
});

test('only what was accepted stays out', () => {
  const gears = [{ chainring: 32, cog: 11 }];
  const found = (ending: Finding['ending']): Progress => ({
    smallSmall: { findings: [{ symptom: 'slack', ending, gears }] },
  });
  expect(acceptedGears(found('accepted'))).toEqual(gears);
  for (const ending of ['fixed', 'putBack', 'falseAlarm', undefined] as const)
    expect(acceptedGears(found(ending))).toEqual([]);
  expect(acceptedGears({ backPedal: { findings: [{ symptom: 'noise', ending: 'accepted' }] } })).toEqual([]);
  expect(acceptedGears({})).toEqual([]);
});

test('a torque that was read off the part takes the place of the usual one', () => {
  const known = cardTo({ setup: ONE_RING }, { torques: { lockring: 50 } });
  const step = known.steps.find(({ id }) => id === 'cassetteOn')!;
  expect(step.torques).toEqual([{ joint: 'lockring', torqueNm: 50, by: 'part' }]);
  expect(step.readings[0]).toMatchObject({ id: 'torque.lockring', target: 50, basis: 'torque.part' });
});

test('no reading throws, whatever is typed, and each is answered in words', () => {
  const ofAllJobs = [
    ...JOB_CASES.flatMap(({ name: _name, to, ...wishes }) => cardTo(to, wishes).steps),
    ...recheckSteps(),
  ];
  const readings = ofAllJobs.flatMap((step) => step.readings);
  const typed = fc.oneof(fc.double(), fc.double({ min: -5, max: 200, noNaN: true }), fc.integer({ min: -5, max: 200 }));
  fc.assert(
    fc.property(fc.constantFrom<StepReading>(...readings), typed, (rule, value) => {
      const judged = judgeReading(rule, value);
      if (judged.kind !== 'notPossible') {
        expect(value >= rule.possible.min && value <= rule.possible.max).toBe(true);
      }
      expect(judgementText(rule, value, judged, 2)).not.toMatch(/undefined|  /);
    }),
    { ...SEEDED, numRuns: 500 },
  );
});

test('links and speeds are whole; an odd count is said where nothing is known of the chain either', () => {
  const { steps: asking } = cardTo(
    { setup: { ...ONE_RING, chainrings: [38] } },
    { from: build({ chainLinks: undefined }) },
  );
  const links = asking.find(({ id }) => id === 'countLinks')!.readings[0]!;
  const text = (value: number) => judgementText(links, value, judgeReading(links, value), 1);
  expect(text(111)).toContain('111 links: an odd number cannot be joined');
  expect(text(111.5)).toContain('111.5 links: enter a whole number. The target is');
  expect(text(100)).toContain('too few: the target is');
  expect(text(112)).toContain('112 links: good');
  // Another derailleur on a chain that nobody has counted: it is joined again, and any count that passes both ends will do.
  const joined = (cageLengthMm: number) =>
    cardTo({ rearDerailleur: { cageLengthMm } }, { from: build({ chainLinks: undefined }) })
      .steps.find(({ id }) => id === 'chainLength')!
      .readings.find(({ id }) => id === 'links')!;
  const said = (rule: StepReading, value: number) => judgementText(rule, value, judgeReading(rule, value), 2);
  const [long, short] = [joined(105), joined(60)];
  expect(long).toMatchObject({ target: undefined, window: { min: 112, max: 114 } });
  expect(said(long, 114)).toBe(
    '114 links: good; the target is 112 to 114 links (big-big + 2, and taut in small-small).',
  );
  expect(said(long, 110)).toContain('2 links too few: the target is 112 to 114 links');
  // A cage too short for the range leaves any chain slack; a count that big-big needs is never called too many.
  expect(said(short, 112)).toContain('it hangs slack in small-small, whatever its length');
  expect(said(short, 114)).toContain('2 links too many: the target is 112 links or more');
  const speeds: StepReading = { id: 'speeds', unit: 'speeds', possible: { min: 5, max: 14 } };
  expect(judgementText(speeds, 11.5, judgeReading(speeds, 11.5), 1)).toBe('11.5 speeds: enter a whole number.');
});

test('two weighings agree within their resolutions together, and the finer one is to be believed', () => {
  const kitchen = (grams: number) => ({ grams, resolutionG: 5 });
  expect(compareWeighings([kitchen(355), kitchen(110)], [kitchen(470)])).toEqual({
    differenceG: -5,
    allowedG: 15,
    agrees: true,
    finer: 'second',
  });
  expect(compareWeighings([kitchen(355), kitchen(110)], [kitchen(481)]).agrees).toBe(false);
  expect(compareWeighings([{ grams: 355, resolutionG: 1 }], [{ grams: 400, resolutionG: 10 }])).toMatchObject({
    agrees: false,
    finer: 'first',
  });
  expect(compareWeighings([kitchen(5)], [kitchen(5)]).finer).toBeUndefined();
  expect(compareWeighings([{ grams: 0.3, resolutionG: 0.1 }], [{ grams: 0.1, resolutionG: 0.1 }]).agrees).toBe(true);
});

test('true weights, rounded by any scale, never disagree', () => {
  fc.assert(
    fc.property(
      fc.array(fc.double({ min: 1, max: 900, noNaN: true }), { minLength: 1, maxLength: 6 }),
      fc.constantFrom(0.1, 1, 2, 5, 10),
      fc.constantFrom(0.1, 1, 5),
      (grams, stepG, otherG) => {
        const shown = (value: number, resolutionG: number) => ({
          grams: Math.round(value / resolutionG) * resolutionG,
          resolutionG,
        });
        const total = grams.reduce((sum, one) => sum + one, 0);
        expect(
          compareWeighings(
            grams.map((one) => shown(one, stepG)),
            [shown(total, otherG)],
          ).agrees,
        ).toBe(true);
      },
    ),
    SEEDED,
  );
});

test('a scale has settled when it stood within a step for a while', () => {
  const at = (list: readonly number[]) => list.map((grams, i) => ({ atMs: i * 200, grams }));
  expect(hasSettled([], 1)).toBe(false);
  expect(hasSettled(at([100, 100]), 1)).toBe(false);
  const count = SETTLED_AFTER_MS / 200 + 1;
  expect(hasSettled(at([50, ...Array.from({ length: count }, () => 100)]), 1)).toBe(true);
  expect(hasSettled(at([...Array.from({ length: count }, (_, i) => 90 + 2 * i)]), 1)).toBe(false);
  expect(hasSettled(at([...Array.from({ length: count }, (_, i) => 0.1 * (i % 2))]), 0.1)).toBe(true);
});

test('wear: the gauge limit by speeds, and a line to it with its spread', () => {
  expect([wearLimitPercent(12), wearLimitPercent(11), wearLimitPercent(10), wearLimitPercent(8)]).toEqual([
    0.5, 0.5, 0.75, 0.75,
  ]);
  const read = (km: number, wearPercent: number): WearReading => ({ atMs: km, km, wearPercent });
  const exact = wearForecast([read(1000, 0.1), read(2000, 0.2), read(3000, 0.3)], 0.5);
  expect(exact).toMatchObject({
    kind: 'forecast',
    forecast: { ratePer1000Km: expect.closeTo(0.1, 9) as number, limitKm: expect.closeTo(5000, 6) as number },
  });
  if (exact.kind !== 'forecast') throw new Error('no forecast');
  expect(exact.forecast.spreadKm![1] - exact.forecast.spreadKm![0]).toBeLessThan(1e-6);
  const two = wearForecast([read(0, 0), read(1000, 0.2)], 0.5);
  expect(two).toMatchObject({ forecast: { limitKm: expect.closeTo(2500, 6) as number, spreadKm: undefined } });
  // By hand: slope 0.000175, intercept 0.05, residual² = (0.025² + 0.025² … )/2, t = 1.886.
  const four = wearForecast([read(0, 0.05), read(1000, 0.25), read(2000, 0.35), read(3000, 0.6)], 0.75);
  if (four.kind !== 'forecast') throw new Error('no forecast');
  expect(four.forecast.ratePer1000Km).toBeCloseTo(0.175, 9);
  expect(four.forecast.limitKm).toBeCloseTo(4000, 6);
  const residual = Math.sqrt((0 + 0.025 ** 2 + 0.05 ** 2 + 0.025 ** 2) / 2);
  const half = (1.886 * residual * Math.sqrt(1 + 1 / 4 + 2500 ** 2 / 5_000_000)) / 0.000175;
  expect(four.forecast.spreadKm![1] - 4000).toBeCloseTo(half, 6);
  // Readings with so much scatter that the line is uncertain: the forecast is never below the distance so far.
  const wild = wearForecast([read(0, 0.3), read(500, 0.05), read(900, 0.4)], 0.5);
  if (wild.kind !== 'forecast') throw new Error('no forecast');
  expect(wild.forecast.spreadKm![0]).toBe(900);
  expect(wild.forecast.spreadKm![1]).toBeGreaterThan(wild.forecast.limitKm);
  expect(wearForecast([read(0, 0)], 0.5)).toEqual({ kind: 'tooFew' });
  expect(wearForecast([read(5, 0.1), read(5, 0.2)], 0.5)).toEqual({ kind: 'tooFew' });
  expect(wearForecast([read(0, 0.2), read(900, 0.1)], 0.5)).toEqual({ kind: 'notWearing' });
  expect(wearForecast([read(0, 0.1), read(900, 0.55)], 0.5)).toMatchObject({ kind: 'reached' });
  expect(wearForecast([read(0, 0.6)], 0.5)).toMatchObject({ kind: 'reached' });
});

test('when a distance is reached, by what was ridden lately', () => {
  const day = 86_400_000;
  const trips = [
    { atMs: 0, km: 900 },
    { atMs: 95 * day, km: 90 },
    { atMs: 99 * day, km: 90 },
  ];
  expect(kmPerDay(trips, 100 * day)).toBe(2);
  // Recorded for ten days only: the eighty before them do not count; the first reading may be older than the first ride.
  const lately = trips.slice(-2);
  expect(kmPerDay(lately, 100 * day, 100 * day)).toBe(180 / 5);
  expect(kmPerDay(lately, 100 * day, 90 * day)).toBe(18);
  expect(kmPerDay(trips, 400 * day)).toBeUndefined();
  expect(whenAtKm(100, 150, 2, 0)).toBe(25 * day);
  expect(whenAtKm(200, 150, 2, 7)).toBe(7);
});

test('a job goes on at the first open step, and an open finding keeps its step open', () => {
  const done = (ids: readonly string[]): Progress => Object.fromEntries(ids.map((id) => [id, { doneAtMs: 1 }]));
  expect(nextStep(steps, {})!.id).toBe('decide');
  expect(nextStep(steps, { ...done(['decide', 'fit']), gather: { skipped: true } })!.id).toBe('hanger');
  const noise: Finding = { symptom: 'noise' };
  expect(isBehind({ indexing: { doneAtMs: 1, findings: [noise] } }, 'indexing')).toBe(false);
  expect(isBehind({ indexing: { doneAtMs: 1, findings: [{ ...noise, ending: 'falseAlarm' }] } }, 'indexing')).toBe(
    true,
  );
  expect(nextStep(steps, done(workSteps(steps).map(({ id }) => id)))).toBeUndefined();
  expect(workSteps(steps).map(({ id }) => id)).not.toContain('recheck');
});

const SAFE: Progress = { limitScrews: { doneAtMs: 1 }, bigBig: { doneAtMs: 1 }, smallSmall: { doneAtMs: 1 } };
const obstacle = (id: StepId, progress: Progress, how: 'done' | 'skipped' = 'done') => {
  const found = obstacleTo(id, steps, progress, how);
  return found && obstacleText(found);
};

test('what must not be accepted with limits is not offered as a way out', () => {
  const open = (symptom: 'slack' | 'lockedUp') => obstacle('testRide', { ...SAFE, bGap: { findings: [{ symptom }] } });
  expect(open('slack')).toContain('accept it with limits');
  expect(open('lockedUp')).toMatch(/Fix it, or put the old parts back/);
});

test('nobody rides before the checks, and they are never skipped', () => {
  expect(obstacle('bigBig', {}, 'skipped')).toContain('cannot be skipped');
  expect(obstacle('testRide', { limitScrews: { doneAtMs: 1 } })).toBe(
    'Never ride before these are done: Big-big by hand and Small-small.',
  );
  expect(obstacle('testRide', SAFE)).toBeUndefined();
  expect(obstacle('torque', {}, 'skipped')).toBeUndefined();
});

test('nobody rides with a chain that was read as too short, however the step was ticked', () => {
  const short: Progress = { ...SAFE, chainLength: { doneAtMs: 1, values: { links: 112 } } };
  expect(obstacle('chainLength', short)).toContain('at least 114 are needed');
  expect(obstacle('testRide', short)).toContain('Never ride with this chain');
  expect(obstacle('signOff', short)).toContain('Never ride with this chain');
  expect(obstacle('signOff', { ...SAFE, chainLength: { values: { links: 113 } } })).toContain('cannot be joined');
  expect(obstacle('signOff', { ...SAFE, chainLength: { values: { links: 114 } } })).toBeUndefined();
});

test('a finding with which nobody rides is in the way until it has ended; noise is not', () => {
  const found = (finding: Finding, step: StepId = 'backPedal'): Progress => ({
    ...SAFE,
    [step]: { findings: [finding] },
  });
  expect(obstacle('signOff', found({ symptom: 'chainOff' }))).toContain('Back-pedal is still open: chain comes off');
  expect(obstacle('signOff', found({ symptom: 'chainOff', ending: 'fixed' }))).toBeUndefined();
  expect(obstacle('signOff', found({ symptom: 'noise' }))).toBeUndefined();
  const accepted = found({
    symptom: 'slack',
    ending: 'accepted',
    gears: [
      { chainring: 32, cog: 11 },
      { chainring: 32, cog: 11 },
    ],
  });
  expect(obstacle('signOff', accepted)).toBeUndefined();
  expect(acceptedGears(accepted)).toEqual([{ chainring: 32, cog: 11 }]);
  const putBack = found({ symptom: 'cannotReach', ending: 'putBack' });
  expect(isPutBack(putBack)).toBe(true);
  expect(obstacle('signOff', putBack)).toContain('sign the job off as put back');
});

test('a locked drivetrain, a loose cassette and spokes are never accepted with limits', () => {
  for (const symptom of ['lockedUp', 'intoSpokes', 'cassetteRocks', 'lockringLoose', 'hangerBent'] as const) {
    expect(endingsOf(symptom)).toEqual(['fixed', 'putBack', 'falseAlarm']);
  }
  expect(endingsOf('slack')).toContain('accepted');
  // A cog that skips throws the rider: it is accepted only as a gear that stays out.
  expect(['slack', 'skipping', 'noise', 'rubbing'].map((one) => needsGears(one as 'slack'))).toEqual([
    true,
    true,
    false,
    false,
  ]);
});

test('back-pedalling is tried in several of the largest cogs, and can find that the chain comes off', () => {
  expect(card.backPedalGears.map(({ cog }) => cog)).toEqual([44, 38, 32, 28]);
  const step = steps.find(({ id }) => id === 'backPedal')!;
  expect(step.symptoms).toEqual(expect.arrayContaining(['chainOff', 'dropsCogs', 'noise']));
  expect(stepWords(step, card).text).toContain('44/44, 44/38, 44/32 and 44/28');
});

test('the clock of a job: stops, goes on, and is not fooled by a clock set back', () => {
  const runs = stopped(started([], 1000), 4000);
  expect(started(started(runs, 9000), 9500)).toEqual([{ fromMs: 1000, toMs: 4000 }, { fromMs: 9000 }]);
  expect(workedMs(started(runs, 9000), 10_000)).toBe(4000);
  expect(workedMs([{ fromMs: 9000 }], 5000)).toBe(0);
  expect(stopped([{ fromMs: 9000 }], 5000)).toEqual([{ fromMs: 9000, toMs: 9000 }]);
});
