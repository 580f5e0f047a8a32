import { failureText } from './failure';

test('a full browser is said in plain words, however deep the database wraps it', () => {
  const quota = Object.assign(new Error('x'), { name: 'QuotaExceededError' });
  const wrapped = Object.assign(new Error('aborted'), {
    name: 'AbortError',
    inner: Object.assign(new Error('y'), { inner: quota }),
  });
  for (const error of [quota, wrapped]) expect(failureText(error)).toContain('out of storage');
  expect(failureText(new Error('broken'))).toContain('broken. Nothing else was changed');
  expect(failureText('text')).toContain('text');
});
