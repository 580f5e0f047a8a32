'use client';

import { Button, Segmented } from 'antd';
import { useEffect, useMemo, useRef, useState } from 'react';
import { PART_MASS_G } from '../../core/shelf';
import { hasSettled, isWholeSteps, type ScaleSample } from '../../core/swap';
import { NumberField } from '../fields/NumberField';
import { allDigits, fixed } from '../format';
import { simulatedScale } from './simulated-scale';
import styles from './Scale.module.css';
import { WORDS } from './text';

/** Steps that bench scales show, g. */
const SCALE_STEPS_G = [0.1, 1, 5] as const;

interface ScalePanelProps {
  /** What the simulated scale has on its pan, g: true weight, which it shows in its own way. */
  readonly trueG: number;
  readonly what: string;
  readonly onReading: (grams: number, resolutionG: number) => void;
}

/** A scale on screen: put on, wait until it rests, take the reading. */
export function ScalePanel({ trueG, what, onReading }: ScalePanelProps) {
  const [resolutionG, setResolutionG] = useState<number>(1);
  const scale = useMemo(() => simulatedScale({ resolutionG }), [resolutionG]);
  const [shown, setShown] = useState(0);
  const [isOn, setIsOn] = useState(false);
  const [settled, setSettled] = useState(false);
  const [ownG, setOwnG] = useState<number>();
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
  const decimals = resolutionG < 1 ? 1 : 0;
  return (
    <div className={styles.scale} data-testid="scale">
      <output className={styles.readout} data-settled={settled} aria-label={WORDS.scalePanel.scaleShows}>
        {fixed(shown, decimals)} <small>g</small>
      </output>
      <p className={styles.state} aria-live="polite">
        {isOn
          ? settled
            ? WORDS.scalePanel.whatRest(what)
            : WORDS.scalePanel.whatSettling(what)
          : WORDS.scalePanel.nothingOnIt}
      </p>
      <div className={styles.buttons}>
        <Button onClick={() => put(!isOn)}>{isOn ? WORDS.scalePanel.takeOff : WORDS.scalePanel.putOn}</Button>
        <Button onClick={() => scale.tare()} disabled={isOn}>
          {WORDS.scalePanel.zero}
        </Button>
        <Button type="primary" disabled={!isOn || !settled} onClick={() => onReading(shown, resolutionG)}>
          {WORDS.scalePanel.takeTheReading}
        </Button>
      </div>
      <Segmented<number>
        size="small"
        aria-label={WORDS.scalePanel.resolutionOfTheScale}
        value={resolutionG}
        options={SCALE_STEPS_G.map((value) => ({ value, label: `${allDigits(value)} g` }))}
        onChange={(next) => {
          setIsOn(false);
          setResolutionG(next);
        }}
      />
      <p className={styles.state}>{WORDS.scalePanel.simulatedScaleItRestsRounds}</p>
      <div className={styles.own}>
        <NumberField
          id="own-scale"
          label={WORDS.scalePanel.orWhatYourOwnScale}
          term={WORDS.scalePanel.weight}
          unit="g"
          bounds={PART_MASS_G}
          optional
          owner={what}
          width={150}
          value={ownG}
          check={(value) =>
            value === undefined || isWholeSteps(value, resolutionG)
              ? undefined
              : WORDS.scalePanel.valueGIsNoMultiple(allDigits(value), allDigits(resolutionG))
          }
          onCommit={setOwnG}
        />
        <Button disabled={ownG === undefined} onClick={() => onReading(ownG!, resolutionG)}>
          {WORDS.scalePanel.takeThat}
        </Button>
      </div>
    </div>
  );
}
