'use client';

import { Input, Radio, type InputRef } from 'antd';
import { useRef } from 'react';
import { cassettesOfRange, sameTeeth } from '../../core/parts/cassettes';
import type { Setup } from '../../core/gears';
import { formatShorthand, parseShorthand } from '../../formats/shorthand';
import { Field } from '../fields/Field';
import { useDraft, type Parsed } from '../fields/useDraft';
import { withKey } from '../shell/shortcuts';
import { useShortcut } from '../shell/useShortcut';
import { useReadyBench, withTeeth } from './BenchProvider';
import { SetupMark } from './SetupMark';
import styles from './Bench.module.css';

export function readSetup(text: string): Parsed<Setup> {
  const result = parseShorthand(text);
  return result.ok ? { ok: true, value: result.setup } : result;
}

/** The setup in one line of shorthand, and which cassette of its range is meant. */
export function SetupLine() {
  const { bench, edits } = useReadyBench();
  const { setup, fromLink } = bench;
  const input = useRef<InputRef>(null);
  useShortcut('setup', () => input.current?.focus({ cursor: 'all' }));
  const commit = (teeth: Setup) => edits.editSetup('setup', (record) => withTeeth(record, teeth));
  const draft = useDraft(setup.id, formatShorthand(setup), readSetup, commit);
  const alternatives = cassettesOfRange(setup.cogs[0]!, setup.cogs.at(-1)!);
  const chosen = alternatives.findIndex(({ cogs }) => sameTeeth(cogs, setup.cogs));
  const range = `${setup.cogs[0]}–${setup.cogs.at(-1)}`;

  return (
    <div className={styles.setupLine}>
      <SetupMark />
      <Field id="setup" label="Setup: rings x cassette" problem={draft.problem}>
        <Input
          id="setup"
          ref={input}
          {...draft.inputProps}
          className={styles.shorthand}
          style={{ width: 'min(420px, calc(100vw - 76px))' }}
          placeholder="48/32 x 11-36"
          autoComplete="off"
          spellCheck={false}
          disabled={fromLink}
          title={withKey('Rings, x, and a range or every cog', 'setup')}
          status={draft.problem && !draft.problem.unfinished ? 'error' : undefined}
          aria-invalid={draft.problem !== undefined}
          aria-describedby={draft.problem ? 'setup-problem' : undefined}
        />
      </Field>
      <div className={styles.cassette}>
        <span className={styles.caption} id="cassette-choice">
          {draft.problem
            ? `Shown until it can be read: ${formatShorthand(setup)}`
            : alternatives.length > 1
              ? `${alternatives.length} cassettes run ${range}; this one:`
              : `${setup.cogs.length} cogs:`}{' '}
          <span className={styles.cogs} data-testid="cogs">
            {setup.cogs.join('-')}
          </span>
        </span>
        {!draft.problem && alternatives.length > (chosen < 0 ? 0 : 1) && (
          <Radio.Group
            size="small"
            aria-labelledby="cassette-choice"
            value={chosen}
            disabled={fromLink}
            onChange={({ target }) => {
              const cassette = alternatives[Number(target.value)];
              if (cassette) edits.editSetup('cassette', (record) => ({ ...record, cogs: cassette.cogs }));
            }}
            options={alternatives.map(({ cogs }, i) => ({
              value: i,
              label: `${cogs.length}-speed${i === 0 ? ', commonest' : ''}`,
            }))}
          />
        )}
      </div>
    </div>
  );
}
