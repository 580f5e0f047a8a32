'use client';

import { Button, Input, Radio, Select } from 'antd';
import { useRouter } from 'next/navigation';
import { useState, type FormEvent, type ReactNode } from 'react';
import { BRIEF_BOUNDS, USES, fillBrief, type Use } from '../../core/brief';
import { DRIVE_BOUNDS, REAR_DERAILLEUR_DATA } from '../../core/fit';
import { parseShorthand } from '../../formats/shorthand';
import { addBike, loadMergeDemo, type Workshop } from '../../store';
import { Field } from '../fields/Field';
import { NumberField } from '../fields/NumberField';
import { capital } from '../format';
import { USE_TEXT } from '../words';
import { datumFieldProps } from '../fields/datum-field';
import type { BenchEdits } from './edits';
import { FIRST_QUESTIONS, firstBike, type FirstDetails, type FirstQuestion } from './first-questions';
import styles from './Bench.module.css';
import { t } from './text';

const EXAMPLES = ['48/32 x 11-36', '44 x 10-44', '32 x 10-52'];

/** The first thing a new user sees: what the app does, one field for the gears, and what people come to ask. */
export function EmptyBench({ workshop, edits }: { workshop: Workshop; edits: BenchEdits }) {
  const router = useRouter();
  const [text, setText] = useState('');
  const [tried, setTried] = useState(false);
  const [question, setQuestion] = useState<FirstQuestion>();
  const [details, setDetails] = useState<FirstDetails>({ cassette: '' });
  const result = parseShorthand(text);
  const answer = result.ok ? firstBike(result.setup, question, details) : undefined;
  const begin = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    setTried(true);
    // A number that cannot be kept stays in its field, with its reason: nothing goes on without it.
    const refused = event.currentTarget.querySelector<HTMLElement>('[aria-invalid=true]');
    if (refused) return refused.focus();
    if (!answer?.ok) return;
    const { bike, setup, candidates, path } = answer.first;
    edits.write(async () => {
      await addBike(workshop.db, { bike: { name: t('emptyBench.myBike'), ...bike }, setup, candidates }, Date.now());
      router.push(path);
    });
  };
  const lookRound = () =>
    edits.write(async () => {
      const { mergeDemo } = await loadMergeDemo();
      await mergeDemo(workshop.db, Date.now());
    });
  const problem =
    !result.ok && (tried || !result.unfinished)
      ? { message: result.message, unfinished: result.unfinished }
      : undefined;
  const cassetteProblem =
    answer?.ok === false && (tried || details.cassette !== '')
      ? { message: answer.message, unfinished: !tried }
      : undefined;

  return (
    <form className={styles.empty} onSubmit={begin}>
      <h1>{t('emptyBench.whatItDoes')}</h1>
      <Field id="first-setup" label={t('emptyBench.yourGears')} problem={problem}>
        <Input
          id="first-setup"
          className={styles.shorthand}
          value={text}
          onChange={({ target }) => setText(target.value)}
          placeholder="48/32 x 11-36"
          autoComplete="off"
          spellCheck={false}
          autoFocus
          aria-describedby={problem ? 'first-setup-problem' : undefined}
        />
      </Field>
      <p className={styles.examples}>
        {t('emptyBench.howToCount')} {t('emptyBench.suchAs')}{' '}
        {EXAMPLES.map((example) => (
          <Button key={example} size="small" onClick={() => setText(example)}>
            {example}
          </Button>
        ))}
      </p>
      <fieldset className={styles.questions}>
        <legend>{t('emptyBench.question')}</legend>
        <Radio.Group value={question ?? 'none'} onChange={({ target }) => setQuestion(questionOf(target.value))}>
          {(['none', ...FIRST_QUESTIONS] as const).map((one) => (
            <div key={one} className={styles.question}>
              <Radio value={one}>{t(`emptyBench.questions.${one}`)}</Radio>
              {one === question && (
                <QuestionFields
                  question={one}
                  details={details}
                  onDetails={(change) => setDetails({ ...details, ...change })}
                  cassetteProblem={cassetteProblem}
                />
              )}
            </div>
          ))}
        </Radio.Group>
      </fieldset>
      <Button type="primary" htmlType="submit">
        {t('emptyBench.show')}
      </Button>
      <p className={styles.examples}>
        {t('emptyBench.or')}{' '}
        <Button size="small" onClick={lookRound}>
          {t('emptyBench.lookRoundInTheDemo')}
        </Button>
        {t('emptyBench.fourBikesOfTheSaltmarsh')}
      </p>
    </form>
  );
}

const questionOf = (value: unknown) => FIRST_QUESTIONS.find((one) => one === value);

interface QuestionFieldsProps {
  readonly question: FirstQuestion;
  readonly details: FirstDetails;
  readonly onDetails: (change: Partial<FirstDetails>) => void;
  readonly cassetteProblem: { readonly message: string; readonly unfinished: boolean } | undefined;
}

/** What a question needs beside the gears; everything but the other cassette can be left out. */
function QuestionFields({ question, details, onDetails, cassetteProblem }: QuestionFieldsProps) {
  const use = (
    <Field id="first-use" label={t('emptyBench.use')}>
      <Select<Use>
        id="first-use"
        allowClear
        style={{ width: 190 }}
        placeholder={t('briefNumber.briefAssumed', { brief: USE_TEXT[fillBrief({}).use] })}
        value={details.use ?? null}
        options={USES.map((value) => ({ value, label: capital(USE_TEXT[value]) }))}
        onChange={(value: Use | undefined) => onDetails({ use: value })}
      />
    </Field>
  );
  const fields: Readonly<Record<FirstQuestion, ReactNode>> = {
    oneOrTwo: use,
    mountains: (
      <>
        {use}
        <NumberField
          id="first-grade"
          label={t('emptyBench.grade')}
          term={t('emptyBench.grade').toLowerCase()}
          owner="first"
          unit="%"
          bounds={BRIEF_BOUNDS.steepestGradePercent}
          optional
          width={110}
          value={details.steepestGradePercent}
          onCommit={(steepestGradePercent) => onDetails({ steepestGradePercent })}
        />
      </>
    ),
    cassette: (
      <Field id="first-cassette" label={t('emptyBench.cassette')} problem={cassetteProblem}>
        <Input
          id="first-cassette"
          style={{ width: 190 }}
          value={details.cassette}
          onChange={({ target }) => onDetails({ cassette: target.value })}
          placeholder="11-34"
          autoComplete="off"
          spellCheck={false}
        />
      </Field>
    ),
    derailleur: (
      <>
        <NumberField
          id="first-capacity"
          {...datumFieldProps(REAR_DERAILLEUR_DATA.totalCapacityT, { label: t('emptyBench.totalCapacity') })}
          owner="first"
          optional
          width={130}
          value={details.totalCapacityT}
          onCommit={(totalCapacityT) => onDetails({ totalCapacityT })}
        />
        <NumberField
          id="first-largest"
          {...datumFieldProps(REAR_DERAILLEUR_DATA.largestCogMaxT, { label: t('emptyBench.largestCog') })}
          owner="first"
          optional
          width={130}
          value={details.largestCogMaxT}
          onCommit={(largestCogMaxT) => onDetails({ largestCogMaxT })}
        />
        <p>{t('emptyBench.publishedLimits')}</p>
      </>
    ),
    chain: (
      <>
        <NumberField
          id="first-chainstay"
          label={t('emptyBench.chainstay')}
          term={t('emptyBench.chainstay').toLowerCase()}
          owner="first"
          unit="mm"
          bounds={DRIVE_BOUNDS.chainstayMm}
          optional
          width={130}
          value={details.chainstayMm}
          onCommit={(chainstayMm) => onDetails({ chainstayMm })}
        />
        <p>{t('emptyBench.chainstayHow')}</p>
      </>
    ),
    used: <p>{t('emptyBench.usedHow')}</p>,
  };
  return <div className={styles.questionFields}>{fields[question]}</div>;
}
