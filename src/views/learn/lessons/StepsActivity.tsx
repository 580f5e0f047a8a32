'use client';

import { useMemo, useState } from 'react';
import { gearsOf, largestStep, stepsAlong } from '../../../core/gears';
import { lessonSetup } from '../../../core/lesson';
import { percentText } from '../../../ui/format';
import { signedTeeth } from '../../../features/units/measures';
import type { ActivityProps } from './Activity';
import { useDone } from './useDone';
import styles from './Lessons.module.css';

/** Neighbours on the big ring: their teeth are seen at once, their percent when they are chosen. */
export function StepsActivity({ bike, onDone }: ActivityProps) {
  const steps = useMemo(() => {
    const setup = lessonSetup.steps(bike.lesson);
    return stepsAlong(gearsOf(setup).filter(({ chainring }) => chainring === setup.chainrings[0]));
  }, [bike]);
  const [seen, setSeen] = useState<ReadonlySet<number>>(new Set());
  const largest = largestStep(steps);
  useDone(seen.has(steps.indexOf(largest)), onDone);
  return (
    <ol className={styles.steps}>
      {steps.map((step, i) => (
        <li key={step.to.cog}>
          <button type="button" aria-pressed={seen.has(i)} onClick={() => setSeen((now) => new Set(now).add(i))}>
            {step.from.cog} → {step.to.cog}
            <small>{signedTeeth(step.cogJumpT)}</small>
          </button>
          {seen.has(i) && (
            <span role="status">
              <i style={{ width: `${(60 * step.speedStep) / largest.speedStep}%` }} />
              {percentText(step.speedStep)}
            </span>
          )}
        </li>
      ))}
    </ol>
  );
}
