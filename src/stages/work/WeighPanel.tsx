'use client';

import { Button } from 'antd';
import { useState } from 'react';
import type { CardItem, JobCard, PartWeighing } from '../../core/swap';
import { useBench } from '../../kit/bench/BenchProvider';
import { editParts } from '../../store';
import { massChangeText } from '../../kit/shop/words';
import { ScalePanel } from '../../kit/scale/ScalePanel';
import { short } from '../../kit/format';
import { togetherG, weighingSummary } from './weigh-summary';
import type { Work } from './useWork';
import styles from './Work.module.css';
import { WORDS } from './words/text';

/** What a part of a middle sort weighs, for the simulated scale to show where nothing else is known, g. */
const UNKNOWN_G = 200;

interface Pan {
  readonly what: string;
  readonly side: PartWeighing['side'];
  readonly together: boolean;
  readonly trueG: number;
  /** Of the shelf, where it lies there. */
  readonly partId: string | undefined;
}

/** The scale comes where the thumb is; the same function each time, so that it comes once. */
const intoView = (node: HTMLElement | null) => node?.scrollIntoView({ block: 'center' });

/** Weighs what comes off and goes on, one by one and together; where the two ways disagree, it is said. */
export function WeighPanel({ work, card }: { work: Work; card: JobCard }) {
  const { job, edit } = work;
  const state = useBench();
  const [pan, setPan] = useState<Pan>();
  const summary = weighingSummary(job.weighings);
  const take = (grams: number, resolutionG: number) => {
    if (!pan) return;
    const { what, side, together } = pan;
    const reading: PartWeighing = { what, side, together, grams, resolutionG };
    edit('weight', (before) => ({
      ...before,
      weighings: [
        ...before.weighings.filter((one) => one.what !== what || one.side !== side || one.together !== together),
        reading,
      ],
    }));
    const { partId } = pan;
    if (partId !== undefined && !together && state.kind === 'ready') {
      const { edits, workshop } = state;
      // A part of the shelf weighs so wherever it goes.
      edits.write(() =>
        editParts(
          workshop.db,
          [partId],
          WORDS.weighPanel.weightOfWhat(what),
          (part) => ({ ...part, massG: grams, massResolutionG: resolutionG }),
          Date.now(),
        ),
      );
    }
    setPan(undefined);
  };
  const sides = [
    { side: 'off', title: WORDS.weighPanel.comesOff, items: card.off },
    { side: 'on', title: WORDS.weighPanel.goesOn, items: card.on },
  ] as const;
  return (
    <div className={styles.weigh}>
      {sides.map(({ side, title, items }) => {
        const setup = work.job.work.kind === 'swap' ? work.job.work[side === 'off' ? 'from' : 'to'].setup : undefined;
        const partOf = ({ what }: CardItem) => (what === 'freehub' ? undefined : setup?.shelf?.[what]);
        const pans = [...items.map((item) => panOf(item, side, partOf(item))), allOf(items, side)];
        return (
          <div key={side}>
            <h3>{title}</h3>
            {pans.map((one) => {
              const reading = job.weighings.find(
                ({ what, side: its, together }) => what === one.what && its === side && together === one.together,
              );
              return (
                <button
                  key={`${one.what} ${one.together}`}
                  type="button"
                  className={styles.pan}
                  aria-pressed={pan?.what === one.what && pan.side === side && pan.together === one.together}
                  onClick={() => setPan(one)}
                >
                  <span>{one.what}</span>
                  <b>
                    {reading
                      ? `${short(reading.grams, 1)} g ± ${short(reading.resolutionG / 2, 2)}`
                      : WORDS.weighPanel.weigh}
                  </b>
                </button>
              );
            })}
            {summary[side] && (
              <p
                className={summary[side].agrees ? styles.good : styles.doubt}
                role="status"
                data-testid={`weighed-${side}`}
              >
                {summary[side].text}
              </p>
            )}
          </div>
        );
      })}
      {pan && (
        <div key={`${pan.what} ${pan.side} ${pan.together}`} className={styles.pans} ref={intoView}>
          <ScalePanel trueG={pan.trueG} what={pan.what} onReading={take} />
          <Button onClick={() => setPan(undefined)}>{WORDS.weighPanel.scaleAway}</Button>
        </div>
      )}
      {summary.changeG !== undefined && (
        <p className={styles.text} data-testid="weighed-change">
          {WORDS.weighPanel.theBikeBecomesMassChangeDoubtG(massChangeText(summary.changeG), short(summary.doubtG, 1))}
        </p>
      )}
    </div>
  );
}

const panOf = ({ name, massG }: CardItem, side: PartWeighing['side'], partId: string | undefined): Pan => ({
  partId,
  what: name.slice(0, 80),
  side,
  together: false,
  trueG: massG ?? UNKNOWN_G,
});

const allOf = (items: readonly CardItem[], side: PartWeighing['side']): Pan => ({
  partId: undefined,
  what: WORDS.weighPanel.allOfItTogether,
  side,
  together: true,
  trueG: togetherG(items, UNKNOWN_G),
});
