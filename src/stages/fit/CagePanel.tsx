'use client';

import { Button } from 'antd';
import dynamic from 'next/dynamic';
import { leaveOut, toggledPlace, type GearPlace } from '../../core/fit';
import { pairsAt } from '../../core/job';
import { pairsText } from '../../messages/job';
import { combinationOf, leftOutOf } from '../../records';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { withOptional } from '../../kit/fields/with-optional';
import { fixed } from '../../kit/format';
import { GearTable } from './GearTable';
import type { Fit, GearCell } from './useFit';
import { Note, Panel, PanelHead } from '../../kit/sheet/Panel';
import styles from './Fit.module.css';
import { WORDS } from './words/text';

const CageChart = dynamic(() => import('./CageChart').then((module) => module.CageChart), {
  ssr: false,
  loading: () => <div className={styles.chartWait} />,
});

const STATE_SIGN: Readonly<Record<GearCell['pose']['state'], string>> = {
  ok: '',
  slack: '▼ ',
  tooShort: '✕ ',
  impossible: '? ',
};

/** The cage's angle in every gear; each gear can be left out, and the wrap that is needed follows. */
export function CagePanel({ fit }: { fit: Fit }) {
  const { bench, edits } = useReadyBench();
  const { fromLink } = bench;
  const { report, cells, requiredT, requiredWholeT, leftOutElsewhere } = fit;
  const { geometry, cage } = report;
  const avoid = (avoided: readonly GearPlace[]) =>
    edits.editSetup(WORDS.cagePanel.gearsAllowed, (record) =>
      withOptional(record, 'leftOut', leaveOut(avoided, combinationOf(record))),
    );
  if (!geometry) {
    const left = pairsAt(bench.setup, leftOutOf(bench.setup));
    if (left.length === 0) return null;
    // Without a cage length there is no table of angles, but what is left out must be seen, and undone.
    return (
      <Panel aria-label={WORDS.cagePanel.cageAngle}>
        <Note data-testid="wrap">
          {WORDS.cagePanel.leftOutGears(pairsText(left))}{' '}
          <Button size="small" disabled={fromLink} onClick={() => avoid([])}>
            {WORDS.cagePanel.allowAll}
          </Button>
        </Note>
      </Panel>
    );
  }
  const out = cells.flat().filter(({ allowed }) => !allowed);
  const slack = cells.flat().filter(({ pose, allowed, isBigBig }) => pose.state === 'slack' && allowed && !isBigBig);
  const placeOf = ({ ringPlace, cogPlace }: GearCell): GearPlace => ({ ring: ringPlace, cog: cogPlace });
  // By what is kept, not by what is shown: a second click may come before the first is drawn.
  const toggle = (cell: GearCell) =>
    edits.editSetup(WORDS.cagePanel.gearsAllowed, (record) =>
      withOptional(record, 'leftOut', leaveOut(toggledPlace(placeOf(cell), leftOutOf(record)), combinationOf(record))),
    );
  return (
    <Panel aria-label={WORDS.cagePanel.cageAngle}>
      <PanelHead>
        <h2>{WORDS.cagePanel.gearsYouAllowWithThe}</h2>
        {slack.length > 0 && (
          <Button size="small" disabled={fromLink} onClick={() => avoid([...out, ...slack].map(placeOf))}>
            {WORDS.cagePanel.leaveOutWhatHangsSlack}
          </Button>
        )}
        {out.length > 0 && (
          <Button size="small" disabled={fromLink} onClick={() => avoid([])}>
            {WORDS.cagePanel.allowAll}
          </Button>
        )}
      </PanelHead>
      <GearTable
        rows={cells}
        corner="cog"
        className={styles.allowed}
        testId="allowed"
        cell={(cell) => (
          <td key={cell.cog}>
            <button
              type="button"
              role="checkbox"
              aria-checked={cell.allowed}
              aria-label={WORDS.cagePanel.chainringCogIsUsed(cell.chainring, cell.cog)}
              disabled={cell.isBigBig || fromLink}
              title={
                cell.isBigBig
                  ? WORDS.cagePanel.bigCannotBeLeftOut
                  : cell.allowed
                    ? WORDS.cagePanel.leaveItOut
                    : WORDS.cagePanel.allowIt
              }
              data-state={cell.pose.state}
              onClick={() => toggle(cell)}
            >
              {STATE_SIGN[cell.pose.state]}
              {cell.pose.angleDeg === undefined ? '–' : `${fixed(cell.pose.angleDeg, 0)}°`}
            </button>
          </td>
        )}
      />
      <Note data-testid="wrap">
        {WORDS.cagePanel.valueBigStaysAMis(
          requiredT === requiredWholeT
            ? WORDS.cagePanel.theCageMustTakeUp(requiredWholeT)
            : WORDS.cagePanel.theCageMustTakeUpRequiredT(requiredT, requiredWholeT, out.length),
        )}
      </Note>
      {leftOutElsewhere > 0 && (
        <Note data-testid="left-out-elsewhere">{WORDS.cagePanel.leftOutElsewhere(leftOutElsewhere)}</Note>
      )}
      <CageChart cage={cage} geometry={geometry} place={bench.place} name={bench.bike.name} />
    </Panel>
  );
}
