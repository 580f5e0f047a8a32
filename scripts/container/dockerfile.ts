// A Dockerfile as a list of stages with their steps, so that it can be checked and carried out without a container engine.
import { type Copy, DockerfileParser, type Healthcheck, type Instruction } from 'dockerfile-ast';
import { validate } from 'dockerfile-utils';

export interface Step {
  readonly line: number;
  readonly keyword: string;
  readonly args: readonly string[];
  /** All behind the keyword and its flags, as it is written. */
  readonly text: string;
  readonly flags: Readonly<Record<string, string>>;
}

export interface Stage {
  readonly name: string;
  readonly image: string;
  readonly steps: readonly Step[];
}

function flagsOf(instruction: Instruction): Readonly<Record<string, string>> {
  const flags = 'getFlags' in instruction ? (instruction as Copy | Healthcheck).getFlags() : [];
  return Object.fromEntries(flags.map((flag) => [flag.getName(), flag.getValue() ?? '']));
}

function stepOf(instruction: Instruction): Step {
  return {
    line: instruction.getRange().start.line + 1,
    keyword: instruction.getKeyword(),
    args: instruction.getArguments().map((argument) => argument.getValue()),
    text: instruction.getArgumentsContent() ?? '',
    flags: flagsOf(instruction),
  };
}

/** Reads the stages of a Dockerfile; one without a name has its number. */
export function stagesOf(text: string): readonly Stage[] {
  const stages: { name: string; image: string; steps: Step[] }[] = [];
  for (const step of DockerfileParser.parse(text).getInstructions().map(stepOf)) {
    const [image = '', as, name] = step.args;
    if (step.keyword === 'FROM') {
      const isNamed = as?.toUpperCase() === 'AS' && name !== undefined;
      stages.push({ name: isNamed ? name : String(stages.length), image, steps: [] });
    } else stages.at(-1)?.steps.push(step);
  }
  return stages;
}

/** The words of a command in exec form, such as ["node", "serve.mjs"]; undefined where it is written for a shell. */
export function execForm(text: string): readonly string[] | undefined {
  const [list] = /\[.*\]/s.exec(text) ?? [];
  if (list === undefined) return undefined;
  try {
    const words: unknown = JSON.parse(list);
    return Array.isArray(words) && words.every((word) => typeof word === 'string') ? words : undefined;
  } catch {
    return undefined;
  }
}

/** What is wrong with a Dockerfile, a line each; besides its syntax the rules that keep an image small, fixed and safe. */
export function problemsOf(text: string): readonly string[] {
  const problems = validate(text, {}).map(
    ({ range, message }) => `line ${range.start.line + 1}: ${typeof message === 'string' ? message : message.value}`,
  );
  const stages = stagesOf(text);
  const add = ({ line }: Pick<Step, 'line'>, message: string) => problems.push(`line ${line}: ${message}`);
  stages.forEach(({ image, name, steps }, index) => {
    const earlier = stages.slice(0, index).map((stage) => stage.name);
    if (!earlier.includes(image) && (!/:[^/]+$/.test(image) || image.endsWith(':latest'))) {
      problems.push(`stage ${name}: ${image} needs a tag of its own, such as node:20-bookworm-slim`);
    }
    for (const step of steps) {
      const { keyword, args, flags } = step;
      if (keyword === 'ADD') add(step, 'copy with COPY; ADD unpacks and downloads besides');
      if (keyword === 'WORKDIR' && !args[0]?.startsWith('/')) add(step, 'WORKDIR needs a whole path');
      if (keyword === 'COPY' && flags.from !== undefined && !earlier.includes(flags.from)) {
        add(step, `there is no earlier stage ${flags.from}`);
      }
      if (keyword === 'RUN' && /apt-get install(?!.*--no-install-recommends)/.test(step.text)) {
        add(step, 'install with --no-install-recommends');
      }
      if (keyword === 'RUN' && /\bsudo\b/.test(step.text)) add(step, 'change the user with USER, not with sudo');
      if ((keyword === 'CMD' || keyword === 'ENTRYPOINT') && !execForm(step.text)) {
        add(step, `write ${keyword} as a list of words, else a shell takes its signals`);
      }
    }
  });
  const last = stages.at(-1);
  const lastOf = (keyword: string) => last?.steps.filter((step) => step.keyword === keyword).at(-1);
  const user = lastOf('USER')?.args[0];
  if (user === undefined || user === 'root' || user === '0') problems.push('the last stage runs as root: set USER');
  if (!lastOf('HEALTHCHECK')) problems.push('the last stage has no HEALTHCHECK');
  if (!lastOf('CMD') && !lastOf('ENTRYPOINT')) problems.push('the last stage has no CMD');
  return problems;
}
