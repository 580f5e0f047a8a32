import type { CardItem, PartWeighing } from '../../core/job';
import { weighingSummary } from './weigh-summary';
import { METRIC } from '../../features/units/measures';

const reading = (side: 'off' | 'on', what: string, grams: number, together = false): PartWeighing => ({
  what,
  side,
  grams,
  together,
  resolutionG: 1,
});

/** The items of a card, as far as their weighing needs them. */
const moved = (off: readonly string[], on: readonly string[], what: CardItem['what'] = 'cassette') => {
  const item = (key: string) => ({ key, what }) as CardItem;
  return { off: off.map(item), on: on.map(item) };
};

test('weighed by parts and together: agreement, disagreement, which to believe, and what becomes of the bike', () => {
  const card = moved(['a', 'b'], ['c']);
  const none = { off: undefined, on: undefined, byParts: undefined, byBike: undefined, bike: undefined };
  expect(weighingSummary([], card, METRIC)).toEqual(none);
  const all = [reading('off', 'a', 355), reading('off', 'b', 252), reading('off', 'all', 608, true)];
  const agree = weighingSummary([...all, reading('on', 'c', 500)], card, METRIC);
  expect(agree.off).toMatchObject({ kind: 'agree' });
  expect(agree.on).toBeUndefined();
  expect(agree.byParts).toEqual({ grams: -108, doubtG: 2 });
  const disagree = weighingSummary([reading('on', 'c', 355), reading('on', 'all', 608, true)], card, METRIC);
  expect(disagree.on).toMatchObject({
    kind: 'disagree',
    text: expect.stringContaining('disagree by 253 g, more than the resolutions together (2 g)') as string,
  });
  expect(disagree.on!.text).toContain('Both are equally fine');
});

test('nothing is compared, and no change worked out, while parts have not been weighed', () => {
  const card = moved(['a', 'b', 'c'], ['d']);
  const some = [reading('off', 'a', 355), reading('off', 'all', 960, true)];
  expect(weighingSummary(some, card, METRIC).off).toEqual({
    kind: 'incomplete',
    text: '1 of 3 weighed one by one: weigh the others too, and the two ways can be compared.',
  });
  const single = [reading('off', 'a', 355), reading('on', 'd', 300)];
  expect(weighingSummary(single, card, METRIC).byParts).toBeUndefined();
  // A part that is no longer on the card does not count.
  const gone = [reading('off', 'gone', 100), reading('off', 'b', 1), ...single];
  expect(weighingSummary(gone, card, METRIC).byParts).toBeUndefined();
  // What only goes on makes the bike heavier by its weight.
  expect(weighingSummary([reading('on', 'd', 300)], moved([], ['d']), METRIC).byParts).toEqual({
    grams: 300,
    doubtG: 1,
  });
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
  const card = moved(['a'], ['b'], 'bigRing');
  const near = weighingSummary([...parts, bike('off', 11_200), bike('on', 11_150)], card, METRIC);
  expect(near).toMatchObject({ byParts: { grams: -65 }, byBike: { grams: -50, doubtG: 100 }, bike: { kind: 'agree' } });
  const far = weighingSummary([...parts, bike('off', 11_200), bike('on', 11_400)], card, METRIC);
  expect(far.bike).toMatchObject({ kind: 'disagree' });
  expect(far.bike!.text).toContain('disagree by 265 g');
  expect(far.bike!.text).toContain('Believe the parts');
  // A wheel tells of what it carries, not of rings.
  const wheel = (side: 'off' | 'on', grams: number): PartWeighing => ({ ...bike(side, grams), what: 'wheel' });
  const byWheel = [...parts, wheel('off', 2100), wheel('on', 2050)];
  expect(weighingSummary(byWheel, card, METRIC).bike).toBeUndefined();
  expect(weighingSummary(byWheel, moved(['a'], ['b']), METRIC).bike).toMatchObject({ kind: 'agree' });
});
