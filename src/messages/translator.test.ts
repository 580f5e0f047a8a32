import { translator } from './translator';

const t = translator('settings', {
  dataStage: { countBikes: '{count, plural, =1 {1 bike} other {# bikes}}: {names}.', currency: 'Currency' },
});

afterEach(() => {
  globalThis.RONTEL_PSEUDO = undefined;
});

test('a message is said with its values, a number in the place of #', () => {
  expect(t('dataStage.currency')).toBe('Currency');
  expect(t('dataStage.countBikes', { count: 1, names: 'Tourer' })).toBe('1 bike: Tourer.');
  expect(t('dataStage.countBikes', { count: 2500, names: '…' })).toBe('2,500 bikes: ….');
});

test('a key without a message is refused by name', () => {
  expect(() => t('dataStage.notChosen')).toThrow('no message settings.dataStage.notChosen');
});

test('in pseudo letters everything changes but the values', () => {
  globalThis.RONTEL_PSEUDO = true;
  const pseudo = translator('settings', {
    dataStage: { countBikes: '{count, plural, =1 {1 bike} other {# bikes}}: {names}.', currency: 'Currency' },
  });
  expect(pseudo('dataStage.currency')).toBe('Ƈŭřřḗƞƈẏ');
  expect(pseudo('dataStage.countBikes', { count: 2, names: 'Tourer' })).toBe('2 ƀīķḗş: Tourer.');
});
