import { DRILL_KINDS } from './kinds';
import { dueKinds, nextKind } from './choice';

const NOW = 1_000;

test('what is due comes first, longest overdue first; then what is new; then what is due soonest', () => {
  const dueMs = { ratio: 900, duplicate: 400, order: 5_000 };
  expect(dueKinds(dueMs, NOW)).toEqual(['duplicate', 'ratio']);
  expect(nextKind(DRILL_KINDS, dueMs, NOW, undefined)).toBe('duplicate');
  expect(nextKind(DRILL_KINDS, dueMs, NOW, 'duplicate')).toBe('ratio');
  expect(nextKind(DRILL_KINDS, { order: 5_000 }, NOW, undefined)).toBe(DRILL_KINDS[0]);
  expect(nextKind(['order', 'links'], { order: 5_000, links: 3_000 }, NOW, undefined)).toBe('links');
});

test('only the kinds asked for are asked; one alone may come twice running', () => {
  expect(nextKind(['plan'], { duplicate: 1 }, NOW, 'plan')).toBe('plan');
  expect(nextKind(['plan', 'links'], { duplicate: 1, links: 2 }, NOW, undefined)).toBe('links');
});
