'use client';

import { PrinterOutlined, ReloadOutlined } from '@ant-design/icons';
import { Button, InputNumber, Segmented, Select, Switch } from 'antd';
import { useMemo, useState } from 'react';
import { DRILL_KINDS, LEVELS, WORKSHEET_QUESTIONS, worksheet, type DrillKind, type Level } from '../../../core/lesson';
import { Field } from '../../../ui/fields/Field';
import { PrintSheet, usePrint } from '../../../ui/print/PrintSheet';
import { useWithKey } from '../../../features/shortcuts/useKeymap';
import { useShortcut } from '../../../features/shortcuts/useShortcut';
import { anyWhole } from '../learner/chance';
import type { LearnBike } from '../learner/useLearn';
import { KIND_TEXT, LEVEL_TEXT } from '../learner/learn-words';
import { WorksheetPaper } from './WorksheetPaper';
import { Panel } from '../../../ui/panel/Panel';
import styles from './Worksheet.module.css';
import { t } from '../learner/text';

/** Numbers by which a sheet is found again; four digits are soon written on paper. */
const SHEET_NUMBER = { min: 1, max: 9999 } as const;
/** Ready-made sheets: turns of the wheel, fractions and equal ratios, which children can do; and a kind for each idea. */
const READY = {
  first: ['wheelTurns', 'ratio', 'harderOrEasier', 'duplicate', 'order'],
  workshop: ['ratio', 'order', 'howMuch', 'cadenceAfterShift', 'capacity', 'links'],
} as const satisfies Readonly<Record<string, readonly DrillKind[]>>;
type Ready = keyof typeof READY;
const FIRST_COUNT = 10;

const isSame = (kinds: readonly DrillKind[], ready: readonly DrillKind[]) => kinds.join() === ready.join();

const anyNumber = () => SHEET_NUMBER.min + (anyWhole() % SHEET_NUMBER.max);

/** Questions for paper with their answers on the second page; the number brings the same sheet again. */
export function WorksheetView({ bike }: { bike: LearnBike }) {
  const withKey = useWithKey();
  const [kinds, setKinds] = useState<readonly DrillKind[]>(READY.first);
  const [count, setCount] = useState(FIRST_COUNT);
  const [level, setLevel] = useState<Level>(1);
  const [isOwn, setOwn] = useState(!bike.isExample);
  const [number, setNumber] = useState<number>(SHEET_NUMBER.min);
  const { printing, print } = usePrint();
  useShortcut('print', print, kinds.length > 0);
  const questions = useMemo(
    () =>
      kinds.length === 0 ? [] : worksheet(kinds, count, number, { level, own: isOwn ? bike.lesson.setups : undefined }),
    [kinds, count, number, level, isOwn, bike],
  );
  const title = isOwn
    ? t('worksheetView.gearsOfNameAndOf', { name: bike.name })
    : t('worksheetView.gearsOfBikesInCommon');
  const paper = <WorksheetPaper title={title} number={number} level={level} questions={questions} />;
  return (
    <div className={styles.layout}>
      <Panel aria-label={t('worksheetView.theSheet')}>
        <h2>{t('worksheetView.worksheetSettings')}</h2>
        <Segmented<Ready | ''>
          aria-label={t('worksheetView.readyMade')}
          value={isSame(kinds, READY.first) ? 'first' : isSame(kinds, READY.workshop) ? 'workshop' : ''}
          options={[
            { value: 'first', label: t('worksheetView.firstSheet') },
            { value: 'workshop', label: t('worksheetView.workshopSheet') },
          ]}
          onChange={(ready) => ready !== '' && setKinds(READY[ready])}
        />
        <div className={styles.fields}>
          <Field id="sheet-kinds" label={t('worksheetView.kindsOfQuestion')}>
            <Select
              id="sheet-kinds"
              mode="multiple"
              value={[...kinds]}
              options={DRILL_KINDS.map((kind) => ({ value: kind, label: KIND_TEXT[kind] }))}
              onChange={setKinds}
              style={{ width: '100%' }}
            />
          </Field>
          <Field
            id="sheet-count"
            label={t('worksheetView.questionsMinToMax', { min: WORKSHEET_QUESTIONS.min, max: WORKSHEET_QUESTIONS.max })}
          >
            <InputNumber
              id="sheet-count"
              {...WORKSHEET_QUESTIONS}
              precision={0}
              value={count}
              onChange={(value) => setCount(value ?? count)}
            />
          </Field>
          <Field id="sheet-level" label={t('worksheetView.level2', { level, level2: LEVEL_TEXT[level] })}>
            <Segmented<Level>
              id="sheet-level"
              aria-label={t('worksheetView.level')}
              value={level}
              options={[...LEVELS]}
              onChange={setLevel}
            />
          </Field>
          <Field id="sheet-number" label={t('worksheetView.worksheetNumber')}>
            <InputNumber
              id="sheet-number"
              {...SHEET_NUMBER}
              precision={0}
              value={number}
              onChange={(value) => setNumber(value ?? number)}
            />
          </Field>
          <label className={styles.switch}>
            <Switch
              size="small"
              checked={isOwn}
              disabled={bike.isExample}
              onChange={setOwn}
              aria-label={t('worksheetView.myOwnBike')}
            />
            {t('worksheetView.halfQuestionsAbout', { name: bike.name })}
          </label>
          <div className={styles.actions}>
            <Button icon={<ReloadOutlined />} onClick={() => setNumber(anyNumber())}>
              {t('worksheetView.anotherSheet')}
            </Button>
            <Button
              type="primary"
              icon={<PrinterOutlined />}
              disabled={kinds.length === 0}
              onClick={print}
              title={withKey(t('worksheetView.printTheWorksheet'), 'print')}
            >
              {t('worksheetView.print')}
            </Button>
          </div>
        </div>
        {kinds.length === 0 && <p role="alert">{t('worksheetView.noKindOfQuestionIs')}</p>}
      </Panel>
      <section className={styles.preview} aria-label={t('worksheetView.printPreview')}>
        {paper}
      </section>
      {printing && <PrintSheet>{paper}</PrintSheet>}
    </div>
  );
}
