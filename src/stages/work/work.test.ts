import type { PartWeighing } from '../../core/swap';
import { weighingSummary } from './weigh-summary';
import { clockText } from './words/work-words';

const reading = (side: 'off' | 'on', what: string, grams: number, together = false): PartWeighing => ({
  what,
  side,
  grams,
  together,
  resolutionG: 1,
});

test('the clock', () => {
  expect([0, 59_999, 249_000, 3_849_000].map(clockText)).toEqual(['0:00', '0:59', '4:09', '1:04:09']);
});

test('weighed by parts and together: agreement, disagreement, and what becomes of the bike', () => {
  expect(weighingSummary([])).toMatchObject({ off: undefined, on: undefined, changeG: undefined });
  const agree = weighingSummary([
    reading('off', 'a', 355),
    reading('off', 'b', 252),
    reading('off', 'all', 608, true),
    reading('on', 'c', 500),
  ]);
  expect(agree.off).toMatchObject({ agrees: true });
  expect(agree.on).toBeUndefined();
  expect(agree).toMatchObject({ changeG: -108, doubtG: 1 });
  const disagree = weighingSummary([reading('on', 'a', 355), reading('on', 'all', 608, true)]);
  expect(disagree.on).toMatchObject({
    agrees: false,
    text: expect.stringContaining('disagree by 253.0 g, more than both resolutions (1 g)') as string,
  });
});
