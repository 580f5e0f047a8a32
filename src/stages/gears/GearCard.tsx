import { useReadyBench } from '../../kit/bench/BenchProvider';
import { gearName } from '../../kit/explain/gears';
import { crossoverWords } from '../../kit/explain/shifting';
import { fixed, percentText, short, speedIn, SPEED_UNIT_TEXT } from '../../kit/format';
import { formatShorthand } from '../../formats/shorthand';
import { speedRows } from './riding-rows';
import type { Gears } from './useGears';
import styles from './GearCard.module.css';
import { WORDS } from './words/text';

/** The shift path on a card to tape to the bike; black on white. */
export function GearCard({ gears }: { gears: Gears }) {
  const { bench, preferences } = useReadyBench();
  const { report, inUse, context } = gears;
  const unit = preferences.speedUnit;
  const rows = speedRows(report, inUse.brief, inUse.brief.cruisingSpeedKmh, context.riding.cadenceRpm).filter(
    ({ onPath }) => onPath,
  );
  return (
    <article className={styles.card} data-testid="gear-card">
      <h1>
        {bench.bike.name} <span>{formatShorthand(report.setup)}</span>
      </h1>
      <table>
        <thead>
          <tr>
            <th>{WORDS.gearCard.gear}</th>
            <th>m</th>
            <th>{WORDS.gearCard.speedUnitAtCadenceRpm(SPEED_UNIT_TEXT[unit], short(context.riding.cadenceRpm, 1))}</th>
            <th>{WORDS.gearCard.step}</th>
          </tr>
        </thead>
        <tbody>
          {rows.map(({ gear, speedAtCadenceKmh }, i) => (
            <tr key={gear.key}>
              <th>{gearName(gear)}</th>
              <td>{fixed(gear.developmentM, 2)}</td>
              <td>{fixed(speedIn(unit, speedAtCadenceKmh), 1)}</td>
              <td>{i === 0 ? '' : percentText(report.path.steps[i - 1]!.speedStep)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {report.path.crossovers.map((crossover) => (
        <p key={gearName(crossover.step.to)}>
          {crossoverWords(crossover, report.setup, bench.setup.clicksPerPush).easier}.
        </p>
      ))}
    </article>
  );
}
