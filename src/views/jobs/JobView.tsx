'use client';

import { listed } from '../../messages/job';
import { PrinterOutlined, ToolOutlined } from '@ant-design/icons';
import { Button, Checkbox } from 'antd';
import { Confirm } from '../../ui/confirm/Confirm';
import Link from 'next/link';
import { workedMs } from '../../core/job';
import { formatShorthand } from '../../formats/shorthand';
import { distanceText } from '../../features/units/measures';
import { useUnits } from '../../features/workspace/useUnits';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { DateField } from '../../ui/fields/DateField';
import { NameField } from '../../features/fields/NameField';
import { withOptional } from '../../ui/fields/with-optional';
import { capital } from '../../ui/format';
import { PrintSheet, usePrint } from '../../ui/print/PrintSheet';
import { cardHeadline, itemText, priceText } from '../../features/workshop/card-words';
import { PartsOfCard, SettledOfCard, StepsOfCard } from '../../features/workshop/CardView';
import { withPurchase } from '../../features/workshop/buy-list';
import { StateSelect } from '../../features/workshop/StateSelect';
import { useJobEdits } from '../../features/workshop/useJobEdits';
import { OUTCOME_TEXT, minutesText } from '../../features/workshop/words';
import { OtherDevices } from './OtherDevices';
import { SendButton } from '../../features/devices/SendButton';
import { useWithKey } from '../../features/shortcuts/useKeymap';
import { useShortcut } from '../../features/shortcuts/useShortcut';
import { RECHECK_AFTER_KM, type JobRecord, type SwapWork } from '../../records';
import { isSwap } from '../../records/selectors/job-card';
import { CardChoices } from './CardChoices';
import { CardVerdict } from './CardVerdict';
import { JobPaper } from './JobPaper';
import { PhotosOf } from './PhotosOf';
import { ProgressTable } from './ProgressTable';
import type { JobAndCard } from './useJobs';
import { Note, Panel, PanelHead } from '../../ui/panel/Panel';
import styles from './Jobs.module.css';
import { t } from './text';
import { definite } from '../../core/items';
import type { EditName } from '../../messages/edit-name';

const MS_PER_MINUTE = 60_000;

/** A job: its state, what is left to do, its card, and what was done. */
export function JobView({
  job,
  card,
  steps,
  minutes,
  gone,
  waitsFor,
  notNeeded,
  onClose,
}: JobAndCard & { onClose: () => void }) {
  const withKey = useWithKey();
  const units = useUnits();
  const { workspace } = useReadyWorkspace();
  const { edit, remove } = useJobEdits(job);
  const { printing, print } = usePrint();
  useShortcut('print', print);
  const isDone = job.state === 'done';
  const { work } = job;
  const hold = waitsFor
    ? t('jobView.waitsFor', { name: waitsFor.name })
    : notNeeded && t('jobView.notNeeded', { name: notNeeded.name });
  const optional =
    <K extends 'dueOn' | 'occasion'>(field: K) =>
    (value: JobRecord[K] | undefined) =>
      edit(`job.${field}`, (before) => withOptional(before, field, value));
  return (
    <div className={styles.column}>
      <Panel aria-label={t('jobView.job')}>
        <PanelHead>
          <h2>{job.name}</h2>
          <StateSelect job={job} />
          {!isDone && !waitsFor && !notNeeded && (
            <Link href={`/work?job=${job.id}`}>
              <Button type="primary" size="small" icon={<ToolOutlined />}>
                {t('jobView.startWork')}
              </Button>
            </Link>
          )}
          <Button
            size="small"
            icon={<PrinterOutlined />}
            onClick={print}
            title={withKey(t('jobView.printTheCard'), 'print')}
          >
            {t('jobView.print')}
          </Button>
          <SendButton what={{ kind: 'job', jobId: job.id }} name={job.name} />
          <Confirm
            title={t('jobView.deleteName', { name: job.name })}
            description={t('jobView.itsPhotosToo')}
            okText={t('jobView.deleteIt')}
            cancelText={t('jobView.cancel')}
            onConfirm={() => {
              remove();
              onClose();
            }}
          >
            <Button size="small" danger data-testid="delete-job">
              {t('jobView.deleteLabel')}
            </Button>
          </Confirm>
        </PanelHead>
        <OtherDevices job={job} steps={steps} />
        {work.kind === 'swap' && (
          <p className={styles.way}>
            {formatShorthand(work.from.setup)} → {formatShorthand(work.to.setup)}
          </p>
        )}
        <p className={styles.headline} data-testid="job-headline">
          {isDone
            ? outcomeHeadline(job)
            : card
              ? cardHeadline(card, units)
              : t('jobView.reCheckAfterTheFirst', {
                  distance: distanceText(units, work.kind === 'recheck' ? work.afterKm : RECHECK_AFTER_KM),
                  minutes: minutesText(minutes),
                })}
        </p>
        {isDone && job.runs.length > 0 && (
          <Note>
            {t('jobView.tookEstimate', {
              worked: minutesText(workedMs(job.runs, definite(job.finishedAtMs)) / MS_PER_MINUTE),
              minutes: minutesText(minutes),
            })}
          </Note>
        )}
        {hold !== undefined && (
          <p className={styles.problem} role="status" data-testid={waitsFor ? 'waits' : 'not-needed'}>
            {hold}
          </p>
        )}
        {gone.length > 0 && (
          <p className={styles.problem} role="status">
            {t('jobView.noLongerInStock', { gone: listed(gone), count: gone.length })}
          </p>
        )}
        {!isDone && (
          <div className={styles.choices}>
            <NameField
              id="job-name"
              label={t('jobView.jobName')}
              owner={job.id}
              value={job.name}
              onCommit={(name) => name !== undefined && edit('job.name', (before) => ({ ...before, name }))}
            />
            <DateField
              id="due-on"
              label={t('jobView.date')}
              value={job.dueOn ?? ''}
              onChange={(day) => optional('dueOn')(day === '' ? undefined : day)}
            />
            <NameField
              id="occasion"
              label={t('jobView.reason')}
              owner={job.id}
              value={job.occasion}
              onCommit={optional('occasion')}
            />
          </div>
        )}
        {!isDone && card && card.buy.length > 0 && <BuyTicks job={job} card={card} onEdit={edit} />}
        {!isDone && card && isSwap(job) && (
          <CardChoices
            card={card}
            chain={job.work.chain}
            keeps={job.work.keeps ?? []}
            onChain={(chain) => edit('job.chain', (before) => withWork(before, { chain }))}
            onKeeps={(keeps) => edit('job.keeps', (before) => withWork(before, { keeps }))}
          />
        )}
      </Panel>
      {card && (
        <Panel aria-label={t('jobView.partsOfTheJob')}>
          {!isDone && <CardVerdict card={card} school={workspace.bike.limitsSchool ?? 'sheet'} />}
          <PartsOfCard card={card} bought={job.bought} showsBuy={!isDone} />
          {!isDone && <SettledOfCard card={card} />}
        </Panel>
      )}
      <Panel aria-label={t('jobView.steps')}>
        <h2>{isDone ? t('jobView.whatWasDone') : t('jobView.steps')}</h2>
        {isDone || Object.keys(job.progress).length > 0 || !card ? (
          <ProgressTable job={job} steps={steps} />
        ) : (
          <StepsOfCard card={card} />
        )}
        <PhotosOf jobId={job.id} />
      </Panel>
      {printing && (
        <PrintSheet>
          <JobPaper
            title={job.name}
            bikeName={workspace.bike.name}
            from={work.kind === 'swap' ? work.from.setup : undefined}
            to={work.kind === 'swap' ? work.to.setup : undefined}
            card={card}
            steps={steps}
            progress={job.progress}
            dueOn={job.dueOn}
            occasion={job.occasion}
            hold={hold}
          />
        </PrintSheet>
      )}
    </div>
  );
}

function outcomeHeadline({ outcome, outcomeNote }: JobRecord): string {
  return `${capital(OUTCOME_TEXT[definite(outcome)])}${outcomeNote ? `: ${outcomeNote}` : '.'}`;
}

/** What is to be bought, ticked as it comes; the last tick makes the job ready. */
function BuyTicks({
  job,
  card,
  onEdit,
}: {
  job: JobRecord;
  card: NonNullable<JobAndCard['card']>;
  onEdit: (what: EditName, edit: (job: JobRecord) => JobRecord) => void;
}) {
  const units = useUnits();
  const tick = (key: string, has: boolean) => onEdit('job.bought', (before) => withPurchase(before, card, key, has));
  return (
    <div className={styles.buys} data-testid="buy-ticks">
      <span>{t('jobView.partsReceived')}</span>
      {card.buy.map((item) => (
        <Checkbox
          key={item.key}
          checked={job.bought.includes(item.key)}
          onChange={({ target }) => tick(item.key, target.checked)}
        >
          {itemText(item)} ({priceText(item, units)})
        </Checkbox>
      ))}
    </div>
  );
}

/** A swap with another wish; any other job as it is. */
function withWork(job: JobRecord, change: Partial<SwapWork>): JobRecord {
  return isSwap(job) ? { ...job, work: { ...job.work, ...change } } : job;
}
