'use client';

import { Button, Input } from 'antd';
import { useState, type FormEvent } from 'react';
import { parseShorthand } from '../../formats/shorthand';
import { addBike, loadTakeInDemo, type Workshop } from '../../store';
import { Field } from '../fields/Field';
import type { BenchEdits } from './edits';
import styles from './Bench.module.css';
import { WORDS } from './text';

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
      edits.write(() =>
        addBike(workshop.db, { bike: { name: WORDS.emptyBench.myBike }, setup: result.setup }, Date.now()),
      );
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
      <h1>{WORDS.emptyBench.whatIsOnYourBike}</h1>
      <p>{WORDS.emptyBench.countTheTeethOfThe}</p>
      <div className={styles.emptyLine}>
        <Field id="first-setup" label={WORDS.emptyBench.ringsXCassette} problem={problem}>
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
          {WORDS.emptyBench.putItOnTheBench}
        </Button>
      </div>
      <p className={styles.examples}>
        {WORDS.emptyBench.suchAs}{' '}
        {EXAMPLES.map((example) => (
          <Button key={example} size="small" onClick={() => setText(example)}>
            {example}
          </Button>
        ))}
      </p>
      <p className={styles.examples}>
        {WORDS.emptyBench.or}{' '}
        <Button size="small" onClick={lookRound}>
          {WORDS.emptyBench.lookRoundInTheDemo}
        </Button>
        {WORDS.emptyBench.fourBikesOfTheSaltmarsh}
      </p>
    </form>
  );
}
