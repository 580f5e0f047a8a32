import { ONE_RING, TOURER, TOURER_FRAME, TOURER_SHEET } from '../../../tests/support/setups';
import type { Message } from '../message';
import { fitReport, type CheckId, type FitInput } from './index';

const INPUT: FitInput = { ...TOURER_FRAME, rearDerailleur: TOURER_SHEET };
const rear = (more: FitInput['rearDerailleur']) => ({ rearDerailleur: { ...TOURER_SHEET, ...more } });
const parts = (more: NonNullable<FitInput['parts']>) => ({ parts: more });
const electronic = (more: NonNullable<FitInput['parts']> = {}) => parts({ shifting: 'electronic', ...more });
const body = (bodyLengthMm: number, cassetteLengthMm?: number, spacerMm?: number) => ({
  freehub: { bodyLengthMm },
  parts: { cassetteLengthMm, spacerMm },
});
const pull = (cablePullMm: number, pullRatio: number) => ({ ...rear({ pullRatio }), ...parts({ cablePullMm }) });
const single = { setup: ONE_RING };
const hub = (hubRatioMin?: number) => ({ setup: { ...ONE_RING, hubStages: [1, 0.7] }, parts: { hubRatioMin } });
const extender = (hangerExtenderMm: number | undefined, largestCogMaxT: number | undefined) => ({
  ...rear({ largestCogMaxT }),
  ...parts({ hangerExtenderMm }),
});
const smallestOnSmall = [0, 1, 2].map((cog) => ({ ring: 1, cog }));

const family = (shifterFamily?: string, derailleurFamily?: string) => ({
  setup: { ...TOURER, cogs: TOURER.cogs.slice(1) },
  ...parts({ shifterFamily, derailleurFamily }),
});
const electronicFamily = (shifterFamily?: string, derailleurFamily?: string) =>
  electronic({ shifterFamily, derailleurFamily });
const spline = 'nine wide splines';
const ROAD = 'road, 11-speed, about 2.7 mm per click';
const MOUNTAIN = 'mountain, 11-speed, about 3.6 mm per click';
const ringRoom = { oneRingMaxT: 42, twoRingsMaxT: 50 };

/** A message by its code and its values in their order, whose names the types hold; lengths and angles to a hundredth. */
const said = ({ code, values = {} }: Message): string => {
  const shown = Object.values(values).map(plain);
  const short = code.replace(/^fit\./, '');
  return shown.length > 0 ? `${short}(${shown.join(', ')})` : short;
};
function plain(value: unknown): string {
  if (typeof value === 'number') return String(Math.round(value * 100) / 100);
  if (Array.isArray(value)) return value.map(plain).join(' and ');
  return typeof value === 'object' && value !== null ? said(value as Message) : String(value);
}
/** Such as "cogs 11-12-13". */
const changed = (change: object = {}) =>
  Object.entries(change).map(
    ([name, value]) => `: ${name} ${Array.isArray(value) ? value.join('-') : JSON.stringify(value)}`,
  );

/** What a check says with its margin, what it proposes, and what is thought of a limit that is passed. */
function answerOf(id: CheckId, more: Partial<FitInput>): readonly string[] {
  const { checks, trials } = fitReport({ ...INPUT, ...more });
  const { verdict, margin, message, fixes } = checks.find((one) => one.id === id)!;
  const trial = trials[id];
  const answer = [
    `${verdict}${margin === undefined ? '' : ` ${plain(margin)}`}: ${said(message)}`,
    ...fixes.map(({ text, change }) => [said(text), ...changed(change)].join('')),
    ...(trial ? [`${trial.decision}: ${said(trial.reason)}, ${said(trial.extraCheck)}`] : []),
  ];
  return answer.map((text) => text.replaceAll(`${id}.`, ''));
}

const CASES: readonly [CheckId, Partial<FitInput>, ...string[]][] = [
  ['totalCapacity', {}, 'inside 2: limit(needed(41), published(43), margin.inside(2))'],
  ['totalCapacity', rear({ totalCapacityT: 41 }), 'at 0: limit(needed(41), published(41), margin.at)'],
  [
    'totalCapacity',
    rear({ totalCapacityT: 39 }),
    'outside -2: limit(needed(41), published(39), margin.over(2))',
    'fixRing(34): chainrings 48-34',
    'cassetteSuch(fixCog(34), 11, 34): cogs 11-12-13-14-15-17-19-21-24-27-30-34',
    'fixDerailleur(41)',
    'try: trial.capacityHolds(-56.5, 66.87), trial.capacityCheck',
  ],
  [
    'totalCapacity',
    rear({ totalCapacityT: 39, cageLengthMm: 56 }),
    'outside -2: limit(needed(41), published(39), margin.over(2))',
    'fixRing(34): chainrings 48-34',
    'cassetteSuch(fixCog(34), 11, 34): cogs 11-12-13-14-15-17-19-21-24-27-30-34',
    'fixCage(80)',
    'fixDerailleur(41)',
    'doNot: trial.capacityFails(32/11 and 32/12 and 32/13 and 32/14 and 32/15 and 32/17), trial.capacityCheck',
  ],
  [
    'totalCapacity',
    rear({ totalCapacityT: 39, cageLengthMm: undefined }),
    'outside -2: limit(needed(41), published(39), margin.over(2))',
    'fixRing(34): chainrings 48-34',
    'cassetteSuch(fixCog(34), 11, 34): cogs 11-12-13-14-15-17-19-21-24-27-30-34',
    'fixDerailleur(41)',
    'undecided: trial.capacityUnknown, trial.capacityCheck',
  ],
  ['totalCapacity', rear({ totalCapacityT: undefined }), 'notKnown: noData(needed(41), missing)'],
  [
    'totalCapacity',
    { ...rear({ totalCapacityT: 39 }), avoided: smallestOnSmall },
    'inside 1: limit(neededWithoutExcluded(38, 41), publishedExceededByExcluded(39, 2), margin.inside(1))',
  ],
  ['totalCapacity', hub(), 'inside 9: limit(needed(34), published(43), margin.inside(9))'],
  ['largestCog', rear({ largestCogMaxT: 40 }), 'inside 4: limit(what(36), published.most(40), margin.inside(4))'],
  ['largestCog', {}, 'at 0: limit(what(36), published.most(36), margin.at)'],
  [
    'largestCog',
    rear({ largestCogMaxT: 32 }),
    'outside -4: limit(what(36), published.most(32), margin.over(4))',
    'cassetteSuch(fixCassette(32), 11, 30): cogs 11-12-13-14-15-16-17-19-21-24-27-30',
    'fixDerailleur(36)',
    'undecided: trial.largestCog(8.09), trial.largestCogCheck',
  ],
  [
    'largestCog',
    extender(10, 32),
    'outside -4: limit(what(36), published.most(32), margin.over(4))',
    'cassetteSuch(fixCassette(32), 11, 30): cogs 11-12-13-14-15-16-17-19-21-24-27-30',
    'fixDerailleur(36)',
    'try: trial.largestCogExtender(4, 4), trial.largestCogCheck',
  ],
  [
    'largestCog',
    extender(5, 32),
    'outside -4: limit(what(36), published.most(32), margin.over(4))',
    'cassetteSuch(fixCassette(32), 11, 30): cogs 11-12-13-14-15-16-17-19-21-24-27-30',
    'fixDerailleur(36)',
    'undecided: trial.largestCogBesideExtender(2, 4.04), trial.largestCogCheck',
  ],
  ['largestCog', rear({ largestCogMaxT: undefined }), 'notKnown: noData(what(36), missing)'],
  ['largestCogMinimum', {}, 'inside 8: limit(largestCog.what(36), published.least(28), margin.inside(8))'],
  [
    'largestCogMinimum',
    rear({ largestCogMinT: 36 }),
    'at 0: limit(largestCog.what(36), published.least(36), margin.at)',
  ],
  [
    'largestCogMinimum',
    rear({ largestCogMinT: 40 }),
    'outside -4: limit(largestCog.what(36), published.least(40), margin.below(4))',
    'cassetteSuch(fixCassette(40), 10, 44): cogs 10-11-13-15-17-19-21-24-28-32-38-44',
    'try: trial.largestCogMinimum(8.09), trial.largestCogMinimumCheck',
  ],
  ['largestCogMinimum', rear({ largestCogMinT: undefined }), 'notKnown: noData(largestCog.what(36), missing)'],
  ['smallestCog', {}, 'at 0: limit(what(11), published.least(11), margin.at)'],
  [
    'smallestCog',
    rear({ smallestCogMinT: 12 }),
    'outside -1: limit(what(11), published.least(12), margin.below(1))',
    'fixCassette(12)',
    'try: trial.smallestCog(2.02), trial.smallestCogCheck',
  ],
  ['smallestCog', rear({ smallestCogMinT: 10 }), 'inside 1: limit(what(11), published.least(10), margin.inside(1))'],
  ['smallestCog', rear({ smallestCogMinT: undefined }), 'notKnown: noData(what(11), missing)'],
  ['ringDifference', {}, 'at 0: limit(what(16), published.most(16), margin.at)'],
  [
    'ringDifference',
    rear({ ringDifferenceMaxT: 14 }),
    'outside -2: limit(what(16), published.most(14), margin.over(2))',
    'fixRing(34): chainrings 48-34',
    'fixDerailleur(16)',
    'undecided: trial.ringDifference, trial.ringDifferenceCheck',
  ],
  [
    'ringDifference',
    rear({ ringDifferenceMaxT: 18 }),
    'inside 2: limit(what(16), published.most(18), margin.inside(2))',
  ],
  ['ringDifference', rear({ ringDifferenceMaxT: undefined }), 'notKnown: noData(what(16), missing)'],
  ['ringDifference', single, 'inside: oneRing'],
  ['frontCage', parts({}), 'notKnown: noData(what(48), missing)'],
  ['frontCage', single, 'inside: oneRing'],
  ['frontCage', parts({ frontBigRingMinT: 46, frontBigRingMaxT: 52 }), 'inside 2: inside(48, between(46, 52))'],
  ['frontCage', parts({ frontBigRingMinT: 48 }), 'at 0: at(48, from(48))'],
  [
    'frontCage',
    parts({ frontBigRingMaxT: 46 }),
    'outside -2: outside(48, 2, upTo(46))',
    'fixRing(46): chainrings 46-32',
    'fixDerailleur(48)',
    'try: trial.frontCage, trial.frontCageCheck',
  ],
  [
    'frontCage',
    parts({ frontBigRingMinT: 50, frontBigRingMaxT: 53 }),
    'outside -2: outside(48, 2, between(50, 53))',
    'fixRing(50): chainrings 50-32',
    'fixDerailleur(48)',
    'try: trial.frontCage, trial.frontCageCheck',
  ],
  [
    'frontCage',
    parts({ frontBigRingMaxT: 30 }),
    'outside -18: outside(48, 18, upTo(30))',
    'fixDerailleur(48)',
    'try: trial.frontCage, trial.frontCageCheck',
  ],
  [
    'frontCage',
    { ...parts({ frontBigRingMaxT: 52 }), fittedBigRing: 46 },
    'inside 4: withHeight(inside(48, upTo(52)), higher(4.04, 46))',
  ],
  ['frontCage', { fittedBigRing: 50 }, 'notKnown: withHeight(noData(what(48), missing), lower(4.04, 50))'],
  ['frontCage', { fittedBigRing: 48 }, 'notKnown: noData(what(48), missing)'],
  ['hangerExtender', {}, 'inside: extender.notNeeded'],
  ['hangerExtender', extender(undefined, 32), 'outside -4: extender.mightClear(8.09, 36, extender.cost)'],
  ['hangerExtender', extender(10, 32), 'at 0: extender.enough(10, 4, 4, extender.cost)'],
  ['hangerExtender', extender(5, 32), 'outside -2: extender.notEnough(5, 2, 4)', 'extender.fixExtender(8.09)'],
  ['hangerExtender', extender(10, 36), 'at 4: extender.needless(10, 4, 36, extender.cost)'],
  ['hangerExtender', extender(10, undefined), 'notKnown: noData(extender.what(10, extender.cost), extender.missing)'],
  ['hangerExtender', extender(undefined, undefined), 'inside: extender.notFitted'],
  ['freehubLength', body(34.9, 34.9), 'inside: noneNeeded(34.9, 34.9)'],
  ['freehubLength', body(34.9, 34.9, 0), 'inside 0: noneFitted(34.9, 34.9)'],
  ['freehubLength', body(34.9, 34.9, 0.1), 'inside 0: slightFitted(34.9, 34.9)'],
  [
    'freehubLength',
    body(34.9, 34.9, 1),
    'outside -1: tooMuch(34.9, 34.9, 1, 1)',
    'fixNone: parts {"cassetteLengthMm":34.9,"spacerMm":0}',
  ],
  ['freehubLength', body(36.75, 34.9), 'inside: needed(36.75, 34.9, 1.85)'],
  ['freehubLength', body(36.75, 34.9, 1.85), 'inside 0: neededFitted(36.75, 34.9, 1.85)'],
  [
    'freehubLength',
    body(36.75, 34.9, 0),
    'outside -1.85: tooLittle(36.75, 34.9, 0, 1.85)',
    'fixSpacers(1.85): parts {"cassetteLengthMm":34.9,"spacerMm":1.85}',
  ],
  ['freehubLength', body(36.75, 38), 'cannotWork -1.25: tooLong(36.75, 38, 1.25)', 'fixBody(38)'],
  ['freehubLength', body(36.75), 'notKnown: noData(what, missing(cassette))'],
  [
    'freehubLength',
    body(36.75, 34.9, 3),
    'outside -1.15: tooMuch(36.75, 34.9, 3, 1.15)',
    'fixSpacers(1.85): parts {"cassetteLengthMm":34.9,"spacerMm":1.85}',
  ],
  ['freehubLength', parts({}), 'notKnown: noData(what, missing(both))'],
  ['hubRatio', hub(), 'notKnown: noData(what(44, 44, 1), missing)'],
  ['hubRatio', hub(0.9), 'inside 0.1: inside(what(44, 44, 1), 0.9)'],
  ['hubRatio', hub(1.1), 'outside -0.1: below(what(44, 44, 1), 1.1)', 'fixCog(40)', 'fixRing(49)'],
  ['hubRatio', hub(1), 'at 0: inside(what(44, 44, 1), 1)'],
  ['shifterSpeeds', parts({}), 'notKnown: noData(what(12), missingShifter)'],
  ['shifterSpeeds', parts({ shifterSpeeds: 12 }), 'inside 0: same(12, 12)'],
  ['shifterSpeeds', parts({ shifterSpeeds: 13 }), 'at 1: spare(13, 12, 1)'],
  [
    'shifterSpeeds',
    parts({ shifterSpeeds: 11 }),
    'outside -1: outOfReach(11, 12, 1)',
    'fixShifter(12)',
    'fixCassette(11)',
  ],
  [
    'shifterSpeeds',
    { ...rear({ speeds: 11 }), ...electronic({ shifterSpeeds: 12 }) },
    'cannotWork -1: electronic(11, 12)',
    'fixDerailleur(12)',
    'fixCassette(11)',
  ],
  ['shifterSpeeds', { ...rear({ speeds: 12 }), ...electronic({ shifterSpeeds: 12 }) }, 'inside 0: same(12, 12)'],
  ['shifterSpeeds', electronic({ shifterSpeeds: 12 }), 'notKnown: noData(what(12), missingDerailleur)'],
  ['indexing', parts({}), 'notKnown: noData(what(3.6), missing(both))'],
  ['indexing', electronic(), 'notKnown: noData(electronic, missingSystem(both))'],
  ['indexing', electronic({ shifterFamily: 'Wired', derailleurFamily: 'wired' }), 'inside: sameElectronic(Wired)'],
  [
    'indexing',
    electronic({ shifterFamily: 'Wired', derailleurFamily: 'Radio' }),
    'notKnown: noData(unlistedElectronic(Wired, Radio), missingTogether)',
  ],
  [
    'indexing',
    electronic({ shifterFamily: 'electronic, wired, road', derailleurFamily: 'electronic, wireless, road' }),
    'cannotWork: otherElectronic(electronic, wired, road, electronic, wireless, road)',
    'fixDerailleur(electronic, wired, road)',
    'fixShifter(electronic, wireless, road)',
  ],
  ['indexing', pull(2.41, 1.49), 'inside 0.55: spare(measured(3.59, 3.6, -0.01, 0.05), 0.55)'],
  [
    'indexing',
    pull(2.51, 1.51),
    'outside -0.45: over(measured(3.79, 3.6, 0.19, 1.05), 0.45)',
    'fixRatio(1.43)',
    'fixPull(2.38)',
  ],
  [
    'indexing',
    pull(2.71, 1.71),
    'cannotWork -5.09: nextCog(measured(4.63, 3.6, 1.03, 5.69))',
    'fixRatio(1.33)',
    'fixPull(2.11)',
  ],
  ['indexing', pull(2.4, 1.5), 'notKnown: noData(doubtful(measured(3.6, 3.6, 0, 0), 0.78), missingDecimals)'],
  ['indexing', parts({ cablePullMm: 2.4 }), 'notKnown: noData(what(3.6), missing(ratio))'],
  ['indexing', rear({ pullRatio: 1.5 }), 'notKnown: noData(what(3.6), missing(pull))'],
  ['indexing', { setup: { ...ONE_RING, cogs: [17] } }, 'inside: oneCog'],
  [
    'indexing',
    pull(2.9, 1.7),
    'cannotWork -6.71: nextCog(measured(4.93, 3.6, 1.33, 7.31))',
    'fixRatio(1.24)',
    'fixPull(2.12)',
  ],
  ['indexing', family(ROAD, ROAD), 'inside 0.45: spare(typical(3.78, 3.75, 0.03, 0.15), 0.45)'],
  [
    'indexing',
    family(ROAD, MOUNTAIN),
    'cannotWork -3.3: nextCog(typical(2.97, 3.75, -0.78, 3.9))',
    'fixRatio(1.39)',
    'fixPull(3.41)',
  ],
  ['indexing', electronicFamily('Wired, 2nd', ' wired,  2ND '), 'inside: sameElectronic(Wired, 2nd)'],
  ['indexing', electronicFamily('Wired'), 'notKnown: noData(electronic, missingSystem(derailleur))'],
  ['indexing', electronicFamily(undefined, 'Wired'), 'notKnown: noData(electronic, missingSystem(shifter))'],
  ['chainline', {}, 'inside 0.69: insideTwoRings(what(2.31, 48/28, 3), 48/15, 32/19)'],
  [
    'chainline',
    { steepDeg: 3, crossedCogs: 0 },
    'outside -0.27: outsideMayDrop(what(3.27, 48/36, 3), 48/36)',
    'fixInboard',
  ],
  [
    'chainline',
    { steepDeg: 2, crossedCogs: 2 },
    'outside -0.31: outsideMayDrop(what(2.31, 48/28, 2), 48/28 and 32/36)',
    'fixInboard',
  ],
  ['chainline', { ...single, steepDeg: 6 }, 'inside 3.23: insideOneRing(what(2.77, 44/44, 6), 44/19)'],
  [
    'chainline',
    { crossedCogs: 0, avoided: smallestOnSmall },
    'outside -0.27: outsideMayDrop(what(3.27, 48/36, 3), 48/36)',
    'fixInboard',
  ],
  ['chainLength', { chainLinks: 112 }, 'inside 0: right(112, 112)'],
  ['chainLength', { chainLinks: 110 }, 'outside -2: fewer(110, 2, 112)', 'fixLength(112): chainLinks 112'],
  ['chainLength', { chainLinks: 116 }, 'outside 4: slackAt(116, 32/15, -73.31)', 'fixFewer(4): chainLinks 112'],
  ['chainLength', { chainLinks: 106 }, 'cannotWork -6: tooShort(106, 48/36, 6)', 'fixLength(112): chainLinks 112'],
  ['chainLength', { chainLinks: 111 }, 'outside -1: fewer(111, 1, 112)', 'fixLength(112): chainLinks 112'],
  ['freehub', {}, 'notKnown: noData(what, missing(both))'],
  ['freehub', { freehub: { spline } }, 'notKnown: noData(what, missing(cassette))'],
  ['freehub', parts({ cassetteSpline: spline }), 'notKnown: noData(what, missing(wheel))'],
  [
    'freehub',
    { freehub: { spline }, ...parts({ cassetteSpline: 'Nine wide splines' }) },
    'inside: same(nine wide splines)',
  ],
  [
    'freehub',
    { freehub: { spline }, ...parts({ cassetteSpline: 'fine splines' }) },
    'cannotWork: otherSpline(fine splines, nine wide splines)',
    'fixBody(fine splines)',
    'fixCassette(nine wide splines)',
  ],
  [
    'freehub',
    { ...single, freehub: { spline, smallestCogT: 11 }, ...parts({ cassetteSpline: spline }) },
    'cannotWork -1: cogTooSmall(10, 11)',
    'fixCog(11)',
    'fixOtherBody',
  ],
  ['chainSpeeds', parts({ chainSpeeds: 12 }), 'inside 0: right(12, 12)'],
  ['chainSpeeds', parts({ chainSpeeds: 13 }), 'at 1: slightlyNarrow(13, 12)'],
  ['chainSpeeds', parts({ chainSpeeds: 14 }), 'outside -2: tooNarrow(14, 12)', 'fixChain(12)'],
  ['chainSpeeds', parts({ chainSpeeds: 11 }), 'outside -1: tooWide(11, 12)', 'fixChain(12)'],
  ['chainSpeeds', parts({ chainSpeeds: 10 }), 'cannotWork -2: tooWide(10, 12)', 'fixChain(12)'],
  ['chainSpeeds', parts({}), 'notKnown: noData(what(12), missing)'],
  [
    'smallestRing',
    parts({ boltCircleMm: 110 }),
    'outside -1: limit(what(32), boltCircle(33, 110), margin.below(1))',
    'fixRing(33): chainrings 48-33',
    'fixCrank(32)',
  ],
  [
    'smallestRing',
    parts({ boltCircleMm: 110, smallestRingT: 32 }),
    'at 0: limit(what(32), published.least(32), margin.at)',
  ],
  ['smallestRing', parts({}), 'notKnown: noData(what(32), missing)'],
  ['ringRoom', { ringRoom }, 'inside 2: limit(bigRing(48), clears(50), margin.inside(2))'],
  [
    'ringRoom',
    { ...single, ringRoom },
    'outside -2: limit(oneRing(44), clears(42), margin.over(2))',
    'fixOneRing(42): chainrings 42',
  ],
  ['ringRoom', {}, 'notKnown: noData(bigRing(48), missingBigRing)'],
  ['retention', single, 'notKnown: noData(what, missing)'],
  ['retention', { ...single, ...parts({ retention: [] }) }, 'outside: none', 'narrowWide', 'clutch', 'guide'],
  ['retention', { ...single, ...parts({ retention: ['clutch'] }) }, 'inside: has(clutch)'],
  ['retention', parts({}), 'inside: twoRings'],
];

test.each(CASES)('%s: what is said of it, %#', (id, more, ...expected) => {
  expect(answerOf(id, more)).toEqual(expected);
});
