import { TOURER_FITTED } from '../../../tests/support/find';
import { TOURER } from '../../../tests/support/setups';
import type { PartData, StockKind } from './kinds';
import { SLOTS, SLOT_KIND, withDataInSlot, type FittedSetup, type Slot } from './slots';
import { matchesSlot } from './stock-match';

const BARE: FittedSetup = { ...TOURER, rearDerailleur: TOURER_FITTED.rearDerailleur, parts: {} };

/** Per slot: data that identify a part, and data that must not differ. */
const KNOWN: Readonly<Partial<Record<Slot, readonly [identifying: PartData, others: PartData]>>> = {
  cassette: [{ cogs: [11, 13, 15, 18, 21, 24, 28, 32, 36] }, { cassetteSpline: 'nine wide splines' }],
  bigRing: [{ ringT: 48 }, { boltCircleMm: 110 }],
  smallRing: [{ ringT: 32 }, { boltCircleMm: 104 }],
  rearDerailleur: [
    { totalCapacityT: 41, largestCogMaxT: 36 },
    { cageLengthMm: 93, derailleurFamily: 'own', speeds: 12 },
  ],
  frontDerailleur: [{ ringDifferenceMaxT: 16, frontBigRingMaxT: 50 }, {}],
  shifter: [
    { shifterSpeeds: 12, cablePullMm: 2.7 },
    { shifterFamily: 'own', shifting: 'cable' },
  ],
  spacer: [{ spacerMm: 1.85 }, {}],
};

/** A setup that has the data in a slot; the bolt circle of a big ring is known where it is the only one. */
function setupWith(slot: Slot, data: PartData): FittedSetup {
  const { ringT, cogs = BARE.cogs } = data;
  const chainrings =
    ringT === undefined ? BARE.chainrings : slot === 'bigRing' ? [ringT] : [...BARE.chainrings.slice(0, 1), ringT];
  return withDataInSlot(slot, { ...BARE, chainrings, cogs }, data);
}

/** Another value of the same type. */
function other(value: unknown): unknown {
  if (Array.isArray(value)) return [...(value as number[]).slice(0, -1), 40];
  if (typeof value === 'number') return value + 1;
  return value === 'cable' ? 'electronic' : `${String(value)} 2`;
}

const matches = (slot: Slot, setup: FittedSetup, data: PartData, kind: StockKind = SLOT_KIND[slot]) =>
  matchesSlot(slot, setup, { kind, data });

const CASES = Object.entries(KNOWN) as [Slot, readonly [PartData, PartData]][];

test.each(CASES)(
  'a %s is identified by its data, all of them known of both and equal',
  (slot, [identifying, others]) => {
    const data = { ...identifying, ...others };
    const setup = setupWith(slot, data);
    expect(matches(slot, setup, data)).toBe(true);
    // What only one of the two knows does not part them.
    expect(matches(slot, setup, identifying)).toBe(true);
    for (const [field, value] of Object.entries(data)) {
      expect([field, matches(slot, setup, { ...data, [field]: other(value) })]).toEqual([field, false]);
    }
    for (const field of Object.keys(identifying)) {
      const { [field as keyof PartData]: _unknown, ...rest } = data;
      expect([field, matches(slot, setup, rest)]).toEqual([field, false]);
    }
  },
);

test.each(CASES)('a %s whose setup does not know the data is not matched', (slot, [identifying]) => {
  if (slot === 'cassette' || slot === 'bigRing' || slot === 'smallRing') return;
  const bare = withDataInSlot(slot, BARE, {});
  expect(matches(slot, bare, {})).toBe(false);
  expect(matches(slot, bare, identifying)).toBe(false);
});

test('another kind of part, or a slot that no datum identifies, is never matched', () => {
  const [identifying] = KNOWN.shifter!;
  expect(matches('shifter', withDataInSlot('shifter', BARE, identifying), identifying, 'chain')).toBe(false);
  for (const slot of SLOTS.filter((one) => !(one in KNOWN)))
    expect([slot, matches(slot, BARE, {})]).toEqual([slot, false]);
});
