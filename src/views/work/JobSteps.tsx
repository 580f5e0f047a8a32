'use client';

import { PauseOutlined, CaretRightOutlined, UnorderedListOutlined } from '@ant-design/icons';
import { Alert, Button, Drawer } from 'antd';
import Link from 'next/link';
import { useOpenJob } from '../../features/devices/usePairing';
import { useState } from 'react';
import { isBehind, obstacleTo, openFinding, type StepId } from '../../core/job';
import { CONSUMABLE_TEXT, TOOL_TEXT, itemName, obstacleText, stepMark, stepWords } from '../../messages/job';
import { Clock } from './Clock';
import { PhotoField } from './PhotoField';
import { SignOffPanel } from './SignOffPanel';
import { StepFields } from './StepFields';
import { ProblemPanel } from './ProblemPanel';
import { useOtherTab } from './useOtherTab';
import type { Work } from './useWork';
import { WeighPanel } from './WeighPanel';
import styles from './Work.module.css';
import { t } from './text';
import { defined } from '../../core/optional';
import { itemAt, definite } from '../../core/items';

/** The current step in large type, with its inputs and navigation. */
export function JobSteps({ work }: { work: Work }) {
  const { job, bike, steps, step, place, behind, goTo, finish, conflict, titleOf } = work;
  const [listOpen, setListOpen] = useState(false);
  // The check from which a remedy led to an earlier step, to return to.
  const [returnTo, setReturnTo] = useState<StepId>();
  const backTo = (id: StepId) => {
    setReturnTo(step.id);
    goTo(id);
  };
  const returns = returnTo !== undefined && returnTo !== step.id && steps.some(({ id }) => id === returnTo);
  const goBack = () => {
    setReturnTo(undefined);
    goTo(definite(returnTo));
  };
  const isElsewhere = useOtherTab(job.id);
  useOpenJob(job.id);
  const progress = job.progress[step.id];
  const inTheWay = obstacleTo(step.id, steps, job.progress, 'done');
  const cannotSkip = obstacleTo(step.id, steps, job.progress, 'skipped');
  const behindIt = isBehind(job.progress, step.id);
  const words = stepWords(step, work.card);
  const isWeighing = step.id === 'weigh' || step.id === 'weighBefore' || step.id === 'weighAfter';
  return (
    <div className={styles.work}>
      <header className={styles.head}>
        <Link
          href={`/jobs?job=${job.id}`}
          className={styles.back}
          aria-label={t('workView.backToSwap')}
          onClick={work.toItsBike}
        >
          ‹
        </Link>
        <div className={styles.title}>
          <h1>{job.name}</h1>
          <span>{bike.name}</span>
        </div>
        <Clock runs={job.runs} />
        <Button
          size="large"
          icon={work.isRunning ? <PauseOutlined /> : <CaretRightOutlined />}
          onClick={() => work.runClock(!work.isRunning)}
          aria-label={work.isRunning ? t('workView.stopTheClock') : t('workView.startTheClock')}
        />
      </header>
      <div
        className={styles.bar}
        role="progressbar"
        aria-label={t('workView.stepsBehind')}
        aria-valuenow={behind}
        aria-valuemin={0}
        aria-valuemax={steps.length}
      >
        {steps.map(({ id }) => (
          <i key={id} data-behind={isBehind(job.progress, id)} data-here={id === step.id} />
        ))}
      </div>
      {isElsewhere && <Alert type="info" showIcon title={t('workView.thisJobIsOpenIn')} data-testid="elsewhere" />}
      {conflict && (
        <Alert
          type="warning"
          showIcon
          title={conflict}
          closable={{ onClose: work.forgetConflict }}
          data-testid="conflict"
        />
      )}
      <section
        className={styles.step}
        aria-label={titleOf(step.id)}
        data-testid="step"
        data-step={step.id}
        data-kept={work.isKept}
      >
        <p className={styles.count}>
          {t('workView.stepPlaceOfCount', { place: place + 1, count: steps.length })}
          {behindIt && (progress?.skipped ? t('workView.leftOut') : t('workView.done'))}
          {!work.isKept && t('workView.writing')}
        </p>
        <h2>{titleOf(step.id)}</h2>
        <p className={styles.text}>{words.text}</p>
        <p className={styles.why}>{words.why}</p>
        {words.caution && <p className={styles.caution}>{words.caution}</p>}
        {step.id === 'gather' && work.card && (
          <ul className={styles.gather}>
            {[
              ...work.card.on.map(itemName),
              ...work.card.gathered.tools.map((tool) => TOOL_TEXT[tool]),
              ...work.card.gathered.consumables.map((one) => CONSUMABLE_TEXT[one]),
            ].map((name, i) => (
              <li key={`${name} ${i}`}>{name}</li>
            ))}
          </ul>
        )}
        {isWeighing && work.card ? <WeighPanel key={step.id} work={work} card={work.card} /> : null}
        {step.id === 'signOff' ? (
          <SignOffPanel work={work} />
        ) : (
          <>
            <StepFields key={step.id} work={work} />
            <ProblemPanel key={`trouble ${step.id}`} work={work} onBackTo={backTo} />
            <PhotoField jobId={job.id} stepId={step.id} />
          </>
        )}
      </section>
      <footer className={styles.foot}>
        {inTheWay && step.id !== 'signOff' && <p role="status">{obstacleText(inTheWay, titleOf)}</p>}
        <Button
          size="large"
          disabled={place === 0}
          onClick={() => goTo(itemAt(steps, place - 1).id)}
          aria-label={t('workView.stepBefore')}
        >
          ‹
        </Button>
        <Button
          size="large"
          icon={<UnorderedListOutlined />}
          onClick={() => setListOpen(true)}
          aria-label={t('workView.allSteps')}
        />
        {step.id !== 'signOff' && (
          <>
            {!behindIt && cannotSkip === undefined && (
              <Button size="large" onClick={() => finish('skipped')}>
                {t('workView.leaveOut')}
              </Button>
            )}
            {returns && (
              <Button
                size="large"
                type="primary"
                {...defined({ className: styles.done })}
                onClick={goBack}
                data-testid="return"
              >
                {t('workView.returnTo', { step: titleOf(returnTo) })}
              </Button>
            )}
            <Button
              size="large"
              {...(!returns && { type: 'primary' as const })}
              {...defined({ className: styles.done })}
              disabled={inTheWay !== undefined || openFinding(progress) !== undefined}
              onClick={() =>
                behindIt ? goTo(itemAt(steps, Math.min(place + 1, steps.length - 1)).id) : finish('done')
              }
            >
              {behindIt ? t('workView.next') : t('workView.doneLabel')}
            </Button>
          </>
        )}
      </footer>
      <Drawer
        title={t('workView.allSteps')}
        open={listOpen}
        onClose={() => setListOpen(false)}
        placement="bottom"
        {...defined({ rootClassName: styles.allSteps })}
        size="large"
      >
        <ol className={styles.list}>
          {steps.map(({ id }, i) => (
            <li key={id}>
              <button
                type="button"
                aria-current={id === step.id}
                onClick={() => {
                  goTo(id);
                  setListOpen(false);
                }}
              >
                <span>{stepMark(job.progress[id])}</span> {i + 1}. {titleOf(id)}
              </button>
            </li>
          ))}
        </ol>
      </Drawer>
    </div>
  );
}
