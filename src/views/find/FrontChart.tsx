'use client';

import type { ChartData, ChartOptions } from 'chart.js';
import { Select } from 'antd';
import { useMemo, useState } from 'react';
import { partingAims, type FindAim, type Found } from '../../core/find';
import { percent } from '../../core/units';
import { useUnits } from '../../features/workspace/useUnits';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { ChartFrame } from '../../ui/chart/ChartFrame';
import { chartAxis } from '../../features/charts/setup-chart';
import { gearSizeIn, gearSizeUnit, shownIn, unitText, type Units } from '../../features/units/measures';
import { usePalette } from '../../features/theme/ThemeProvider';
import { AIM_NAME, aimPhrase } from '../../features/search/aim-words';
import { setupName } from '../../features/search/part-words';
import styles from './Find.module.css';
import { t } from './text';
import { firstOf, itemAt, definite } from '../../core/items';

interface FrontChartProps {
  readonly front: readonly Found[];
  readonly places: readonly number[];
  readonly present: Found;
  readonly aims: readonly FindAim[];
  readonly chosen: string | undefined;
  readonly onChoose: (name: string | undefined) => void;
}

/** What an axis is marked in. */
function axisText(aim: FindAim, units: Units): string {
  switch (aim) {
    case 'stepsOver':
    case 'largestStep':
    case 'meanStep':
    case 'gaps':
    case 'usualGears':
      return `${AIM_NAME[aim]}, %`;
    case 'mass':
      return t('frontChart.weightAgainstA', { unit: unitText('partMass', units) });
    case 'outOfBand':
      return t('frontChart.timeOutsideCadenceRange');
    case 'easiest':
      return t('frontChart.easiestGear', { unit: gearSizeUnit(units) });
    case 'topSpeed':
      return t('frontChart.topSpeed', { unit: unitText('speed', units) });
    case 'capacity':
      return t('frontChart.capacityNeededT');
    default:
      return AIM_NAME[aim];
  }
}

/** A value in the unit and direction of its axis. */
function drawn(aim: FindAim, value: number, units: Units): number {
  switch (aim) {
    case 'stepsOver':
    case 'largestStep':
    case 'meanStep':
    case 'gaps':
    case 'usualGears':
      return percent(value);
    case 'outOfBand':
      return value / 60;
    case 'topSpeed':
      return shownIn('speed', units, -value);
    case 'mass':
      return shownIn('partMass', units, value);
    case 'easiest':
      return gearSizeIn(units, value);
    default:
      return value;
  }
}

/** The front by two of its aims: one ring round, two rings square, the setup fitted now by its letter’s mark. */
export function FrontChart({ front, places, present, aims, chosen, onChoose }: FrontChartProps) {
  const { workspace } = useReadyWorkspace();
  const palette = usePalette();
  const units = useUnits();
  const [axes, setAxes] = useState<readonly [FindAim | undefined, FindAim | undefined]>([undefined, undefined]);
  const parting = useMemo(() => partingAims(front, aims), [front, aims]);
  if (aims.length < 2) return null;
  const x = axes[0] !== undefined && aims.includes(axes[0]) ? axes[0] : firstOf(parting);
  const y =
    axes[1] !== undefined && aims.includes(axes[1]) && axes[1] !== x
      ? axes[1]
      : definite(parting.find((aim) => aim !== x));
  const pointOf = (found: Found) => ({
    x: drawn(x, itemAt(found.values, aims.indexOf(x)), units),
    y: drawn(y, itemAt(found.values, aims.indexOf(y)), units),
    found,
  });
  const shown = places.map((place) => itemAt(front, place));
  const of = (rings: number) => shown.filter(({ chainrings }) => chainrings.length === rings).map(pointOf);
  // The first is drawn on top.
  const groups = [
    {
      label: t('frontChart.bike'),
      points: [pointOf(present)],
      style: 'crossRot' as const,
      fill: palette.setupA,
    },
    { label: t('frontChart.oneRing'), points: of(1), style: 'circle' as const, fill: palette.markWash },
    { label: t('frontChart.twoRings'), points: of(2), style: 'rect' as const, fill: palette.mark },
  ].filter(({ points }) => points.length > 0);
  const isChosen = (found: Found) => setupName(found) === chosen;
  const data: ChartData<'line'> = {
    datasets: groups.map(({ label, points, style, fill }) => ({
      label,
      data: points,
      showLine: false,
      pointStyle: style,
      pointRadius: points.map(({ found }) => (isChosen(found) ? 9 : style === 'crossRot' ? 7 : 5)),
      pointHoverRadius: 8,
      borderColor: style === 'crossRot' ? palette.setupA : palette.mark,
      backgroundColor: fill,
      borderWidth: style === 'crossRot' ? 3 : 1.5,
    })),
  };
  const options: ChartOptions<'line'> = {
    animation: false,
    maintainAspectRatio: false,
    interaction: { mode: 'nearest', intersect: true },
    layout: { padding: { top: 8, right: 12 } },
    scales: {
      x: { ...chartAxis(palette, axisText(x, units)), type: 'linear', grace: '6%' },
      y: { ...chartAxis(palette, axisText(y, units)), type: 'linear', grace: '8%' },
    },
    onClick: (_, [element]) => {
      const group = element && groups[element.datasetIndex];
      const found = group && group.style !== 'crossRot' ? group.points[element.index]?.found : undefined;
      onChoose(found && setupName(found));
    },
    plugins: {
      tooltip: {
        callbacks: {
          title: () => '',
          label: ({ datasetIndex, dataIndex }) => {
            const { found } = itemAt(itemAt(groups, datasetIndex).points, dataIndex);
            return [setupName(found), ...aims.map((aim, a) => aimPhrase(aim, itemAt(found.values, a), units))];
          },
        },
      },
    },
  };
  const axis = (which: 0 | 1, value: FindAim, label: string) => (
    <label className={styles.axis}>
      {label}
      <Select<FindAim>
        size="small"
        value={value}
        aria-label={t('frontChart.axis', { label })}
        popupMatchSelectWidth={false}
        options={aims.map((aim) => ({ value: aim, label: AIM_NAME[aim], disabled: aim === (which === 0 ? y : x) }))}
        onChange={(aim) => setAxes(which === 0 ? [aim, y] : [x, aim])}
      />
    </label>
  );
  return (
    <div className={styles.chart}>
      <div className={styles.axes}>
        {axis(0, x, t('frontChart.across'))}
        {axis(1, y, t('frontChart.up'))}
        <span className={styles.legend}>
          <i data-shape="round" /> {t('frontChart.oneRing')} <i data-shape="square" /> {t('frontChart.twoRings')}{' '}
          <i data-shape="cross" /> {t('frontChart.aNow')}
        </span>
      </div>
      <ChartFrame
        hasOwnTable
        title=""
        name={t('frontChart.nameSearch', { name: workspace.bike.name })}
        data={data}
        options={options}
        height={240}
        summary={t('frontChart.countSetupsByAimNameAnd', {
          count: shown.length,
          aimName: AIM_NAME[x],
          aimName2: AIM_NAME[y],
        })}
      />
    </div>
  );
}
