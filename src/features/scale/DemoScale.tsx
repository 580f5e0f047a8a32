'use client';

import { Button } from 'antd';
import { useEffect, useMemo, useRef, useState } from 'react';
import { hasSettled, type ScaleSample } from '../../core/job';
import { fixed } from '../../ui/format';
import { simulatedScale } from './simulated-scale';
import styles from './Scale.module.css';
import { t } from './text';

interface DemoScaleProps {
  readonly trueG: number;
  readonly what: string;
  readonly resolutionG: number;
  readonly onReading: (grams: number, resolutionG: number) => void;
}

/** A simulated scale, marked as a demo: put on, wait until it rests, take the reading. */
export function DemoScale({ trueG, what, resolutionG, onReading }: DemoScaleProps) {
  const scale = useMemo(() => simulatedScale({ resolutionG }), [resolutionG]);
  const [shown, setShown] = useState(0);
  const [isOn, setIsOn] = useState(false);
  const [settled, setSettled] = useState(false);
  const samples = useRef<ScaleSample[]>([]);
  useEffect(() => {
    samples.current = [];
    return scale.watch((grams) => {
      const list = samples.current;
      list.push({ atMs: performance.now(), grams });
      if (list.length > 40) list.shift();
      setShown(grams);
      setSettled(hasSettled(list, resolutionG));
    });
  }, [scale, resolutionG]);
  const put = (on: boolean) => {
    samples.current = [];
    setSettled(false);
    setIsOn(on);
    scale.load(on ? trueG : 0);
  };
  return (
    <div className={styles.demo} data-testid="demo-scale">
      <p className={styles.state}>
        <b>{t('demoScale.demo')}</b> {t('demoScale.simulated')}
      </p>
      <output className={styles.readout} data-settled={settled} aria-label={t('demoScale.shows')}>
        {fixed(shown, resolutionG < 1 ? 1 : 0)} <small>g</small>
      </output>
      <p className={styles.state} aria-live="polite">
        {isOn ? (settled ? t('demoScale.atRest', { what }) : t('demoScale.settling', { what })) : t('demoScale.empty')}
      </p>
      <div className={styles.buttons}>
        <Button onClick={() => put(!isOn)}>{isOn ? t('demoScale.takeOff') : t('demoScale.putOn')}</Button>
        <Button onClick={() => scale.tare()} disabled={isOn}>
          {t('demoScale.zero')}
        </Button>
        <Button disabled={!isOn || !settled} onClick={() => onReading(shown, resolutionG)}>
          {t('demoScale.takeTheReading')}
        </Button>
      </div>
    </div>
  );
}
