import { ONE_RING, TOURER_FRAME, TOURER_SHEET } from '../../../tests/support/setups';
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

/** A message by its code and values, lengths and angles to a hundredth. */
const said = ({ code, values = {} }: Message): string => {
  const shown = Object.entries(values).map(([name, value]) => `${name} ${plain(value)}`);
  const short = code.replace(/^fit\./, '');
  return shown.length > 0 ? `${short}(${shown.join(', ')})` : short;
};
function plain(value: unknown): string {
  if (typeof value === 'number') return String(Math.round(value * 100) / 100);
  if (Array.isArray(value)) return value.map(plain).join(' and ');
  return typeof value === 'object' && value !== null ? said(value as Message) : String(value);
}

/** What a check says, what it proposes, and what is thought of a limit that is passed. */
function answerOf(id: CheckId, more: Partial<FitInput>): readonly string[] {
  const { checks, trials } = fitReport({ ...INPUT, ...more });
  const { verdict, message, fixes } = checks.find((one) => one.id === id)!;
  const trial = trials[id];
  return [
    `${verdict}: ${said(message)}`,
    ...fixes.map(({ text, change }) => `${said(text)}${change ? ` ${JSON.stringify(change)}` : ''}`),
    ...(trial ? [`${trial.decision}: ${said(trial.reason)}, ${said(trial.extraCheck)}`] : []),
  ];
}

const CASES: readonly (readonly [CheckId, Partial<FitInput>, readonly string[]])[] = [
  [
    'totalCapacity',
    {},
    [
      'inside: limit(what totalCapacity.needed(required 41), published totalCapacity.published(limit 43), margin margin.inside(teeth 2))',
    ],
  ],
  [
    'totalCapacity',
    rear({ totalCapacityT: 41 }),
    [
      'at: limit(what totalCapacity.needed(required 41), published totalCapacity.published(limit 41), margin margin.at)',
    ],
  ],
  [
    'totalCapacity',
    rear({ totalCapacityT: 39 }),
    [
      'outside: limit(what totalCapacity.needed(required 41), published totalCapacity.published(limit 39), margin margin.over(teeth 2))',
      'totalCapacity.fixRing(teeth 34) {"chainrings":[48,34]}',
      'cassetteSuch(cassette totalCapacity.fixCog(teeth 34), smallest 11, largest 34) {"cogs":[11,12,13,14,15,17,19,21,24,27,30,34]}',
      'totalCapacity.fixDerailleur(required 41)',
      'try: trial.capacityHolds(from -56.5, to 66.87), trial.capacityCheck',
    ],
  ],
  [
    'totalCapacity',
    rear({ totalCapacityT: 39, cageLengthMm: 56 }),
    [
      'outside: limit(what totalCapacity.needed(required 41), published totalCapacity.published(limit 39), margin margin.over(teeth 2))',
      'totalCapacity.fixRing(teeth 34) {"chainrings":[48,34]}',
      'cassetteSuch(cassette totalCapacity.fixCog(teeth 34), smallest 11, largest 34) {"cogs":[11,12,13,14,15,17,19,21,24,27,30,34]}',
      'totalCapacity.fixCage(length 80)',
      'totalCapacity.fixDerailleur(required 41)',
      'doNot: trial.capacityFails(gears 32/11 and 32/12 and 32/13 and 32/14 and 32/15 and 32/17), trial.capacityCheck',
    ],
  ],
  [
    'totalCapacity',
    rear({ totalCapacityT: 39, cageLengthMm: undefined }),
    [
      'outside: limit(what totalCapacity.needed(required 41), published totalCapacity.published(limit 39), margin margin.over(teeth 2))',
      'totalCapacity.fixRing(teeth 34) {"chainrings":[48,34]}',
      'cassetteSuch(cassette totalCapacity.fixCog(teeth 34), smallest 11, largest 34) {"cogs":[11,12,13,14,15,17,19,21,24,27,30,34]}',
      'totalCapacity.fixDerailleur(required 41)',
      'undecided: trial.capacityUnknown, trial.capacityCheck',
    ],
  ],
  [
    'totalCapacity',
    rear({ totalCapacityT: undefined }),
    ['notKnown: noData(what totalCapacity.needed(required 41), missing totalCapacity.missing)'],
  ],
  [
    'totalCapacity',
    { ...rear({ totalCapacityT: 39 }), avoided: smallestOnSmall },
    [
      'inside: limit(what totalCapacity.neededWithoutExcluded(required 38, inAllGears 41), published totalCapacity.publishedExceededByExcluded(limit 39, over 2), margin margin.inside(teeth 1))',
    ],
  ],
  [
    'largestCog',
    rear({ largestCogMaxT: 40 }),
    [
      'inside: limit(what largestCog.what(teeth 36), published published.most(limit 40), margin margin.inside(teeth 4))',
    ],
  ],
  [
    'largestCog',
    {},
    ['at: limit(what largestCog.what(teeth 36), published published.most(limit 36), margin margin.at)'],
  ],
  [
    'largestCog',
    rear({ largestCogMaxT: 32 }),
    [
      'outside: limit(what largestCog.what(teeth 36), published published.most(limit 32), margin margin.over(teeth 4))',
      'cassetteSuch(cassette largestCog.fixCassette(limit 32), smallest 11, largest 30) {"cogs":[11,12,13,14,15,16,17,19,21,24,27,30]}',
      'largestCog.fixDerailleur(teeth 36)',
      'undecided: trial.largestCog(by 8.09), trial.largestCogCheck',
    ],
  ],
  [
    'largestCog',
    extender(10, 32),
    [
      'outside: limit(what largestCog.what(teeth 36), published published.most(limit 32), margin margin.over(teeth 4))',
      'cassetteSuch(cassette largestCog.fixCassette(limit 32), smallest 11, largest 30) {"cogs":[11,12,13,14,15,16,17,19,21,24,27,30]}',
      'largestCog.fixDerailleur(teeth 36)',
      'try: trial.largestCogExtender(room 4, over 4), trial.largestCogCheck',
    ],
  ],
  [
    'largestCog',
    extender(5, 32),
    [
      'outside: limit(what largestCog.what(teeth 36), published published.most(limit 32), margin margin.over(teeth 4))',
      'cassetteSuch(cassette largestCog.fixCassette(limit 32), smallest 11, largest 30) {"cogs":[11,12,13,14,15,16,17,19,21,24,27,30]}',
      'largestCog.fixDerailleur(teeth 36)',
      'undecided: trial.largestCogBesideExtender(room 2, by 4.04), trial.largestCogCheck',
    ],
  ],
  [
    'largestCog',
    rear({ largestCogMaxT: undefined }),
    ['notKnown: noData(what largestCog.what(teeth 36), missing largestCog.missing)'],
  ],
  [
    'largestCogMinimum',
    {},
    [
      'inside: limit(what largestCog.what(teeth 36), published published.least(limit 28), margin margin.inside(teeth 8))',
    ],
  ],
  [
    'largestCogMinimum',
    rear({ largestCogMinT: 36 }),
    ['at: limit(what largestCog.what(teeth 36), published published.least(limit 36), margin margin.at)'],
  ],
  [
    'largestCogMinimum',
    rear({ largestCogMinT: 40 }),
    [
      'outside: limit(what largestCog.what(teeth 36), published published.least(limit 40), margin margin.below(teeth 4))',
      'cassetteSuch(cassette largestCogMinimum.fixCassette(limit 40), smallest 10, largest 44) {"cogs":[10,11,13,15,17,19,21,24,28,32,38,44]}',
      'try: trial.largestCogMinimum(by 8.09), trial.largestCogMinimumCheck',
    ],
  ],
  [
    'largestCogMinimum',
    rear({ largestCogMinT: undefined }),
    ['notKnown: noData(what largestCog.what(teeth 36), missing largestCogMinimum.missing)'],
  ],
  [
    'smallestCog',
    {},
    ['at: limit(what smallestCog.what(teeth 11), published published.least(limit 11), margin margin.at)'],
  ],
  [
    'smallestCog',
    rear({ smallestCogMinT: 12 }),
    [
      'outside: limit(what smallestCog.what(teeth 11), published published.least(limit 12), margin margin.below(teeth 1))',
      'smallestCog.fixCassette(limit 12)',
      'try: trial.smallestCog(by 2.02), trial.smallestCogCheck',
    ],
  ],
  [
    'smallestCog',
    rear({ smallestCogMinT: 10 }),
    [
      'inside: limit(what smallestCog.what(teeth 11), published published.least(limit 10), margin margin.inside(teeth 1))',
    ],
  ],
  [
    'smallestCog',
    rear({ smallestCogMinT: undefined }),
    ['notKnown: noData(what smallestCog.what(teeth 11), missing smallestCog.missing)'],
  ],
  [
    'ringDifference',
    {},
    ['at: limit(what ringDifference.what(teeth 16), published published.most(limit 16), margin margin.at)'],
  ],
  [
    'ringDifference',
    rear({ ringDifferenceMaxT: 14 }),
    [
      'outside: limit(what ringDifference.what(teeth 16), published published.most(limit 14), margin margin.over(teeth 2))',
      'ringDifference.fixRing(teeth 34) {"chainrings":[48,34]}',
      'ringDifference.fixDerailleur(teeth 16)',
      'undecided: trial.ringDifference, trial.ringDifferenceCheck',
    ],
  ],
  [
    'ringDifference',
    rear({ ringDifferenceMaxT: 18 }),
    [
      'inside: limit(what ringDifference.what(teeth 16), published published.most(limit 18), margin margin.inside(teeth 2))',
    ],
  ],
  [
    'ringDifference',
    rear({ ringDifferenceMaxT: undefined }),
    ['notKnown: noData(what ringDifference.what(teeth 16), missing ringDifference.missing)'],
  ],
  ['ringDifference', single, ['inside: ringDifference.oneRing']],
  ['frontCage', parts({}), ['notKnown: noData(what frontCage.what(teeth 48), missing frontCage.missing)']],
  ['frontCage', single, ['inside: frontCage.oneRing']],
  [
    'frontCage',
    parts({ frontBigRingMinT: 46, frontBigRingMaxT: 52 }),
    ['inside: frontCage.inside(teeth 48, rings frontCage.between(min 46, max 52))'],
  ],
  ['frontCage', parts({ frontBigRingMinT: 48 }), ['at: frontCage.at(teeth 48, rings frontCage.from(min 48))']],
  [
    'frontCage',
    parts({ frontBigRingMaxT: 46 }),
    [
      'outside: frontCage.outside(teeth 48, over 2, rings frontCage.upTo(max 46))',
      'frontCage.fixRing(teeth 46) {"chainrings":[46,32]}',
      'frontCage.fixDerailleur(teeth 48)',
      'try: trial.frontCage, trial.frontCageCheck',
    ],
  ],
  [
    'frontCage',
    parts({ frontBigRingMinT: 50, frontBigRingMaxT: 53 }),
    [
      'outside: frontCage.outside(teeth 48, over 2, rings frontCage.between(min 50, max 53))',
      'frontCage.fixRing(teeth 50) {"chainrings":[50,32]}',
      'frontCage.fixDerailleur(teeth 48)',
      'try: trial.frontCage, trial.frontCageCheck',
    ],
  ],
  [
    'frontCage',
    parts({ frontBigRingMaxT: 30 }),
    [
      'outside: frontCage.outside(teeth 48, over 18, rings frontCage.upTo(max 30))',
      'frontCage.fixDerailleur(teeth 48)',
      'try: trial.frontCage, trial.frontCageCheck',
    ],
  ],
  [
    'frontCage',
    { ...parts({ frontBigRingMaxT: 52 }), fittedBigRing: 46 },
    [
      'inside: frontCage.withHeight(verdict frontCage.inside(teeth 48, rings frontCage.upTo(max 52)), height frontCage.higher(by 4.04, ring 46))',
    ],
  ],
  ['hangerExtender', {}, ['inside: extender.notNeeded']],
  ['hangerExtender', extender(undefined, 32), ['outside: extender.mightClear(drop 8.09, cog 36, cost extender.cost)']],
  ['hangerExtender', extender(10, 32), ['at: extender.enough(drop 10, gain 4, over 4, cost extender.cost)']],
  [
    'hangerExtender',
    extender(5, 32),
    ['outside: extender.notEnough(drop 5, gain 2, over 4)', 'extender.fixExtender(drop 8.09)'],
  ],
  ['hangerExtender', extender(10, 36), ['at: extender.needless(drop 10, gain 4, cog 36, cost extender.cost)']],
  [
    'hangerExtender',
    extender(10, undefined),
    ['notKnown: noData(what extender.what(drop 10, cost extender.cost), missing extender.missing)'],
  ],
  ['hangerExtender', extender(undefined, undefined), ['inside: extender.notFitted']],
  ['freehubLength', body(34.9, 34.9), ['inside: freehubLength.noneNeeded(body 34.9, cassette 34.9)']],
  ['freehubLength', body(34.9, 34.9, 0), ['inside: freehubLength.noneFitted(body 34.9, cassette 34.9)']],
  ['freehubLength', body(34.9, 34.9, 0.1), ['inside: freehubLength.slightFitted(body 34.9, cassette 34.9)']],
  [
    'freehubLength',
    body(34.9, 34.9, 1),
    [
      'outside: freehubLength.tooMuch(body 34.9, cassette 34.9, fitted 1, by 1)',
      'freehubLength.fixNone {"parts":{"cassetteLengthMm":34.9,"spacerMm":0}}',
    ],
  ],
  ['freehubLength', body(36.75, 34.9), ['inside: freehubLength.needed(body 36.75, cassette 34.9, needed 1.85)']],
  [
    'freehubLength',
    body(36.75, 34.9, 1.85),
    ['inside: freehubLength.neededFitted(body 36.75, cassette 34.9, needed 1.85)'],
  ],
  [
    'freehubLength',
    body(36.75, 34.9, 0),
    [
      'outside: freehubLength.tooLittle(body 36.75, cassette 34.9, fitted 0, by 1.85)',
      'freehubLength.fixSpacers(needed 1.85) {"parts":{"cassetteLengthMm":34.9,"spacerMm":1.85}}',
    ],
  ],
  [
    'freehubLength',
    body(36.75, 38),
    ['cannotWork: freehubLength.tooLong(body 36.75, cassette 38, over 1.25)', 'freehubLength.fixBody(length 38)'],
  ],
  [
    'freehubLength',
    body(36.75),
    ['notKnown: noData(what freehubLength.what, missing freehubLength.missing(which cassette))'],
  ],
  ['hubRatio', hub(), ['notKnown: noData(what hubRatio.what(ring 44, cog 44, ratio 1), missing hubRatio.missing)']],
  ['hubRatio', hub(0.9), ['inside: hubRatio.inside(what hubRatio.what(ring 44, cog 44, ratio 1), least 0.9)']],
  [
    'hubRatio',
    hub(1.1),
    [
      'outside: hubRatio.below(what hubRatio.what(ring 44, cog 44, ratio 1), least 1.1)',
      'hubRatio.fixCog(teeth 40)',
      'hubRatio.fixRing(teeth 49)',
    ],
  ],
  [
    'shifterSpeeds',
    parts({}),
    ['notKnown: noData(what shifterSpeeds.what(cogs 12), missing shifterSpeeds.missingShifter)'],
  ],
  ['shifterSpeeds', parts({ shifterSpeeds: 12 }), ['inside: shifterSpeeds.same(speeds 12, cogs 12)']],
  ['shifterSpeeds', parts({ shifterSpeeds: 13 }), ['at: shifterSpeeds.spare(speeds 13, cogs 12, spare 1)']],
  [
    'shifterSpeeds',
    parts({ shifterSpeeds: 11 }),
    [
      'outside: shifterSpeeds.outOfReach(speeds 11, cogs 12, over 1)',
      'shifterSpeeds.fixShifter(speeds 12)',
      'shifterSpeeds.fixCassette(speeds 11)',
    ],
  ],
  [
    'shifterSpeeds',
    { ...rear({ speeds: 11 }), ...electronic({ shifterSpeeds: 12 }) },
    [
      'cannotWork: shifterSpeeds.electronic(speeds 11, cogs 12)',
      'shifterSpeeds.fixDerailleur(speeds 12)',
      'shifterSpeeds.fixCassette(speeds 11)',
    ],
  ],
  ['indexing', parts({}), ['notKnown: noData(what indexing.what(pitch 3.6), missing indexing.missing(which both))']],
  [
    'indexing',
    electronic(),
    ['notKnown: noData(what indexing.electronic, missing indexing.missingSystem(which both))'],
  ],
  [
    'indexing',
    electronic({ shifterFamily: 'Wired', derailleurFamily: 'wired' }),
    ['inside: indexing.sameElectronic(system Wired)'],
  ],
  [
    'indexing',
    electronic({ shifterFamily: 'Wired', derailleurFamily: 'Radio' }),
    [
      'notKnown: noData(what indexing.unlistedElectronic(shifter Wired, derailleur Radio), missing indexing.missingTogether)',
    ],
  ],
  [
    'indexing',
    electronic({ shifterFamily: 'electronic, wired, road', derailleurFamily: 'electronic, wireless, road' }),
    [
      'cannotWork: indexing.otherElectronic(shifter electronic, wired, road, derailleur electronic, wireless, road)',
      'indexing.fixDerailleur(system electronic, wired, road)',
      'indexing.fixShifter(system electronic, wireless, road)',
    ],
  ],
  [
    'indexing',
    pull(2.41, 1.49),
    [
      'inside: indexing.spare(figures indexing.measured(move 3.59, pitch 3.6, perClick -0.01, atEnds 0.05), spare 0.55)',
    ],
  ],
  [
    'indexing',
    pull(2.51, 1.51),
    [
      'outside: indexing.over(figures indexing.measured(move 3.79, pitch 3.6, perClick 0.19, atEnds 1.05), over 0.45)',
      'indexing.fixRatio(ratio 1.43)',
      'indexing.fixPull(pull 2.38)',
    ],
  ],
  [
    'indexing',
    pull(2.71, 1.71),
    [
      'cannotWork: indexing.nextCog(figures indexing.measured(move 4.63, pitch 3.6, perClick 1.03, atEnds 5.69))',
      'indexing.fixRatio(ratio 1.33)',
      'indexing.fixPull(pull 2.11)',
    ],
  ],
  [
    'indexing',
    pull(2.4, 1.5),
    [
      'notKnown: noData(what indexing.doubtful(figures indexing.measured(move 3.6, pitch 3.6, perClick 0, atEnds 0), doubt 0.78), missing indexing.missingDecimals)',
    ],
  ],
  [
    'chainline',
    {},
    [
      'inside: chainline.insideTwoRings(what chainline.what(angle 2.31, gear 48/28, limit 3), bigRing 48/15, smallRing 32/19)',
    ],
  ],
  [
    'chainline',
    { steepDeg: 3, crossedCogs: 0 },
    [
      'outside: chainline.outsideMayDrop(what chainline.what(angle 3.27, gear 48/36, limit 3), gears 48/36)',
      'chainline.fixInboard',
    ],
  ],
  [
    'chainline',
    { steepDeg: 2, crossedCogs: 2 },
    [
      'outside: chainline.outsideMayDrop(what chainline.what(angle 2.31, gear 48/28, limit 2), gears 48/28 and 32/36)',
      'chainline.fixInboard',
    ],
  ],
  [
    'chainline',
    { ...single, steepDeg: 6 },
    ['inside: chainline.insideOneRing(what chainline.what(angle 2.77, gear 44/44, limit 6), gear 44/19)'],
  ],
  ['chainLength', { chainLinks: 112 }, ['inside: chainLength.right(fitted 112, wanted 112)']],
  [
    'chainLength',
    { chainLinks: 110 },
    [
      'outside: chainLength.fewer(fitted 110, fewer 2, wanted 112)',
      'chainLength.fixLength(links 112) {"chainLinks":112}',
    ],
  ],
  [
    'chainLength',
    { chainLinks: 116 },
    [
      'outside: chainLength.slackAt(fitted 116, gear 32/15, angle -73.31)',
      'chainLength.fixFewer(links 4) {"chainLinks":112}',
    ],
  ],
  [
    'chainLength',
    { chainLinks: 106 },
    [
      'cannotWork: chainLength.tooShort(fitted 106, gear 48/36, more 6)',
      'chainLength.fixLength(links 112) {"chainLinks":112}',
    ],
  ],
  [
    'chainLength',
    { chainLinks: 111 },
    [
      'outside: chainLength.fewer(fitted 111, fewer 1, wanted 112)',
      'chainLength.fixLength(links 112) {"chainLinks":112}',
    ],
  ],
];

test.each(CASES)('%s: what is said of it, %#', (id, more, expected) => {
  expect(answerOf(id, more)).toEqual(expected);
});
