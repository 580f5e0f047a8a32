import { demoWithoutRides } from '../../store/demo';
import { withPrice, withPublishedLoss } from './grouped-values';

const bike = demoWithoutRides().bikes[0]!;

test('a figure and its source are both kept where the second is left before the first is drawn', () => {
  const edits = [
    (record: typeof bike) => withPublishedLoss(record, 'differenceW', 1.5),
    (record: typeof bike) => withPublishedLoss(record, 'source', 'a test stand'),
  ];
  const kept = edits.reduce((record, edit) => edit(record), bike);
  expect(kept.publishedLoss).toEqual({ differenceW: 1.5, source: 'a test stand' });
  const emptied = withPublishedLoss(withPublishedLoss(kept, 'source', undefined), 'differenceW', undefined);
  expect(emptied).not.toHaveProperty('publishedLoss');
});

test('two prices typed one after the other are both kept', () => {
  const kept = withPrice(withPrice(bike, 'cassette', 80), 'chain', 30);
  expect(kept.find?.prices).toMatchObject({ cassette: 80, chain: 30 });
  expect(withPrice(kept, 'cassette', undefined).find?.prices).not.toHaveProperty('cassette');
});
