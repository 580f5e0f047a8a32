import fc from 'fast-check';
import { cases } from '../../tests/support/fuzz';
import { Device, lostEdits, type Draw } from '../../tests/support/devices';
import { seededRandom } from '../../tests/support/rides';
import { KEPT_TABLES, sameRecord, type Dataset } from '../records';
import { dataProblems } from '../records/schemas';

const KINDS = 25;
/** What is done first, by kind of action. */
const COMMON = [0, 7, 5, 13, 17, 22, 10];

const step = fc.record({
  device: fc.nat(3),
  kind: fc.nat(KINDS - 1),
  seed: fc.nat(1_000_000),
  /** Other devices that get what this one has, at once. */
  to: fc.option(fc.nat(3), { nil: undefined }),
  fate: fc.constantFrom('arrives', 'arrives', 'lost', 'twice', 'late'),
});

const drawFrom = (seed: number): Draw => {
  const random = seededRandom(seed);
  return (below) => Math.floor(random() * below);
};

test('two to four devices come to the same data, with every edit and no reference to nothing', () => {
  fc.assert(
    fc.property(fc.integer({ min: 2, max: 4 }), fc.array(step, { minLength: 1, maxLength: 16 }), (count, steps) => {
      const all: ConstructorParameters<typeof Device>[1] = [];
      // A clock that is years off changes nothing.
      const devices = Array.from(
        { length: count },
        (_, i) => new Device('abcd'[i]!, all, 1_700_000_000_000 + i * 1e10),
      );
      const late: (() => void)[] = [];
      // They have something in common: a bike with a second setup and wheelset, a part, a job with a photo.
      for (const kind of COMMON) devices[0]!.act(kind, drawFrom(kind));
      for (const other of devices.slice(1)) other.receive(devices[0]!.message(other));
      for (const { device, kind, seed, to, fate } of steps) {
        const from = devices[device % count]!;
        from.act(kind, drawFrom(seed));
        const other = to === undefined ? undefined : devices[to % count];
        if (!other || other === from || fate === 'lost') continue;
        const message = from.message(other);
        if (fate === 'late') late.push(() => other.receive(message));
        else other.receive(message);
        if (fate === 'twice') other.receive(message);
      }
      for (const one of late.reverse()) one();
      // They meet: each pair until nobody has anything new.
      for (let round = 0; round < 2; round += 1)
        for (const from of devices) for (const to of devices) if (from !== to) to.receive(from.message(to));
      const [first, ...others] = devices as [Device, ...Device[]];
      for (const other of others) {
        expect(other.shared.fingerprint()).toEqual(first.shared.fingerprint());
        for (const table of KEPT_TABLES) {
          const sorted = (device: Device) => [...device.records[table].values()].sort((a, b) => (a.id < b.id ? -1 : 1));
          expect(sameRecord(sorted(other), sorted(first))).toBe(true);
        }
      }
      const dataset = Object.fromEntries(
        KEPT_TABLES.map((table) => [
          table,
          [...first.records[table].values()].map((one) =>
            table === 'photos' ? { ...one, jpeg: new Uint8Array(1) } : one,
          ),
        ]),
      ) as unknown as Dataset;
      expect(dataProblems({ ...dataset, preferences: [] })).toEqual([]);
      expect(lostEdits(all, first)).toEqual([]);
    }),
    { seed: 20261130, numRuns: cases(75) },
  );
});
