'use client';

import { clsx } from 'clsx';
import type { ReactNode } from 'react';
import type { SizedGear } from '../../core/gears';
import { sizedGearText } from '../../features/units/measures';
import { useUnits } from '../../features/workspace/useUnits';
import { explainCheck } from '../../features/explanations/fit';
import {
  explainSize,
  explainDistinct,
  explainOverlap,
  explainRange,
  explainRatio,
  explainSpeed,
  gearName,
} from '../../features/explanations/gears';
import type { Explanation } from '../../features/explanations/explanation';
import { Explained } from '../../features/explain/Explained';
import { fixed, percentText, short } from '../../ui/format';
import { speedText } from '../../features/units/speed';
import { VerdictMark } from '../../features/verdict/VerdictMark';
import { textOf } from '../../messages/core';
import type { Gears } from './useGears';
import styles from './Gears.module.css';
import { t } from './text';
import { firstOf, lastOf, definite } from '../../core/items';

/** The figures that decide, first and large. */
export function KeyFigures({ gears }: { gears: Gears }) {
  const { report, checks, context } = gears;
  const { overlap, distinct, setup } = report;
  const capacity = definite(checks.find(({ id }) => id === 'totalCapacity'));
  return (
    <section className={styles.figures} aria-label={t('keyFigures.keyFigures')}>
      <EndGear end="easiest" name={t('keyFigures.easiestGear')} gear={firstOf(report.gears)} gears={gears} />
      <EndGear end="hardest" name={t('keyFigures.hardestGear')} gear={lastOf(report.gears)} gears={gears} />
      <KeyFigure
        name={t('keyFigures.range')}
        testId="range"
        explain={() => explainRange(report)}
        value={percentText(report.range.quotient)}
      >
        {t('keyFigures.hardestOverEasiest')}
      </KeyFigure>
      <KeyFigure
        name={t('keyFigures.distinctGears')}
        testId="distinct"
        explain={() => explainDistinct(report, context)}
        value={`${distinct.length}`}
      >
        {t('keyFigures.ofCountAtClosenessPercentApart', {
          count: report.gears.length,
          closenessPercent: short(context.riding.closenessPercent, 2),
        })}
      </KeyFigure>
      <KeyFigure
        name={t('keyFigures.ringOverlap')}
        testId="overlap"
        explain={() => explainOverlap(report)}
        value={overlap ? percentText(overlap.share) : t('keyFigures.none')}
      >
        {overlap ? t('keyFigures.totalRange') : t('keyFigures.oneRing')}
      </KeyFigure>
      <div className={clsx(styles.figure, styles.verdictFigure)}>
        <h2>{t('keyFigures.rearDerailleurCapacity')}</h2>
        <Explained className={styles.verdictValue} explain={() => explainCheck(capacity, setup)}>
          <VerdictMark verdict={capacity.verdict} />
        </Explained>
        <p data-testid="capacity">{textOf(capacity.message)}</p>
      </div>
    </section>
  );
}

interface KeyFigureProps {
  readonly name: string;
  readonly testId: string;
  readonly explain: () => Explanation;
  readonly value: string;
  readonly children: ReactNode;
}

function KeyFigure({ name, testId, explain, value, children }: KeyFigureProps) {
  return (
    <div className={styles.figure}>
      <h2>{name}</h2>
      <Explained className={styles.value} explain={explain}>
        <span data-testid={testId}>{value}</span>
      </Explained>
      <p>{children}</p>
    </div>
  );
}

interface EndGearProps {
  readonly end: 'easiest' | 'hardest';
  readonly name: string;
  readonly gear: SizedGear;
  readonly gears: Gears;
}

function EndGear({ end, name, gear, gears }: EndGearProps) {
  const units = useUnits();
  const { context } = gears;
  return (
    <KeyFigure
      name={`${name}, ${gearName(gear)}`}
      testId={end}
      explain={() => explainRatio(gear)}
      value={fixed(gear.ratio, 3)}
    >
      <Explained explain={() => explainSize(gear, context, units)}>{sizedGearText(units, gear)}</Explained>,{' '}
      <Explained explain={() => explainSpeed(gear, context)}>{speedText(context.speedUnit, gear.speedKmh)}</Explained>
    </KeyFigure>
  );
}
