'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import { LESS_MOTION, useMedia } from '../../../ui/theme/useMedia';

/** A turn of the crank takes so long, ms: slower than riding, for the valve is to be counted. */
const TURN_MS = 2600;
const SLOW_TURN_MS = 9000;
/** What one press of the step key turns. */
const STEP_TURNS = 1 / 8;
/** After so many the strip of ground is full. */
const TURNS_MAX = 12;

export interface Turning {
  /** Since the start, when crank and valve pointed straight down. */
  readonly crankTurns: number;
  readonly isTurning: boolean;
  readonly isSlow: boolean;
  readonly isFull: boolean;
  /** Whether it is animated; with reduced motion it jumps to its end. */
  readonly isStill: boolean;
  readonly setSlow: (slow: boolean) => void;
  readonly turn: () => void;
  readonly step: () => void;
  readonly stop: () => void;
  /** Turned by dragging; backwards it freewheels. */
  readonly push: (turns: number) => void;
  readonly toStart: () => void;
}

/** The crank of a drive, turned by a turn, a step, or dragging. */
export function useTurning(): Turning {
  const isStill = useMedia(LESS_MOTION);
  const [crankTurns, setCrankTurns] = useState(0);
  const [target, setTarget] = useState(0);
  const [isSlow, setSlow] = useState(false);
  const at = useRef(0);

  const put = useCallback((turns: number) => {
    at.current = turns;
    setCrankTurns(turns);
  }, []);
  useEffect(() => {
    if (target <= at.current) return;
    let last: number | undefined;
    let frame = requestAnimationFrame(function move(now) {
      const moved = isStill ? Infinity : (now - (last ?? now)) / (isSlow ? SLOW_TURN_MS : TURN_MS);
      last = now;
      put(Math.min(target, at.current + moved));
      if (at.current < target) frame = requestAnimationFrame(move);
    });
    return () => cancelAnimationFrame(frame);
  }, [target, isSlow, isStill, put]);

  const aim = (turns: number) => setTarget((now) => Math.min(TURNS_MAX, Math.max(now, at.current) + turns));
  return {
    crankTurns,
    isTurning: crankTurns < target,
    isSlow,
    isFull: target >= TURNS_MAX,
    isStill,
    setSlow,
    turn: () => aim(1),
    step: () => aim(STEP_TURNS),
    stop: () => setTarget(at.current),
    push: (turns) => {
      if (turns <= 0) return;
      const next = Math.min(TURNS_MAX, at.current + turns);
      put(next);
      setTarget(next);
    },
    toStart: () => {
      put(0);
      setTarget(0);
    },
  };
}
