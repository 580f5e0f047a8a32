import { readFileSync } from 'node:fs';
import { execForm, problemsOf, stagesOf } from './dockerfile';

const DOCKERFILE = readFileSync('Dockerfile', 'utf8');

test("the project's Dockerfile keeps all rules", () => {
  expect(problemsOf(DOCKERFILE)).toEqual([]);
});

test('stages are read with their steps, flags and lines', () => {
  const [build, app] = stagesOf(DOCKERFILE);
  expect([build!.name, app!.name]).toEqual(['build', 'app']);
  const copy = app!.steps.find(({ keyword }) => keyword === 'COPY')!;
  expect(copy.flags).toEqual({ from: 'build', chown: 'node:node' });
  expect(DOCKERFILE.split('\n')[copy.line - 1]).toMatch(/^COPY --from=build/);
});

test.each([
  ['FROM node:20', 'FROM node', 'needs a tag of its own'],
  ['node:20-bookworm-slim', 'node:latest', 'needs a tag of its own'],
  ['COPY . .', 'ADD . .', 'copy with COPY'],
  ['WORKDIR /app', 'WORKDIR app', 'WORKDIR needs a whole path'],
  ['--from=build', '--from=packages', 'there is no earlier stage packages'],
  ['USER node', 'USER root', 'runs as root'],
  ['USER node\n', '', 'runs as root'],
  ['CMD ["node", "serve.mjs"]', 'CMD node serve.mjs', 'as a list of words'],
  ['CMD ["node", "serve.mjs"]', '', 'has no CMD'],
  [/HEALTHCHECK.*\n/, '', 'has no HEALTHCHECK'],
  ['RUN npm ci', 'RUN apt-get install -y git && npm ci', '--no-install-recommends'],
  ['RUN npm ci', 'RUN sudo npm ci', 'not with sudo'],
  ['EXPOSE 3000', 'EXPOS 3000', 'line 22: Unknown instruction'],
])('%s as %s is refused', (good, bad, message) => {
  const changed = DOCKERFILE.split(good).join(bad);
  expect(changed).not.toBe(DOCKERFILE);
  expect(problemsOf(changed).join('\n')).toContain(message);
});

test('a command for a shell is none in exec form', () => {
  expect(execForm('CMD ["node", "healthy.mjs"]')).toEqual(['node', 'healthy.mjs']);
  expect(execForm('node healthy.mjs')).toBeUndefined();
  expect(execForm('[1, 2]')).toBeUndefined();
});
