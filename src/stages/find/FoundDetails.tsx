'use client';

import { useMemo } from 'react';
import type { FoundFacts } from '../../core/find';
import { ZONES } from '../../core/gears';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import type { Explanation } from '../../kit/explain/explanation';
import { explainCapacityAsked, explainCost, explainLinks, explainMassChange } from '../../kit/explain/find';
import { explainDevelopment, explainSpeed, explainStep } from '../../kit/explain/gears';
import { Explained } from '../../kit/explain/Slip';
import { fixed, percentText, speedText } from '../../kit/format';
import { massText, purchasesText } from '../../kit/shop/card-words';
import { ZONE_TEXT } from '../../kit/words';
import { aimText } from './words/aim-words';
import { KIND_TEXT, PART_NAME } from './words/part-words';
import type { Find } from './useFind';
import styles from './Find.module.css';
import { WORDS } from './words/text';

interface Fact {
  readonly term: string;
  readonly text: string;
  readonly explain?: (() => Explanation) | undefined;
}

/** One of the setups found, figure by figure, with what Fit says of it. */
export function FoundDetails({ find, found }: { find: Find; found: FoundFacts }) {
  const { bench, preferences } = useReadyBench();
  const { speedUnit } = preferences;
  const { metrics, build, cost, massChangeG, cassette } = found;
  const { closeUp } = find;
  const { fit, figures, move, longestChainstayMm, wheel, riding } = useMemo(() => closeUp(found), [closeUp, found]);
  const { report, zones } = figures;
  const present = bench.setups[0]!;
  const context = { riding, wheel, speedUnit };
  const facts: readonly Fact[] = [
    { term: 'cassette', text: cassette.cogs.join('-') },
    {
      term: WORDS.foundDetails.easiestGear,
      text: `${fixed(metrics.easiestDevelopmentM, 2)} m`,
      explain: () => explainDevelopment(report.gears[0]!, context),
    },
    {
      term: WORDS.foundDetails.topSpeed,
      text: speedText(speedUnit, metrics.topSpeedKmh),
      explain: () => explainSpeed(report.gears.at(-1)!, context),
    },
    ...ZONES.map((zone): Fact => {
      const { largest } = zones[zone];
      return {
        term: WORDS.foundDetails.largestStepZone(ZONE_TEXT[zone]),
        text: largest ? percentText(largest.speedStep) : WORDS.foundDetails.noStepThere,
        explain: largest && (() => explainStep(largest, 'speedStep')),
      };
    }),
    { term: WORDS.foundDetails.gearsOnTheWay, text: String(metrics.pathGears) },
    {
      term: 'holes',
      text:
        metrics.holes === 0
          ? WORDS.foundDetails.none
          : WORDS.foundDetails.holesHoleShareOfTheSpeeds(metrics.holes, percentText(metrics.holeShare)),
    },
    {
      term: WORDS.foundDetails.capacityAskedFor,
      text: `${build.capacityRequiredT}T`,
      explain: () => explainCapacityAsked(found),
    },
    {
      term: 'chain',
      text: WORDS.foundDetails.chainLinks(build.chainLinks),
      explain: () => explainLinks(found, longestChainstayMm),
    },
    { term: WORDS.foundDetails.toBuyOnTheCard, text: purchasesText(move) },
    { term: WORDS.foundDetails.weightOnTheCard, text: massText(move.massChange) },
    {
      term: WORDS.foundDetails.costByYourPrices,
      text: aimText('cost', cost, speedUnit),
      explain: () => explainCost(found, find.settings.prices, PART_NAME),
    },
    {
      term: WORDS.foundDetails.weightAgainstAEstimate,
      text: aimText('mass', massChangeG, speedUnit),
      explain: () => explainMassChange(found, present),
    },
  ];
  const { kind, deciding, unknown, cautions } = fit;
  return (
    <div className={styles.details} data-testid="details">
      <dl>
        {facts.map(({ term, text, explain }) => (
          <div key={term}>
            <dt>{term}</dt>
            <dd>{explain ? <Explained explain={explain}>{text}</Explained> : text}</dd>
          </div>
        ))}
      </dl>
      <p>
        <strong>{WORDS.foundDetails.fitKind(KIND_TEXT[kind])}</strong>{' '}
        {[...deciding, ...cautions].map(({ message }) => message).join(' ')}
        {unknown.length > 0 && ` ${unknown.map(({ message }) => message).join(' ')}`}
      </p>
    </div>
  );
}
