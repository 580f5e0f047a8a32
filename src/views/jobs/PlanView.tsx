'use client';

import { PrinterOutlined } from '@ant-design/icons';
import { App, Button, Checkbox, Input, Select } from 'antd';
import { formatShorthand } from '../../formats/shorthand';
import { useUnits } from '../../features/workspace/useUnits';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { letterOf } from '../../features/setup-mark/setup-sign';
import { SetupMark } from '../../features/setup-mark/SetupMark';
import { DateField } from '../../ui/fields/DateField';
import { Field } from '../../ui/fields/Field';
import { PrintSheet, usePrint } from '../../ui/print/PrintSheet';
import { cardHeadline } from '../../features/workshop/card-words';
import { PartsOfCard, SettledOfCard, StepsOfCard } from '../../features/workshop/CardView';
import { useWithKey } from '../../features/shortcuts/useKeymap';
import { useShortcut } from '../../features/shortcuts/useShortcut';
import { NAME_LENGTH_MAX } from '../../records';
import type { JobFacts } from '../../records/selectors/job-card';
import { CardVerdict } from './CardVerdict';
import { JobPaper } from './JobPaper';
import { CardChoices } from './CardChoices';
import { usePlan } from './usePlan';
import { Panel, PanelHead } from '../../ui/panel/Panel';
import styles from './Jobs.module.css';
import { t } from './text';
import { firstOf } from '../../core/items';

/** A job in planning, with its card beside the choices. */
export function PlanView({ facts, onBooked }: { facts: JobFacts; onBooked: (id: string) => void }) {
  const withKey = useWithKey();
  const units = useUnits();
  const { workspace, edits } = useReadyWorkspace();
  const { message } = App.useApp();
  const { printing, print } = usePrint();
  const plan = usePlan(facts, (id) => {
    void message.success(t('planView.booked'));
    onBooked(id);
  });
  const { card, choices, setChoices, target, targetPlace, problem } = plan;
  const { setups, bike, fromLink } = workspace;
  const fitted = firstOf(setups);
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
                setChoices({ newChain: id === fitted.id, keeps: [] });
              }}
            />
          </Field>
          <Field id="job-name" label={t('planView.jobName')}>
            <Input
              id="job-name"
              maxLength={NAME_LENGTH_MAX}
              placeholder={plan.suggestedName}
              value={choices.name}
              onChange={({ target: { value } }) => setChoices({ name: value })}
            />
          </Field>
          <DateField
            id="due-on"
            label={t('planView.date')}
            value={choices.dueOn}
            onChange={(dueOn) => setChoices({ dueOn })}
          />
          <Field id="occasion" label={t('planView.reason')}>
            <Input
              id="occasion"
              maxLength={60}
              placeholder={t('planView.theMountainWeek')}
              value={choices.occasion}
              onChange={({ target: { value } }) => setChoices({ occasion: value })}
            />
          </Field>
          <DateField
            id="back-on"
            label={t('planView.backOn')}
            value={choices.backOn}
            onChange={(backOn) => setChoices({ backOn })}
          />
        </div>
        <div className={styles.ticks}>
          <Checkbox
            checked={choices.newChain}
            onChange={({ target: { checked } }) => setChoices({ newChain: checked })}
          >
            {t('planView.newChainAnyway')}
          </Checkbox>
          <Checkbox
            checked={choices.usesQuickLink}
            onChange={({ target: { checked } }) => setChoices({ usesQuickLink: checked })}
          >
            {t('planView.closedWithAQuickLink')}
          </Checkbox>
          <Checkbox checked={choices.weighs} onChange={({ target: { checked } }) => setChoices({ weighs: checked })}>
            {t('planView.weighOldAndNew')}
          </Checkbox>
          <Checkbox
            checked={choices.checksHanger}
            onChange={({ target: { checked } }) => setChoices({ checksHanger: checked })}
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
          onChain={(chain) => setChoices({ chain })}
          onKeeps={(keeps) => setChoices({ keeps })}
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
