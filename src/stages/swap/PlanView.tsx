'use client';

import { PrinterOutlined } from '@ant-design/icons';
import { App, Button, Checkbox, Input, Select } from 'antd';
import { formatShorthand } from '../../formats/shorthand';
import { useUnits } from '../../kit/bench/useUnits';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { letterOf } from '../../kit/bench/setup-sign';
import { SetupMark } from '../../kit/bench/SetupMark';
import { DateField } from '../../kit/fields/DateField';
import { Field } from '../../kit/fields/Field';
import { PrintSheet, usePrint } from '../../kit/print/PrintSheet';
import { cardHeadline } from '../../kit/shop/card-words';
import { PartsOfCard, SettledOfCard, StepsOfCard } from '../../kit/shop/CardView';
import { withKey } from '../../kit/shell/shortcuts';
import { useShortcut } from '../../kit/shell/useShortcut';
import { NAME_LENGTH_MAX, type JobFacts } from '../../records';
import { CardVerdict } from './CardVerdict';
import { JobPaper } from './JobPaper';
import { CardChoices } from './CardChoices';
import { usePlan } from './usePlan';
import { Panel, PanelHead } from '../../kit/sheet/Panel';
import styles from './Swap.module.css';
import { t } from './words/text';

/** A job that is being planned: its card stands beside the questions and follows them. */
export function PlanView({ facts, onBooked }: { facts: JobFacts; onBooked: (id: string) => void }) {
  const units = useUnits();
  const { bench, edits } = useReadyBench();
  const { message } = App.useApp();
  const { printing, print } = usePrint();
  const plan = usePlan(facts, (id) => {
    void message.success(t('planView.booked'));
    onBooked(id);
  });
  const { card, choices, say, target, targetPlace, problem } = plan;
  const { setups, bike, fromLink } = bench;
  const fitted = setups[0]!;
  useShortcut('print', print, card.kind !== 'nothing');
  return (
    <div className={styles.column}>
      <Panel aria-label={t('planView.plan')}>
        <PanelHead>
          <h2 className={styles.way}>
            <SetupMark place={0} /> {formatShorthand(fitted)} <span aria-label={t('planView.to')}>→</span>{' '}
            <SetupMark place={targetPlace} /> {formatShorthand(target)}
          </h2>
          <Button
            size="small"
            icon={<PrinterOutlined />}
            disabled={card.kind === 'nothing'}
            onClick={print}
            title={withKey(t('planView.printTheCard'), 'print')}
          >
            {t('planView.print')}
          </Button>
        </PanelHead>
        <p className={styles.headline} data-testid="card-headline">
          {cardHeadline(card, units)}
        </p>
        <div className={styles.choices}>
          <Field id="target" label={t('planView.toLabel')}>
            <Select
              id="target"
              value={target.id}
              options={setups.map(({ id, name, ...teeth }, place) => ({
                value: id,
                label:
                  place === 0 ? t('planView.aWithANewChain') : `${letterOf(place)}, ${name ?? formatShorthand(teeth)}`,
              }))}
              onChange={(id) => {
                plan.choose(id);
                say({ newChain: id === fitted.id, keeps: [] });
              }}
            />
          </Field>
          <Field id="job-name" label={t('planView.jobName')}>
            <Input
              id="job-name"
              maxLength={NAME_LENGTH_MAX}
              placeholder={plan.suggestedName}
              value={choices.name}
              onChange={({ target: { value } }) => say({ name: value })}
            />
          </Field>
          <DateField
            id="due-on"
            label={t('planView.date')}
            value={choices.dueOn}
            onChange={(dueOn) => say({ dueOn })}
          />
          <Field id="occasion" label={t('planView.reason')}>
            <Input
              id="occasion"
              maxLength={60}
              placeholder={t('planView.theMountainWeek')}
              value={choices.occasion}
              onChange={({ target: { value } }) => say({ occasion: value })}
            />
          </Field>
          <DateField
            id="back-on"
            label={t('planView.backOn')}
            value={choices.backOn}
            onChange={(backOn) => say({ backOn })}
          />
        </div>
        <div className={styles.ticks}>
          <Checkbox checked={choices.newChain} onChange={({ target: { checked } }) => say({ newChain: checked })}>
            {t('planView.newChainAnyway')}
          </Checkbox>
          <Checkbox
            checked={choices.usesQuickLink}
            onChange={({ target: { checked } }) => say({ usesQuickLink: checked })}
          >
            {t('planView.closedWithAQuickLink')}
          </Checkbox>
          <Checkbox checked={choices.weighs} onChange={({ target: { checked } }) => say({ weighs: checked })}>
            {t('planView.weighOldAndNew')}
          </Checkbox>
          <Checkbox
            checked={choices.checksHanger}
            onChange={({ target: { checked } }) => say({ checksHanger: checked })}
          >
            {t('planView.hasCrashed')}
          </Checkbox>
          <Button
            type="primary"
            disabled={problem !== undefined || fromLink}
            onClick={() => edits.write(plan.book)}
            data-testid="book"
          >
            {t('planView.bookTheJob')}
          </Button>
        </div>
        <CardChoices
          card={card}
          chain={choices.chain}
          keeps={choices.keeps}
          onChain={(chain) => say({ chain })}
          onKeeps={(keeps) => say({ keeps })}
        />
        {problem && (
          <p className={styles.problem} role="status">
            {problem}
          </p>
        )}
      </Panel>
      {card.kind !== 'nothing' && (
        <>
          <Panel aria-label={t('planView.partsOfTheJob')}>
            <CardVerdict card={card} school={bike.limitsSchool ?? 'sheet'} />
            <PartsOfCard card={card} />
            <SettledOfCard card={card} />
          </Panel>
          <Panel aria-label={t('planView.steps')}>
            <h2>{t('planView.steps')}</h2>
            <StepsOfCard card={card} />
          </Panel>
        </>
      )}
      {printing && (
        <PrintSheet>
          <JobPaper
            title={choices.name.trim() || plan.suggestedName}
            bikeName={bike.name}
            from={fitted}
            to={target}
            card={card}
            steps={card.steps}
            progress={{}}
          />
        </PrintSheet>
      )}
    </div>
  );
}
