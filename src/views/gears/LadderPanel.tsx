'use client';

import { useCallback, useMemo, useRef } from 'react';
import { lowestTerms, type SizedGear, type StepReading } from '../../core/gears';
import { useUnits } from '../../features/workspace/useUnits';
import { type Units } from '../../features/units/measures';
import { useReadyWorkspace, useUnreadable, type Workspace } from '../../features/workspace/WorkspaceProvider';
import type { BriefInUse } from '../../features/workspace/brief-in-use';
import {
  explainDevelopment,
  explainGainRatio,
  explainGearInches,
  explainRatio,
  explainSpeed,
  gearName,
  READING_TEXT,
} from '../../features/explanations/gears';
import { Explained } from '../../features/explain/Explained';
import { SavePicture } from '../../ui/picture/SavePicture';
import { svgPicture } from '../../ui/picture/svg';
import { fixed, short } from '../../ui/format';
import { speedText, SPEED_UNIT_TEXT } from '../../features/units/speed';
import type { LadderRequest, LadderFrame } from '../../features/ladder/request';
import { Ladder } from '../../features/ladder/Ladder';
import { ladderNeeds } from '../../features/ladder/needs';
import type { PlacedGear } from '../../features/ladder/layout';
import type { LadderPicture } from '../../features/ladder/scene';
import type { Preferences } from '../../records';
import { gearOrFirst, quantityChoice, quantityView } from './quantity';
import { laneRequest, type Gears } from './useGears';
import { Panel } from '../../ui/panel/Panel';
import styles from './Gears.module.css';
import { t } from './text';
import { definite } from '../../core/items';

const LADDER_HEIGHT = 470;

interface LadderPanelProps {
  readonly gears: Gears;
  readonly selectedKey: string | undefined;
  readonly onSelect: (gear: SizedGear) => void;
}

/** The ladder with its legend, and the chosen gear read out in full. */
export function LadderPanel({ gears, selectedKey, onSelect }: LadderPanelProps) {
  const { workspace, preferences } = useReadyWorkspace();
  const drawing = useRef<SVGSVGElement>(null);
  const unreadable = useUnreadable();
  const { report, coverage, context, inUse } = gears;
  const selected = gearOrFirst(report.gears, selectedKey);
  const { place } = workspace;
  const askedOf = useCallback(
    (typed: Workspace): LadderRequest => ({ lanes: [laneRequest(typed, inUse)], chosen: { place, key: selectedKey } }),
    [inUse, place, selectedKey],
  );
  const { cadenceRpm } = context.riding;
  const units = useUnits();
  const picture = useMemo((): LadderPicture => {
    const lanes = [{ place, title: '', report, coverage, cadenceRpm }];
    const frame = ladderFrame(selected, cadenceRpm, inUse, preferences, units);
    return { ...frame, lanes, selected: { place, key: selected.key } };
  }, [place, report, coverage, cadenceRpm, selected, inUse, preferences, units]);
  const select = useCallback(({ gear }: PlacedGear) => onSelect(gear), [onSelect]);
  return (
    <Panel aria-label={t('ladderPanel.ladder')}>
      <div className={styles.ladderHead}>
        <b>{picture.left.title}</b>
        <b className={styles.rightTitle}>{picture.right.title}</b>
        <SavePicture
          name={t('ladderPanel.nameLadder', { name: workspace.bike.name })}
          picture={() => svgPicture(drawing.current)}
        />
      </div>
      <Ladder picture={picture} askedOf={askedOf} lastReadable={unreadable} onSelect={select} drawingRef={drawing} />
      <Readout gears={gears} gear={selected} />
      <Legend
        reading={preferences.stepReading}
        hasTwoRings={report.setup.chainrings.length > 1}
        hasBand={coverage !== undefined}
      />
    </Panel>
  );
}

/** The axes of the ladder, by any gear of it. */
function ladderFrame(
  gear: SizedGear,
  cadenceRpm: number,
  inUse: BriefInUse,
  preferences: Preferences,
  units: Units,
): LadderFrame {
  const { speedUnit, stepReading } = preferences;
  const speed = quantityView(speedUnit === 'mph' ? 'speedMph' : 'speedKmh');
  const view = quantityView(quantityChoice(preferences));
  // Both axes must differ; and an axis needs a figure for a metre, which gain ratio lacks without a crank.
  const shown = view.id === speed.id || view.perMetre(gear) === undefined ? quantityView('development') : view;
  const upperTitle = t('ladderPanel.speedAtRpmSpeedUnit', {
    rpm: short(cadenceRpm, 1),
    speedUnit: SPEED_UNIT_TEXT[speedUnit],
  });
  return {
    height: LADDER_HEIGHT,
    needs: ladderNeeds(inUse),
    left: { title: upperTitle, perMetre: definite(speed.perMetre(gear)) },
    right: { title: shown.title, perMetre: definite(shown.perMetre(gear)) },
    reading: stepReading,
    units,
  };
}

interface LegendProps {
  readonly reading: StepReading;
  readonly hasTwoRings: boolean;
  readonly hasBand: boolean;
}

/** What the drawing shows; it depends on no tooth. */
function Legend({ reading, hasTwoRings, hasBand }: LegendProps) {
  return (
    <p className={styles.legend}>
      {t('ladderPanel.besideTheRungs', { reading: READING_TEXT[reading], value: reading === 'logStep' ? '' : ', %' })}
      {hasTwoRings && (
        <>
          {' '}
          <i className={styles.legendHollow} /> {t('ladderPanel.offTheSequence')} <b>=</b>{' '}
          {t('ladderPanel.exactDuplicates')} <b>≈</b> {t('ladderPanel.nearDuplicates')}
        </>
      )}
      {hasBand && (
        <>
          {' '}
          <i className={styles.legendGap} /> {t('ladderPanel.noGearInYourBand')}
        </>
      )}
    </p>
  );
}

function Readout({ gears, gear }: { gears: Gears; gear: SizedGear }) {
  const { context } = gears;
  const [ring, cog] = lowestTerms(gear);
  const reduced = ring === gear.chainring ? '' : ` = ${ring}:${cog}`;
  return (
    <p className={styles.readout} data-testid="readout">
      <b>
        {gearName(gear)}
        {reduced}
      </b>
      <Explained explain={() => explainRatio(gear)}>
        {t('ladderPanel.ratio', { ratio: fixed(gear.ratio, 3) })}
      </Explained>
      <Explained explain={() => explainGearInches(gear, 'ownWheel', context)}>
        {t('ladderPanel.gearInchesOwnWheelIn', { gearInchesOwnWheel: fixed(gear.gearInchesOwnWheel, 1) })}
      </Explained>
      <Explained explain={() => explainDevelopment(gear, context)}>{fixed(gear.developmentM, 3)} m</Explained>
      {gear.gainRatio !== undefined && (
        <Explained explain={() => explainGainRatio(gear, context)}>
          {t('ladderPanel.gainGainRatio', { gainRatio: fixed(gear.gainRatio, 2) })}
        </Explained>
      )}
      <Explained explain={() => explainSpeed(gear, context)}>
        {t('ladderPanel.speedKmhAtCadenceRpm', {
          speedKmh: speedText(context.speedUnit, gear.speedKmh),
          cadenceRpm: short(context.riding.cadenceRpm, 1),
        })}
      </Explained>
      {gear.duplicate && <span>{t('ladderPanel.duplicate', { gearName: gearName(gear.duplicate) })}</span>}
      {gear.near && <span>{t('ladderPanel.nearDuplicate', { gearName: gearName(gear.near) })}</span>}
      {gear.crossChained && <span>{t('ladderPanel.crossChained')}</span>}
    </p>
  );
}
