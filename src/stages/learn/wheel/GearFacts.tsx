'use client';

import { lowestTerms, type Gear } from '../../../core/gears';
import { trade, turned, turnsUntilBothAreDown } from '../../../core/lesson';
import { gearName } from '../../../kit/explain/gears';
import { fixed, short } from '../../../kit/format';
import { Glossed } from '../../../kit/glossary/Glossed';
import type { LearnBike } from '../useLearn';
import styles from './Wheel.module.css';

/** Newtons that are asked of the pedal in the picture of forces: a light push. */
const PEDAL_N = 100;

interface GearFactsProps {
  readonly gear: Gear;
  readonly bike: LearnBike;
  readonly crankTurns: number;
}

/** The ratio in its three ways, and what has been counted. */
export function GearFacts({ gear, bike, crankTurns }: GearFactsProps) {
  const [ring, cog] = lowestTerms(gear);
  const { wheelTurns, valvePasses, rolledM } = turned(gear, crankTurns, bike.rolloutMm);
  const together = turnsUntilBothAreDown(gear);
  return (
    <>
      <p className={styles.ratio}>
        <span className={styles.fraction}>
          <span>{gear.chainring}</span>
          <span>{gear.cog}</span>
        </span>
        {ring !== gear.chainring && (
          <>
            =
            <span className={styles.fraction}>
              <span>{ring}</span>
              <span>{cog}</span>
            </span>
          </>
        )}
        {gear.hubStage !== 1 && <>× {short(gear.hubStage, 3)}</>} = {fixed(gear.ratio, 3)}
        <b className={styles.count} data-testid="valve-count">
          {valvePasses}
          <small>× valve down</small>
        </b>
      </p>
      <p className={styles.told} role="status" data-testid="told">
        Crank {short(crankTurns, 2)} {crankTurns === 1 ? 'turn' : 'turns'}, wheel {fixed(wheelTurns, 2)}, rolled{' '}
        {fixed(rolledM, 2)} m.{' '}
        {gear.hubStage === 1 && `Both are down again after ${together.crank} crank and ${together.wheel} wheel turns.`}
      </p>
    </>
  );
}

/** What the gear trades, drawn as bars: the way grows as the push shrinks. */
export function TradeBars({ gear, bike }: Omit<GearFactsProps, 'crankTurns'>) {
  const { footM, bikeM, pushShare, gain } = trade(gear, bike.rolloutMm, bike.crankLengthMm);
  const push = PEDAL_N * pushShare;
  // Ways and pushes are to one scale each, the same for every gear of any bike.
  const way = (m: number) => `${Math.min(100, m * 9)}%`;
  const force = (n: number) => `${Math.min(100, n * 0.6)}%`;
  const bars = [
    { what: 'your foot goes', figure: `${fixed(footM, 2)} m`, width: way(footM), kind: 'way' },
    { what: 'the bike goes', figure: `${fixed(bikeM, 2)} m`, width: way(bikeM), kind: 'way' },
    { what: 'your foot pushes', figure: `${PEDAL_N} N`, width: force(PEDAL_N), kind: 'push' },
    { what: 'the tyre pushes', figure: `${fixed(push, 0)} N`, width: force(push), kind: 'push' },
  ];
  return (
    <section className={styles.trade} aria-label={`What ${gearName(gear)} trades`}>
      <dl>
        {bars.map(({ what, figure, width, kind }) => (
          <div key={what}>
            <dt>{what}</dt>
            <dd>
              <i data-kind={kind} style={{ width }} />
              {figure}
            </dd>
          </div>
        ))}
      </dl>
      <p>
        <Glossed
          text={`${fixed(gain, 2)} times the way, so ${fixed(pushShare, 2)} of the push: the gain ratio. A gear gives no work away.`}
        />
      </p>
    </section>
  );
}
