import { asError, errorText } from './error';

test('an error stays itself', () => {
  const error = new RangeError('too far');
  expect(asError(error)).toBe(error);
  expect(errorText(error)).toBe('too far');
});

test('anything else that is thrown becomes the cause of an error with its text', () => {
  const error = asError('no disk');
  expect([error.message, error.cause]).toEqual(['no disk', 'no disk']);
  expect(errorText(undefined)).toBe('undefined');
});
