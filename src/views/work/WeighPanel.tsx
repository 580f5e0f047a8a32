'use client';

import { Button } from 'antd';
import { useState } from 'react';
import type { CardItem, JobCard, PartWeighing } from '../../core/job';
import { PART_MASS_G } from '../../core/parts';
import { massChangeText, partMassText } from '../../features/units/measures';
import { useUnits } from '../../features/workspace/useUnits';
import { useWorkspace } from '../../features/workspace/WorkspaceProvider';
import { ScalePanel } from '../../features/scale/ScalePanel';
import { itemName } from '../../messages/job';
import { editParts } from '../../store';
import type { Work } from './useWork';
import { ALL, BIKE, WHEEL, togetherG, weighingSummary } from './weigh-summary';
import styles from './Work.module.css';
import { t } from './text';

/** What a part of a middle sort, a bike and a wheel weigh, for the demo scale to show where nothing else is known, g. */
const UNKNOWN_G = { part: 200, bike: 11_200, wheel: 2100 } as const;
const WHOLE_BIKE_MAX_G = 50_000;

const AGREEMENT_STYLE = { agree: styles.good, disagree: styles.doubt, incomplete: styles.why } as const;

interface Pan {
  /** Key of what is weighed. */
  readonly what: string;
  readonly name: string;
  readonly side: PartWeighing['side'];
  readonly together: boolean;
  readonly trueG: number;
  readonly maxG: number;
  /** Of the part in stock, where it is one. */
  readonly partId: string | undefined;
}

/** The scale comes where the thumb is; the same function each time, so that it comes once. */
const intoView = (node: HTMLElement | null) => node?.scrollIntoView({ block: 'center' });

/** Weighs the bike or wheel before and after, and parts singly and together; reports where the results disagree. */
export function WeighPanel({ work, card }: { work: Work; card: JobCard }) {
  const units = useUnits();
  const { job, step, edit } = work;
  const state = useWorkspace();
  const [pan, setPan] = useState<Pan>();
  const summary = weighingSummary(job.weighings, card, units);
  const take = (grams: number, resolutionG: number) => {
    if (!pan) return;
    const { what, side, together, partId, name } = pan;
    const reading: PartWeighing = { what, side, together, grams, resolutionG };
    edit({ undo: 'job.weighings', of: what }, (before) => ({
      ...before,
      weighings: [
        ...before.weighings.filter((one) => one.what !== what || one.side !== side || one.together !== together),
        reading,
      ],
    }));
    if (partId !== undefined && !together && state.kind === 'ready') {
      const { edits, workshop } = state;
      // A part in stock weighs the same wherever it goes.
      edits.write(() =>
        editParts(
          workshop.db,
          [partId],
          { label: t('weighPanel.weightOfWhat', { what: name }), key: 'part.massG' },
          (part) => ({ ...part, massG: grams, massResolutionG: resolutionG }),
          Date.now(),
        ),
      );
    }
    setPan(undefined);
  };
  const groups = step.id === 'weigh' ? partGroups(card) : wholeGroups(step.id === 'weighBefore' ? 'off' : 'on');
  return (
    <div className={styles.weigh}>
      {groups.map(({ side, title, pans }) => {
        const agreement = step.id === 'weigh' ? summary[side] : undefined;
        return (
          <div key={side}>
            <h3>{title}</h3>
            {pans.map((one) => {
              const reading = job.weighings.find(
                ({ what, side: its, together }) => what === one.what && its === side && together === one.together,
              );
              return (
                <button
                  key={JSON.stringify([one.what, one.together])}
                  type="button"
                  className={styles.pan}
                  aria-pressed={pan?.what === one.what && pan.side === side && pan.together === one.together}
                  onClick={() => setPan(one)}
                >
                  <span>{one.name}</span>
                  <b>
                    {reading
                      ? `${partMassText(units, reading.grams, 1)} ± ${partMassText(units, reading.resolutionG / 2, 2)}`
                      : t('weighPanel.weigh')}
                  </b>
                </button>
              );
            })}
            {agreement && (
              <p className={AGREEMENT_STYLE[agreement.kind]} role="status" data-testid={`weighed-${side}`}>
                {agreement.text}
              </p>
            )}
          </div>
        );
      })}
      {pan && (
        <div key={JSON.stringify([pan.what, pan.side, pan.together])} className={styles.pans} ref={intoView}>
          <ScalePanel
            trueG={pan.trueG}
            what={pan.name}
            maxG={pan.maxG}
            unit={units.massUnit === 'imperial' ? 'lbOz' : pan.what === BIKE ? 'kg' : 'g'}
            onReading={take}
          />
          <Button onClick={() => setPan(undefined)}>{t('weighPanel.scaleAway')}</Button>
        </div>
      )}
      {summary.byParts && (
        <p className={styles.text} data-testid="weighed-change">
          {t('weighPanel.changeByParts', {
            massChange: massChangeText(units, summary.byParts.grams),
            doubt: partMassText(units, summary.byParts.doubtG, 1),
          })}
        </p>
      )}
      {summary.byBike && (
        <p className={styles.text} data-testid="weighed-bike">
          {t('weighPanel.changeByBike', {
            massChange: massChangeText(units, summary.byBike.grams),
            doubt: partMassText(units, summary.byBike.doubtG, 1),
          })}
        </p>
      )}
      {summary.bike && (
        <p className={AGREEMENT_STYLE[summary.bike.kind]} role="status" data-testid="weighed-ways">
          {summary.bike.text}
        </p>
      )}
    </div>
  );
}

interface Group {
  readonly side: PartWeighing['side'];
  readonly title: string;
  readonly pans: readonly Pan[];
}

function partGroups({ off, on }: JobCard): Group[] {
  const group = (side: PartWeighing['side'], title: string, items: readonly CardItem[]): Group => ({
    side,
    title,
    pans: [...items.map((item) => panOf(item, side)), allOf(items, side)],
  });
  return [group('off', t('weighPanel.comesOff'), off), group('on', t('weighPanel.goesOn'), on)];
}

function wholeGroups(side: PartWeighing['side']): Group[] {
  const pan = (what: string, name: string, trueG: number): Pan => ({
    what,
    name,
    side,
    together: false,
    trueG,
    maxG: WHOLE_BIKE_MAX_G,
    partId: undefined,
  });
  return [
    {
      side,
      title: side === 'off' ? t('weighPanel.before') : t('weighPanel.after'),
      pans: [
        pan(BIKE, t('weighPanel.wholeBike'), UNKNOWN_G.bike),
        pan(WHEEL, t('weighPanel.rearWheel'), UNKNOWN_G.wheel),
      ],
    },
  ];
}

function panOf(item: CardItem, side: PartWeighing['side']): Pan {
  return {
    what: item.key,
    name: itemName(item),
    side,
    together: false,
    trueG: item.massG || UNKNOWN_G.part,
    maxG: PART_MASS_G.max,
    // A weight by its links is that of a piece of the chain, not of the part in stock.
    partId: item.label.isPartOfChain ? undefined : item.partId,
  };
}

function allOf(items: readonly CardItem[], side: PartWeighing['side']): Pan {
  return {
    what: ALL,
    name: t('weighPanel.allTogether'),
    side,
    together: true,
    trueG: togetherG(items, UNKNOWN_G.part),
    maxG: WHOLE_BIKE_MAX_G,
    partId: undefined,
  };
}
