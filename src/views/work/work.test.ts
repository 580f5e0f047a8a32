import type { PartWeighing } from '../../core/job';
import { weighingSummary } from './weigh-summary';
import { clockText } from './work-words';
import { METRIC } from '../../features/units/measures';

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

test('weighed by parts and together: agreement, disagreement, which to believe, and what becomes of the bike', () => {
  expect(weighingSummary([], METRIC)).toEqual({
    off: undefined,
    on: undefined,
    byParts: undefined,
    byBike: undefined,
    bike: undefined,
  });
  const agree = weighingSummary(
    [reading('off', 'a', 355), reading('off', 'b', 252), reading('off', 'all', 608, true), reading('on', 'c', 500)],
    METRIC,
  );
  expect(agree.off).toMatchObject({ agrees: true });
  expect(agree.on).toBeUndefined();
  expect(agree.byParts).toEqual({ grams: -108, doubtG: 2 });
  const disagree = weighingSummary([reading('on', 'a', 355), reading('on', 'all', 608, true)], METRIC);
  expect(disagree.on).toMatchObject({
    agrees: false,
    text: expect.stringContaining('disagree by 253 g, more than the resolutions together (2 g)') as string,
  });
  expect(disagree.on!.text).toContain('Both are equally fine');
});

test('the whole bike before and after against its parts: by how much they disagree, and which to believe', () => {
  const bike = (side: 'off' | 'on', grams: number): PartWeighing => ({
    what: 'bike',
    side,
    grams,
    together: false,
    resolutionG: 50,
  });
  const parts = [reading('off', 'a', 355), reading('on', 'b', 290)];
  const near = weighingSummary([...parts, bike('off', 11_200), bike('on', 11_150)], METRIC);
  expect(near).toMatchObject({ byParts: { grams: -65 }, byBike: { grams: -50, doubtG: 100 }, bike: { agrees: true } });
  const far = weighingSummary([...parts, bike('off', 11_200), bike('on', 11_400)], METRIC);
  expect(far.bike).toMatchObject({ agrees: false });
  expect(far.bike!.text).toContain('disagree by 265 g');
  expect(far.bike!.text).toContain('Believe the parts');
});
