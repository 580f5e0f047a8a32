import { translator } from './translator';

const t = translator('settings', {
  settingsView: { countBikes: '{count, plural, =1 {1 bike} other {# bikes}}: {names}.', currency: 'Currency' },
});

afterEach(() => {
  globalThis.RONTEL_PSEUDO = undefined;
});

test('a message is said with its values, a number in the place of #', () => {
  expect(t('settingsView.currency')).toBe('Currency');
  expect(t('settingsView.countBikes', { count: 1, names: 'Tourer' })).toBe('1 bike: Tourer.');
  expect(t('settingsView.countBikes', { count: 2500, names: '…' })).toBe('2,500 bikes: ….');
});

test('a key without a message is refused by name', () => {
  expect(() => t('settingsView.notChosen')).toThrow('no message settings.settingsView.notChosen');
});

test('in pseudo letters everything changes but the values', () => {
  globalThis.RONTEL_PSEUDO = true;
  const pseudo = translator('settings', {
    settingsView: { countBikes: '{count, plural, =1 {1 bike} other {# bikes}}: {names}.', currency: 'Currency' },
  });
  expect(pseudo('settingsView.currency')).toBe('Ƈŭřřḗƞƈẏ');
  expect(pseudo('settingsView.countBikes', { count: 2, names: 'Tourer' })).toBe('2 ƀīķḗş: Tourer.');
});
