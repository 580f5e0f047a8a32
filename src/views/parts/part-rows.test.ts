import { demoWithoutRides } from '../../store/demo';
import { filteredLines, stockLines, type StockFilter } from './part-rows';

const { parts, bikes } = demoWithoutRides();
const trips = [
  { bikeId: 'estuary-tourer', atMs: Date.UTC(2026, 9, 1), km: 100 },
  { bikeId: 'pinewood-hardtail', atMs: Date.UTC(2026, 9, 1), km: 7 },
];
const lines = stockLines(parts, (id) => bikes.find((bike) => bike.id === id)!.name, trips);
const ids = (filter: Partial<StockFilter>) =>
  filteredLines(lines, { text: '', kinds: [], state: 'all', ...filter }).map(({ part }) => part.id);

test('lines by kind and name, with what is free, where it is and how far it went', () => {
  expect(lines.map(({ part }) => part.id).slice(0, 4)).toEqual([
    'cassette-10-44',
    'cassette-11-34',
    'cassette-11-36',
    'cassette-11-50',
  ]);
  const worn = lines.find(({ part }) => part.id === 'chain-worn')!;
  expect(worn).toMatchObject({ free: 0, on: ['Estuary tourer'], km: 100 });
  // It came off before that ride.
  expect(lines.find(({ part }) => part.id === 'cassette-11-34')!.km).toBe(400);
});

test('every word somewhere; of the chosen kinds; free, fitted, to buy', () => {
  expect(ids({ text: 'estuary 48T' })).toEqual(['ring-48']);
  expect(ids({ text: 'DRAWER 4', kinds: ['quickLink'] })).toEqual(['links-12']);
  expect(ids({ state: 'toBuy' })).toEqual(['cassette-10-44', 'body-short', 'cable-inner']);
  expect(ids({ state: 'fitted', kinds: ['cassette'] })).toEqual(['cassette-11-36']);
  expect(ids({ state: 'free', kinds: ['chain'] })).toEqual(['chain-new']);
  expect(ids({ text: 'last one' })).toEqual(['cable-inner']);
});
