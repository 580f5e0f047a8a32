'use client';

import { Button, Input, Radio, Select } from 'antd';
import { useRouter } from 'next/navigation';
import { useState, type SubmitEvent, type ReactNode } from 'react';
import { BRIEF_BOUNDS, USES, fillBrief, type Use } from '../../core/needs';
import { DRIVE_BOUNDS, REAR_DERAILLEUR_DATA } from '../../core/fit';
import { parseShorthand } from '../../formats/shorthand';
import { addBike, type Workshop } from '../../store';
import { Field } from '../../ui/fields/Field';
import { NumberField } from '../../ui/fields/NumberField';
import { capital } from '../../ui/format';
import { USE_TEXT } from '../rider/words';
import { datumFieldProps } from '../fields/datum-field';
import type { WorkspaceEdits } from '../workspace/edits';
import { FIRST_QUESTIONS, firstBike, type FirstDetails, type FirstQuestion } from '../workspace/first-questions';
import styles from './SetupsBar.module.css';
import { t } from './text';

const EXAMPLES = ['48/32 x 11-36', '44 x 10-44', '32 x 10-52'];

/** The start page of a new user: what the app does, one field for the gears, and frequent questions. */
export function FirstBike({ workshop, edits }: { workshop: Workshop; edits: WorkspaceEdits }) {
  const router = useRouter();
  const [text, setText] = useState('');
  const [tried, setTried] = useState(false);
  const [question, setQuestion] = useState<FirstQuestion>();
  const [details, setDetails] = useState<FirstDetails>({ cassette: '' });
  const result = parseShorthand(text);
  const answer = result.ok ? firstBike(result.setup, question, details) : undefined;
  const begin = (event: SubmitEvent<HTMLFormElement>) => {
    event.preventDefault();
    setTried(true);
    // A number that cannot be kept stays in its field, with its reason: nothing goes on without it.
    const refused = event.currentTarget.querySelector<HTMLElement>('[aria-invalid=true]');
    if (refused) {
      refused.focus();
      return;
    }
    if (!answer?.ok) return;
    const { bike, setup, candidates, path } = answer.first;
    edits.write(async () => {
      await addBike(workshop.db, { bike: { name: t('firstBike.myBike'), ...bike }, setup, candidates }, Date.now());
      router.push(path);
    });
  };
  const lookRound = () =>
    edits.write(async () => {
      const { mergeDemo } = await import('../../store/merge-demo');
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
      <h1>{t('firstBike.whatItDoes')}</h1>
      <Field id="first-setup" label={t('firstBike.yourGears')} problem={problem}>
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
        {t('firstBike.numberTeethStampedMost')} {t('firstBike.suchAs')}{' '}
        {EXAMPLES.map((example) => (
          <Button key={example} size="small" onClick={() => setText(example)}>
            {example}
          </Button>
        ))}
      </p>
      <fieldset className={styles.questions}>
        <legend>{t('firstBike.question')}</legend>
        <Radio.Group value={question ?? 'none'} onChange={({ target }) => setQuestion(questionOf(target.value))}>
          {(['none', ...FIRST_QUESTIONS] as const).map((one) => (
            <div key={one} className={styles.question}>
              <Radio value={one}>{t(`firstBike.questions.${one}`)}</Radio>
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
        {t('firstBike.show')}
      </Button>
      <p className={styles.examples}>
        {t('firstBike.or')}{' '}
        <Button size="small" onClick={lookRound}>
          {t('firstBike.openDemoWorkshop')}
        </Button>
        {t('firstBike.fourBikesOfTheSaltmarsh')}
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
    <Field id="first-use" label={t('firstBike.use')}>
      <Select<Use>
        id="first-use"
        allowClear
        style={{ width: 190 }}
        placeholder={t('firstBike.useAssumed', { use: USE_TEXT[fillBrief({}).use] })}
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
          label={t('firstBike.grade')}
          term={t('firstBike.terms.grade')}
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
      <Field id="first-cassette" label={t('firstBike.cassette')} problem={cassetteProblem}>
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
          {...datumFieldProps(REAR_DERAILLEUR_DATA.totalCapacityT, { label: t('firstBike.totalCapacity') })}
          owner="first"
          optional
          width={130}
          value={details.totalCapacityT}
          onCommit={(totalCapacityT) => onDetails({ totalCapacityT })}
        />
        <NumberField
          id="first-largest"
          {...datumFieldProps(REAR_DERAILLEUR_DATA.largestCogMaxT, { label: t('firstBike.largestCog') })}
          owner="first"
          optional
          width={130}
          value={details.largestCogMaxT}
          onCommit={(largestCogMaxT) => onDetails({ largestCogMaxT })}
        />
        <p>{t('firstBike.publishedLimits')}</p>
      </>
    ),
    chain: (
      <>
        <NumberField
          id="first-chainstay"
          label={t('firstBike.chainstay')}
          term={t('firstBike.terms.chainstay')}
          owner="first"
          unit="mm"
          bounds={DRIVE_BOUNDS.chainstayMm}
          optional
          width={130}
          value={details.chainstayMm}
          onCommit={(chainstayMm) => onDetails({ chainstayMm })}
        />
        <p>{t('firstBike.chainstayHow')}</p>
      </>
    ),
    used: <p>{t('firstBike.usedHow')}</p>,
  };
  return <div className={styles.questionFields}>{fields[question]}</div>;
}
