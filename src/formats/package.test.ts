import { gzipSync, strToU8 } from 'fflate';
import { demoDataset } from '../store/demo';
import { handedOver } from '../records/selectors/handed-over';
import { DATA_VERSION } from '../records';
import { packRecords, unpackRecords } from './package';

const bike = handedOver(demoDataset(), { kind: 'bike', bikeId: 'estuary-tourer' });

test('records come out of a package as they went in', () => {
  const result = unpackRecords(packRecords(bike, '2026-11-30T10:00:00Z'));
  expect(result).toEqual({ ok: true, dataset: bike, savedAt: '2026-11-30T10:00:00Z' });
});

test.each([
  ['cut off', packRecords(bike, '').slice(0, 200)],
  ['not packed', strToU8('{"format":"rontel-backup"}')],
  ['not a backup', gzipSync(strToU8('{"hello":1}'))],
  ['empty', new Uint8Array()],
  [
    'of a newer version',
    gzipSync(
      strToU8(JSON.stringify({ format: 'rontel-backup', dataVersion: DATA_VERSION + 1, savedAt: '', data: {} })),
    ),
  ],
])('a package that is %s is refused with a sentence', (_, bytes) => {
  const result = unpackRecords(bytes);
  expect(result.ok).toBe(false);
  if (!result.ok) expect(result.failure.message.length).toBeGreaterThan(20);
});
