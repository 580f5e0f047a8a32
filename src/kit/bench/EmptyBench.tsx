'use client';

import { Button, Input } from 'antd';
import { useState, type FormEvent } from 'react';
import { parseShorthand } from '../../formats/shorthand';
import { addBike, loadTakeInDemo, type Workshop } from '../../store';
import { Field } from '../fields/Field';
import type { BenchEdits } from './BenchProvider';
import styles from './Bench.module.css';

const EXAMPLES = ['48/32 x 11-36', '44 x 10-44', '32 x 10-52'];

/** The first thing a new user sees: one line to type, or a look round. */
export function EmptyBench({ workshop, edits }: { workshop: Workshop; edits: BenchEdits }) {
  const [text, setText] = useState('');
  const [tried, setTried] = useState(false);
  const result = parseShorthand(text);
  const begin = (event: FormEvent) => {
    event.preventDefault();
    setTried(true);
    if (result.ok)
      edits.write(() => addBike(workshop.db, { bike: { name: 'My bike' }, setup: result.setup }, Date.now()));
  };
  const lookRound = () =>
    edits.write(async () => {
      const { takeInDemo } = await loadTakeInDemo();
      await takeInDemo(workshop.db, Date.now());
    });
  const problem =
    !result.ok && (tried || !result.unfinished)
      ? { message: result.message, unfinished: result.unfinished }
      : undefined;

  return (
    <form className={styles.empty} onSubmit={begin}>
      <h1>What is on your bike?</h1>
      <p>Count the teeth of the rings and of the cassette, and type them in one line. Wheel and cadence come after.</p>
      <div className={styles.emptyLine}>
        <Field id="first-setup" label="Rings x cassette" problem={problem}>
          <Input
            id="first-setup"
            className={styles.shorthand}
            style={{ width: 'min(380px, calc(100vw - 60px))' }}
            value={text}
            onChange={({ target }) => setText(target.value)}
            placeholder="48/32 x 11-36"
            autoComplete="off"
            spellCheck={false}
            autoFocus
            aria-describedby={problem ? 'first-setup-problem' : undefined}
          />
        </Field>
        <Button type="primary" htmlType="submit">
          Put it on the bench
        </Button>
      </div>
      <p className={styles.examples}>
        Such as{' '}
        {EXAMPLES.map((example) => (
          <Button key={example} size="small" onClick={() => setText(example)}>
            {example}
          </Button>
        ))}
      </p>
      <p className={styles.examples}>
        Or{' '}
        <Button size="small" onClick={lookRound}>
          look round in the demo workshop
        </Button>
        , four bikes of the Saltmarsh Yard, an invented co-operative.
      </p>
    </form>
  );
}
