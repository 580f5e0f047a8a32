import { useMemo } from 'react';
import { frontControlOf } from '../../core/fit';
import { useUnits } from '../../features/workspace/useUnits';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { gearName } from '../../features/explanations/gears';
import { crossoverWords } from '../../features/explanations/shifting';
import { fixed, percentText, short } from '../../ui/format';
import { speedIn, SPEED_UNIT_TEXT } from '../../features/units/speed';
import { laneOf } from '../../features/ladder/request';
import { AxisTitles } from '../../features/ladder/AxisTitles';
import { Ladder } from '../../features/ladder/Ladder';
import { frameAtPreferred, laneRequestOf } from '../../features/ladder/lanes';
import type { LadderPicture } from '../../features/ladder/scene';
import { formatShorthand } from '../../formats/shorthand';
import { speedRows } from './riding-rows';
import type { Gears } from './useGears';
import { Table } from '../../ui/panel/Table';
import styles from './GearCard.module.css';
import { t } from './text';
import { itemAt } from '../../core/items';

const LADDER_HEIGHT = 340;
/** On paper no gear is chosen. */
const NO_GEAR = { place: -1, key: '' };

/** The ladder and the shift path on a card to tape to the bike; black on white. */
export function GearCard({ gears }: { gears: Gears }) {
  const units = useUnits();
  const { workspace, preferences } = useReadyWorkspace();
  const { report, inUse, context } = gears;
  const unit = preferences.speedUnit;
  const { bike, setup, place } = workspace;
  const picture = useMemo((): LadderPicture => {
    const lane = laneRequestOf(place, '', setup, context.riding.rolloutMm, bike, inUse);
    // A card is too narrow for the bar of speeds.
    const lanes = [laneOf({ ...lane, band: undefined })];
    return { ...frameAtPreferred(inUse, preferences.stepReading, units, LADDER_HEIGHT), lanes, selected: NO_GEAR };
  }, [place, setup, context, bike, inUse, preferences, units]);
  const rows = speedRows(report, inUse.brief, inUse.brief.cruisingSpeedKmh, context.riding.cadenceRpm).filter(
    ({ onPath }) => onPath,
  );
  return (
    <article className={styles.card} data-testid="gear-card">
      <h1>
        {workspace.bike.name} <span>{formatShorthand(report.setup)}</span>
      </h1>
      <AxisTitles of={picture} />
      <Ladder picture={picture} />
      <Table>
        <thead>
          <tr>
            <th>{t('gearCard.gear')}</th>
            <th>m</th>
            <th>
              {t('gearCard.speedUnitAtCadenceRpm', {
                speedUnit: SPEED_UNIT_TEXT[unit],
                cadenceRpm: short(context.riding.cadenceRpm, 1),
              })}
            </th>
            <th>{t('gearCard.step')}</th>
          </tr>
        </thead>
        <tbody>
          {rows.map(({ gear, speedAtCadenceKmh }, i) => (
            <tr key={gear.key}>
              <th>{gearName(gear)}</th>
              <td>{fixed(gear.developmentM, 2)}</td>
              <td>{fixed(speedIn(unit, speedAtCadenceKmh), 1)}</td>
              <td>{i === 0 ? '' : percentText(itemAt(report.path.steps, i - 1).speedStep)}</td>
            </tr>
          ))}
        </tbody>
      </Table>
      {report.path.crossovers.map((crossover) => (
        <p key={gearName(crossover.step.to)}>
          {
            crossoverWords(
              crossover,
              report.setup,
              workspace.setup.clicksPerPush,
              frontControlOf(workspace.setup.parts),
            ).easier
          }
          .
        </p>
      ))}
    </article>
  );
}
