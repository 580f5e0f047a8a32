'use client';

import { useCallback, useMemo, type ReactNode, type Ref } from 'react';
import { useUnits } from '../../features/workspace/useUnits';
import { useReadyWorkspace, useUnreadable, type Workspace } from '../../features/workspace/WorkspaceProvider';
import { READING_TEXT } from '../../features/explanations/gears';
import { pictureOf, type LadderRequest } from '../../features/ladder/request';
import { Ladder } from '../../features/ladder/Ladder';
import { frameAtPreferred, laneRequests } from '../../features/ladder/lanes';
import { ladderNumbers } from '../../features/ladder/ladder-numbers';
import type { PlacedGear } from '../../features/ladder/layout';
import { Numbers } from '../../ui/numbers/Numbers';
import type { Comparison } from './useCompare';
import styles from './Compare.module.css';
import { t } from './text';

const LADDER_HEIGHT = 560;
/** On paper, so that it and the figures of four setups are one page. */
export const LADDER_HEIGHT_ON_PAPER = 450;

interface CompareLadderProps {
  readonly comparison: Comparison;
  readonly selected: { readonly place: number; readonly key: string };
  readonly onSelect: (selected: PlacedGear) => void;
  readonly drawingRef?: Ref<SVGSVGElement>;
  readonly tools?: ReactNode;
  readonly height?: number;
}

/** A lane for each setup on one axis of speed and development. */
export function CompareLadder({
  comparison,
  selected,
  onSelect,
  drawingRef,
  tools,
  height = LADDER_HEIGHT,
}: CompareLadderProps) {
  const units = useUnits();
  const { workspace, preferences } = useReadyWorkspace();
  const { speedUnit, stepReading } = preferences;
  const unreadable = useUnreadable();
  const { inUse } = comparison;
  const askedOf = useCallback(
    (typed: Workspace): LadderRequest => ({ lanes: laneRequests(typed, inUse), chosen: selected }),
    [inUse, selected],
  );
  const picture = useMemo(
    () => pictureOf(askedOf(workspace), frameAtPreferred(inUse, stepReading, units, height)),
    [askedOf, workspace, inUse, stepReading, units, height],
  );
  return (
    <>
      <div className={styles.ladderHead}>
        <b>{picture.left.title}</b>
        <span className={styles.legend}>
          {t('compareLadder.betweenRungsReadingValueBars', {
            reading: READING_TEXT[stepReading],
            value: stepReading === 'logStep' ? '' : ', %',
          })}{' '}
          {tools}
        </span>
      </div>
      <div className={picture.lanes.length > 1 ? styles.inset : undefined}>
        <Ladder
          picture={picture}
          askedOf={askedOf}
          lastReadable={unreadable}
          onSelect={onSelect}
          {...(drawingRef ? { drawingRef } : {})}
        />
      </div>
      <p className={styles.axisTitle}>{picture.right.title}</p>
      <Numbers of={t('compareLadder.gearLadder')} table={() => ladderNumbers(picture.lanes, stepReading, speedUnit)} />
    </>
  );
}
