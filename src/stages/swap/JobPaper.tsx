import { STEP_TITLES, type JobCard, type JobStep, type Progress } from '../../core/swap';
import { formatShorthand } from '../../formats/shorthand';
import { short } from '../../kit/format';
import { bScrewText, cardHeadline, chainText, itemMassText, priceText, spacerText } from '../../kit/shop/card-words';
import { minutesText } from '../../kit/shop/words';
import type { SetupRecord } from '../../records';
import styles from './JobPaper.module.css';
import { WORDS } from './words/text';

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
}

/** The card on paper, black on white, with boxes to tick and lines to write on. */
export function JobPaper({ title, bikeName, from, to, card, steps, progress, dueOn, occasion }: JobPaperProps) {
  return (
    <article className={styles.paper} data-testid="job-paper">
      <h1>{title}</h1>
      <p className={styles.sub}>
        <b>{bikeName}</b>
        {from && to && ` · ${formatShorthand(from)} → ${formatShorthand(to)}`}
        {dueOn && WORDS.jobPaper.onDueOn(dueOn)}
        {occasion && ` · ${occasion}`}
      </p>
      {card && (
        <>
          <p>
            <b>{cardHeadline(card)}</b>
          </p>
          <div className={styles.columns}>
            <div>
              <h2>{WORDS.jobPaper.comesOff}</h2>
              {card.off.map((item) => (
                <p key={`${item.key} ${item.name}`} className={styles.tick}>
                  {item.name} <span>{itemMassText(item)}</span>
                </p>
              ))}
            </div>
            <div>
              <h2>{WORDS.jobPaper.goesOn}</h2>
              {card.on.map((item) => (
                <p key={`${item.key} ${item.name}`} className={styles.tick}>
                  {item.name} <span>{itemMassText(item)}</span>
                </p>
              ))}
            </div>
            <div>
              <h2>{WORDS.jobPaper.toBuy}</h2>
              {card.buy.length === 0 && <p>{WORDS.jobPaper.allAtHand}</p>}
              {card.buy.map((item) => (
                <p key={`${item.key} ${item.name}`} className={styles.tick}>
                  {item.name} <span>{priceText(item)}</span>
                </p>
              ))}
            </div>
          </div>
          <p>{[chainText(card), bScrewText(card), spacerText(card)].filter(Boolean).join(' ')}</p>
          <p>
            <b>{WORDS.jobPaper.tools}</b> {card.gathered.tools.join(', ')}. <b>{WORDS.jobPaper.usedUp}</b>{' '}
            {card.gathered.consumables.join(', ')}.
          </p>
          {card.passed.map(({ id, extraCheck }) => (
            <p key={id} className={styles.extra}>
              <b>{WORDS.jobPaper.extraCheck}</b> {extraCheck}.
            </p>
          ))}
        </>
      )}
      <table>
        <tbody>
          {steps.map(({ id, text, caution, reading, minutes }) => (
            <tr key={id}>
              <td className={styles.box} data-done={progress[id]?.doneAtMs !== undefined} />
              <td>
                <b>{STEP_TITLES[id]}.</b> {text}
                {caution && <em> {caution}</em>}
              </td>
              <td className={styles.reading}>
                {reading && (
                  <>
                    {progress[id]?.value === undefined ? <i /> : short(progress[id].value, 2)} {reading.unit}
                    {reading.expected !== undefined && <small>({short(reading.expected, 2)})</small>}
                  </>
                )}
              </td>
              <td className={styles.minutes}>{minutesText(minutes)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className={styles.foot}>
        {WORDS.jobPaper.outcome} <i className={styles.box} /> {WORDS.jobPaper.works} <i className={styles.box} />{' '}
        {WORDS.jobPaper.worksWithNotes} <i className={styles.box} /> {WORDS.jobPaper.revertedBecause}{' '}
        <i className={styles.line} />
      </p>
      <p className={styles.small}>{WORDS.jobPaper.thePartMakersSheetAnd}</p>
    </article>
  );
}
