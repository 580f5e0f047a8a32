// Carries out the steps of a Dockerfile in folders of this machine: each stage is a folder, what it begins with is the system
// here. What that cannot show is the image itself; what it shows is that the steps do and copy all that the app needs.
import { execFileSync } from 'node:child_process';
import { chownSync, cpSync, existsSync, mkdirSync, readFileSync, readdirSync, statSync } from 'node:fs';
import { basename, join } from 'node:path';
import ignore from 'ignore';
import { definite } from '../../src/core/items';
import { execForm, type Stage, type Step } from './dockerfile';

/** What a container of the last stage runs. */
export interface Container {
  readonly folder: string;
  readonly env: Readonly<Record<string, string>>;
  readonly command: readonly string[];
  readonly healthCheck: readonly string[];
  /** Whether it runs as another user than root. */
  readonly isUnprivileged: boolean;
}

/** The user that stands for the image's own; anybody's on any system. */
export const NOBODY = 65_534;

interface Room {
  readonly root: string;
  workdir: string;
  readonly env: Record<string, string>;
  command: readonly string[];
  healthCheck: readonly string[];
  user: string;
}

interface Work {
  readonly context: string;
  readonly out: string;
  readonly args: Readonly<Record<string, string>>;
  /** A stage that is there already, with the folder that stands for its root's /app. */
  readonly made?: { readonly stage: string; readonly app: string } | undefined;
}

const withValues = (text: string, env: Readonly<Record<string, string>>) =>
  text.replace(/\$\{?(\w+)\}?/g, (_, name: string) => env[name] ?? '');

function pairsOf({ args }: Step): readonly (readonly [string, string])[] {
  return args.map((pair) => {
    const [name = '', ...value] = pair.split('=');
    return [name, value.join('=')];
  });
}

/** Carries out all stages. @throws Error where a step fails or is of a kind that this does not know */
export function carryOut(stages: readonly Stage[], work: Work): Container {
  const rooms = new Map<string, Room>();
  for (const { name, steps } of stages) {
    const room: Room = {
      root: join(work.out, name),
      workdir: '/',
      env: {},
      command: [],
      healthCheck: [],
      user: 'root',
    };
    rooms.set(name, room);
    if (work.made?.stage === name) continue;
    for (const step of steps) take(step, room, rooms, work);
  }
  const last = definite([...rooms.values()].at(-1));
  return {
    folder: join(last.root, last.workdir),
    env: last.env,
    command: last.command,
    healthCheck: last.healthCheck,
    isUnprivileged: last.user !== 'root',
  };
}

function take(step: Step, room: Room, rooms: ReadonlyMap<string, Room>, work: Work): void {
  const { keyword, args, text } = step;
  const here = join(room.root, room.workdir);
  switch (keyword) {
    case 'WORKDIR':
      room.workdir = join(room.workdir, definite(args[0]));
      mkdirSync(join(room.root, room.workdir), { recursive: true });
      return;
    case 'ARG':
      for (const [name, value] of pairsOf(step)) room.env[name] = work.args[name] ?? value;
      return;
    case 'ENV':
      for (const [name, value] of pairsOf(step)) room.env[name] = withValues(value, room.env);
      return;
    case 'COPY':
      copy(step, room, rooms, work);
      return;
    case 'RUN':
      console.log(`· ${text}`);
      execFileSync('sh', ['-c', text], { cwd: here, env: { ...process.env, ...room.env }, stdio: 'inherit' });
      return;
    case 'USER':
      room.user = definite(args[0]);
      return;
    case 'CMD':
      room.command = definite(execForm(text));
      return;
    case 'HEALTHCHECK':
      room.healthCheck = definite(execForm(text));
      return;
    case 'EXPOSE':
      return;
    default:
      throw new Error(`line ${step.line}: ${keyword} is not carried out here; add it to carry-out.ts`);
  }
}

function copy({ args, flags }: Step, room: Room, rooms: ReadonlyMap<string, Room>, work: Work): void {
  const from = flags.from === undefined ? undefined : definite(rooms.get(flags.from));
  const target = join(room.root, room.workdir, definite(args.at(-1)));
  for (const source of args.slice(0, -1)) {
    const path = from ? pathIn(from, definite(flags.from), source, work) : join(work.context, source);
    // A folder's content is copied, a file into the folder under its name.
    const to = statSync(path).isDirectory() ? target : join(target, basename(path));
    const isKept = from ? () => true : keptOf(work.context);
    cpSync(path, to, { recursive: true, filter: (one) => isKept(one) });
    if (flags.chown !== undefined && process.getuid?.() === 0) giveAway(to);
  }
}

/** A path of an earlier stage's root. */
function pathIn(room: Room, stage: string, path: string, { made }: Work): string {
  return made?.stage === stage ? path.replace(/^\/app/, made.app) : join(room.root, path);
}

/** What of the context goes into an image, by its .dockerignore. */
function keptOf(context: string): (path: string) => boolean {
  const list = join(context, '.dockerignore');
  const rules = ignore().add(existsSync(list) ? readFileSync(list, 'utf8') : '');
  return (path) => {
    const name = path.slice(context.length).replace(/^\//, '');
    return name === '' || !rules.ignores(name);
  };
}

function giveAway(path: string): void {
  chownSync(path, NOBODY, NOBODY);
  if (!statSync(path).isDirectory()) return;
  for (const name of readdirSync(path)) giveAway(join(path, name));
}
