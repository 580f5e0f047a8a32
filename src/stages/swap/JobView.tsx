'use client';

import { PrinterOutlined, ToolOutlined } from '@ant-design/icons';
import { Button, Checkbox, Popconfirm } from 'antd';
import Link from 'next/link';
import { workedMs } from '../../core/swap';
import { formatShorthand } from '../../formats/shorthand';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { DateField } from '../../kit/fields/DateField';
import { NameField } from '../../kit/fields/NameField';
import { withOptional } from '../../kit/fields/with-optional';
import { capital } from '../../kit/format';
import { PrintSheet, usePrint } from '../../kit/print/PrintSheet';
import { cardHeadline, priceText } from '../../kit/shop/card-words';
import { PartsOfCard, SettledOfCard, StepsOfCard } from '../../kit/shop/CardView';
import { withPurchase } from '../../kit/shop/buy-list';
import { StateSelect } from '../../kit/shop/StateSelect';
import { useJobEdits } from '../../kit/shop/useJobEdits';
import { OUTCOME_TEXT, minutesText } from '../../kit/shop/words';
import { withKey } from '../../kit/shell/shortcuts';
import { useShortcut } from '../../kit/shell/useShortcut';
import type { JobRecord } from '../../records';
import { CardVerdict } from './CardVerdict';
import { JobPaper } from './JobPaper';
import { PhotosOf } from './PhotosOf';
import { ProgressTable } from './ProgressTable';
import type { JobAndCard } from './useJobs';
import styles from './Swap.module.css';
import { WORDS } from './words/text';

const MS_PER_MINUTE = 60_000;

/** A job of the book: where it stands, what is still to come, its card, and what was done. */
export function JobView({ job, card, steps, minutes, gone, onClose }: JobAndCard & { onClose: () => void }) {
  const { bench } = useReadyBench();
  const { edit, remove } = useJobEdits(job);
  const { printing, print } = usePrint();
  useShortcut('print', print);
  const isDone = job.state === 'done';
  const { work } = job;
  const optional =
    <K extends keyof JobRecord>(what: string, field: K) =>
    (value: JobRecord[K] | undefined) =>
      edit(what, (before) => withOptional(before, field, value));
  return (
    <div className={styles.column}>
      <section className={styles.panel} aria-label={WORDS.jobView.job}>
        <div className={styles.panelHead}>
          <h2>{job.name}</h2>
          <StateSelect job={job} />
          {!isDone && (
            <Link href={`/work?job=${job.id}`}>
              <Button type="primary" size="small" icon={<ToolOutlined />}>
                {WORDS.jobView.workOnIt}
              </Button>
            </Link>
          )}
          <Button
            size="small"
            icon={<PrinterOutlined />}
            onClick={print}
            title={withKey(WORDS.jobView.printTheCard, 'print')}
          >
            {WORDS.jobView.print}
          </Button>
          <Popconfirm
            title={WORDS.jobView.takeNameOutOfThe(job.name)}
            description={WORDS.jobView.itsPhotosGoWithIt}
            okText={WORDS.jobView.takeOut}
            cancelText={WORDS.jobView.keep}
            onConfirm={() => {
              remove();
              onClose();
            }}
          >
            <Button size="small" danger>
              {WORDS.jobView.remove}
            </Button>
          </Popconfirm>
        </div>
        {work.kind === 'swap' && (
          <p className={styles.way}>
            {formatShorthand(work.from.setup)} → {formatShorthand(work.to.setup)}
          </p>
        )}
        <p className={styles.headline} data-testid="job-headline">
          {isDone
            ? outcomeHeadline(job)
            : card
              ? cardHeadline(card)
              : WORDS.jobView.reCheckAfterTheFirst(work.kind === 'recheck' ? work.afterKm : 100, minutesText(minutes))}
        </p>
        {isDone && job.runs.length > 0 && (
          <p className={styles.note}>
            {WORDS.jobView.tookWorkedMsMinutesWereEstimated(
              minutesText(workedMs(job.runs, job.finishedAtMs!) / MS_PER_MINUTE),
              minutesText(minutes),
            )}
          </p>
        )}
        {gone.length > 0 && (
          <p className={styles.problem} role="status">
            {WORDS.jobView.noLongerOnTheShelf(
              gone.join(', '),
              gone.length === 1 ? WORDS.jobView.it : WORDS.jobView.them,
            )}
          </p>
        )}
        {!isDone && (
          <div className={styles.choices}>
            <NameField
              id="job-name"
              label={WORDS.jobView.called}
              owner={job.id}
              value={job.name}
              onCommit={(name) => name !== undefined && edit('name', (before) => ({ ...before, name }))}
            />
            <DateField
              id="due-on"
              label={WORDS.jobView.on}
              value={job.dueOn ?? ''}
              onChange={(day) => optional('day', 'dueOn')(day === '' ? undefined : day)}
            />
            <NameField
              id="occasion"
              label={WORDS.jobView.becauseOf}
              owner={job.id}
              value={job.occasion}
              onCommit={optional('occasion', 'occasion')}
            />
          </div>
        )}
        {!isDone && card && card.buy.length > 0 && <BuyTicks job={job} card={card} onEdit={edit} />}
      </section>
      {card && (
        <section className={styles.panel} aria-label={WORDS.jobView.partsOfTheJob}>
          {!isDone && <CardVerdict card={card} school={bench.bike.limitsSchool ?? 'sheet'} />}
          <PartsOfCard card={card} bought={job.bought} showsBuy={!isDone} />
          {!isDone && <SettledOfCard card={card} />}
        </section>
      )}
      <section className={styles.panel} aria-label={WORDS.jobView.steps}>
        <h2>{isDone ? WORDS.jobView.whatWasDone : WORDS.jobView.steps}</h2>
        {isDone || Object.keys(job.progress).length > 0 || !card ? (
          <ProgressTable job={job} steps={steps} />
        ) : (
          <StepsOfCard card={card} />
        )}
        <PhotosOf jobId={job.id} />
      </section>
      {printing && (
        <PrintSheet>
          <JobPaper
            title={job.name}
            bikeName={bench.bike.name}
            from={work.kind === 'swap' ? work.from.setup : undefined}
            to={work.kind === 'swap' ? work.to.setup : undefined}
            card={card}
            steps={steps}
            progress={job.progress}
            dueOn={job.dueOn}
            occasion={job.occasion}
          />
        </PrintSheet>
      )}
    </div>
  );
}

function outcomeHeadline({ outcome, outcomeNote }: JobRecord): string {
  return `${capital(OUTCOME_TEXT[outcome!])}${outcomeNote ? `: ${outcomeNote}` : '.'}`;
}

/** What is to be bought, ticked as it comes; the last tick makes the job ready. */
function BuyTicks({
  job,
  card,
  onEdit,
}: {
  job: JobRecord;
  card: NonNullable<JobAndCard['card']>;
  onEdit: (what: string, edit: (job: JobRecord) => JobRecord) => void;
}) {
  const tick = (key: string, has: boolean) => onEdit('purchases', (before) => withPurchase(before, card, key, has));
  return (
    <div className={styles.buys} data-testid="buy-ticks">
      <span>{WORDS.jobView.hasCome}</span>
      {card.buy.map((item) => (
        <Checkbox
          key={item.key}
          checked={job.bought.includes(item.key)}
          onChange={({ target }) => tick(item.key, target.checked)}
        >
          {item.name} ({priceText(item)})
        </Checkbox>
      ))}
    </div>
  );
}
