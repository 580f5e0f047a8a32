'use client';

import { lowestTerms, type Gear } from '../../../core/gears';
import { trade, turned, turnsUntilBothAreDown } from '../../../core/lesson';
import { gearName } from '../../../features/explanations/gears';
import { fixed, short } from '../../../ui/format';
import { Glossed } from '../../../features/glossary/Glossed';
import type { LearnBike } from '../learner/useLearn';
import styles from './Wheel.module.css';
import { t } from '../learner/text';

/** Force on the pedal in the picture of forces, N. */
const PEDAL_N = 100;

interface GearFactsProps {
  readonly gear: Gear;
  readonly bike: LearnBike;
  readonly crankTurns: number;
}

/** The ratio in three forms, and the counted turns. */
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
          <small>{t('gearFacts.timesPastBottom')}</small>
        </b>
      </p>
      <p className={styles.told} role="status" data-testid="told">
        {t('gearFacts.turned', {
          crankTurns: short(crankTurns, 2),
          exactlyOne: crankTurns === 1 ? 'yes' : 'no',
          wheelTurns: fixed(wheelTurns, 2),
          rolledM: fixed(rolledM, 2),
        })}{' '}
        {gear.hubStage === 1 && t('gearFacts.pedalValveLineUp', { crank: together.crank, wheel: together.wheel })}
      </p>
    </>
  );
}

/** Distance and force as bars: one grows as the other shrinks. */
export function TradeBars({ gear, bike }: Omit<GearFactsProps, 'crankTurns'>) {
  const { footM, bikeM, pushShare, gain } = trade(gear, bike.rolloutMm, bike.crankLengthMm);
  const push = PEDAL_N * pushShare;
  // Distances and forces have one scale each, the same for every gear of any bike.
  const way = (m: number) => `${Math.min(100, m * 9)}%`;
  const force = (n: number) => `${Math.min(100, n * 0.6)}%`;
  const bars = [
    { what: t('gearFacts.distancePedal'), figure: `${fixed(footM, 2)} m`, width: way(footM), kind: 'way' },
    { what: t('gearFacts.theBikeGoes'), figure: `${fixed(bikeM, 2)} m`, width: way(bikeM), kind: 'way' },
    { what: t('gearFacts.forcePedal'), figure: `${PEDAL_N} N`, width: force(PEDAL_N), kind: 'push' },
    { what: t('gearFacts.theTyrePushes'), figure: `${fixed(push, 0)} N`, width: force(push), kind: 'push' },
  ];
  return (
    <section className={styles.trade} aria-label={t('gearFacts.whatGearNameTrades', { gearName: gearName(gear) })}>
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
          text={t('gearFacts.timesDistanceForceGain', { gain: fixed(gain, 2), pushShare: fixed(pushShare, 2) })}
        />
      </p>
    </section>
  );
}
