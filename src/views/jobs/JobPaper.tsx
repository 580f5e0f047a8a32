import type { JobCard, JobStep, Progress } from '../../core/job';
import { formatShorthand } from '../../formats/shorthand';
import { useUnits } from '../../features/workspace/useUnits';
import { isoDayText, short } from '../../ui/format';
import {
  bScrewText,
  cardHeadline,
  itemMassText,
  itemText,
  priceText,
  shifterText,
  spacerText,
} from '../../features/workshop/card-words';
import {
  CONSUMABLE_TEXT,
  TOOL_TEXT,
  chainText,
  readingTitle,
  stepTitle,
  stepWords,
  targetText,
  torqueText,
} from '../../messages/job';
import { minutesText } from '../../features/workshop/words';
import { unitAfter } from '../../messages/number-text';
import type { SetupRecord } from '../../records';
import { Table } from '../../ui/panel/Table';
import styles from './JobPaper.module.css';
import { t } from './text';

interface JobPaperProps {
  readonly title: string;
  readonly bikeName: string;
  readonly from: SetupRecord | undefined;
  readonly to: SetupRecord | undefined;
  readonly card: JobCard | undefined;
  readonly steps: readonly JobStep[];
  readonly progress: Progress;
  readonly dueOn?: string | undefined;
  readonly occasion?: string | undefined;
  /** Why the job cannot be worked on yet, or need not be. */
  readonly hold?: string | undefined;
}

/** The card on paper, black on white, with boxes to tick and lines to write on. */
export function JobPaper({ title, bikeName, from, to, card, steps, progress, dueOn, occasion, hold }: JobPaperProps) {
  const units = useUnits();
  return (
    <article className={styles.paper} data-testid="job-paper">
      <h1>{title}</h1>
      <p className={styles.sub}>
        <b>{bikeName}</b>
        {from && to && ` · ${formatShorthand(from)} → ${formatShorthand(to)}`}
        {dueOn && t('jobPaper.onDueOn', { dueOn: isoDayText(dueOn) })}
        {occasion && ` · ${occasion}`}
      </p>
      {hold !== undefined && (
        <p>
          <b>{hold}</b>
        </p>
      )}
      {card && (
        <>
          <p>
            <b>{cardHeadline(card, units)}</b>
          </p>
          <div className={styles.columns}>
            <div>
              <h2>{t('jobPaper.comesOff')}</h2>
              {card.off.map((item) => (
                <p key={`${item.key} ${itemText(item)}`} className={styles.tick}>
                  {itemText(item)} <span>{itemMassText(item, units)}</span>
                </p>
              ))}
            </div>
            <div>
              <h2>{t('jobPaper.goesOn')}</h2>
              {card.on.map((item) => (
                <p key={`${item.key} ${itemText(item)}`} className={styles.tick}>
                  {itemText(item)} <span>{itemMassText(item, units)}</span>
                </p>
              ))}
            </div>
            <div>
              <h2>{t('jobPaper.toBuy')}</h2>
              {card.buy.length === 0 && <p>{t('jobPaper.allInStock')}</p>}
              {card.buy.map((item) => (
                <p key={`${item.key} ${itemText(item)}`} className={styles.tick}>
                  {itemText(item)} <span>{priceText(item, units)}</span>
                </p>
              ))}
            </div>
          </div>
          <p>{[chainText(card), shifterText(card), bScrewText(card), spacerText(card)].filter(Boolean).join(' ')}</p>
          <p>
            <b>{t('jobPaper.tools')}</b> {card.gathered.tools.map((tool) => TOOL_TEXT[tool]).join(', ')}.{' '}
            <b>{t('jobPaper.consumables')}</b> {card.gathered.consumables.map((one) => CONSUMABLE_TEXT[one]).join(', ')}
            .
          </p>
        </>
      )}
      <Table>
        <tbody>
          {steps.map((step) => {
            const { text, caution } = stepWords(step, card);
            const done = progress[step.id];
            return (
              <tr key={step.id}>
                <td className={styles.box} data-done={done?.doneAtMs !== undefined} />
                <td>
                  <b>{stepTitle(step.id, card?.to.setup.chainrings.length ?? 2)}.</b> {text}
                  {caution && <em> {caution}</em>}
                  {step.torques.map((torque) => (
                    <em key={torque.joint}> {torqueText(torque)}.</em>
                  ))}
                </td>
                <td className={styles.reading}>
                  {step.readings.map((reading) => {
                    const value = done?.values?.[reading.id];
                    return (
                      <div key={reading.id}>
                        {step.readings.length > 1 && <small>{readingTitle(reading.id)} </small>}
                        {value === undefined ? <i /> : short(value, 2)}
                        {unitAfter(reading.unit)}
                        {targetText(reading) !== undefined && <small>({targetText(reading)})</small>}
                      </div>
                    );
                  })}
                </td>
                <td className={styles.minutes}>{minutesText(step.minutes)}</td>
              </tr>
            );
          })}
        </tbody>
      </Table>
      <p className={styles.foot}>
        {t('jobPaper.outcome')} <i className={styles.box} /> {t('jobPaper.works')} <i className={styles.box} />{' '}
        {t('jobPaper.worksWithNotes')} <i className={styles.box} /> {t('jobPaper.putBackBecause')}{' '}
        <i className={styles.line} />
      </p>
      <p className={styles.small}>{t('jobPaper.safety')}</p>
    </article>
  );
}
