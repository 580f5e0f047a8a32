'use client';

import type { FoundFacts } from '../../core/find';
import { ZONES } from '../../core/gears';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { fixed, percentText, speedText } from '../../kit/format';
import { ZONE_TEXT } from '../../kit/words';
import { KIND_TEXT, aimText, partsText } from './find-words';
import type { Find } from './useFind';
import styles from './Find.module.css';

/** One of the setups found, figure by figure, with what Fit says of it. */
export function FoundDetails({ find, found }: { find: Find; found: FoundFacts }) {
  const { preferences } = useReadyBench();
  const { metrics, build, cost, massChangeG, cassette } = found;
  const { kind, deciding, unknown, cautions } = find.fitOf(found);
  const { speedUnit } = preferences;
  const facts: readonly (readonly [string, string])[] = [
    ['cassette', cassette.cogs.join('-')],
    ['easiest gear', `${fixed(metrics.easiestDevelopmentM, 2)} m`],
    ['top speed', speedText(speedUnit, metrics.topSpeedKmh)],
    ...ZONES.map((zone) => [`largest step ${ZONE_TEXT[zone]}`, percentText(metrics.zoneSteps[zone])] as const),
    ['gears on the way', String(metrics.pathGears)],
    ['holes', metrics.holes === 0 ? 'none' : `${metrics.holes}, ${percentText(metrics.holeShare)} of the speeds`],
    ['capacity asked for', `${build.capacityRequiredT}T`],
    ['chain', `${build.chainLinks} links`],
    ['buys', partsText(build.newParts)],
    ['cost, by your prices', aimText('cost', cost, speedUnit)],
    ['weight against A, estimate', aimText('mass', massChangeG, speedUnit)],
  ];
  return (
    <div className={styles.details} data-testid="details">
      <dl>
        {facts.map(([term, text]) => (
          <div key={term}>
            <dt>{term}</dt>
            <dd>{text}</dd>
          </div>
        ))}
      </dl>
      <p>
        <strong>Fit: {KIND_TEXT[kind]}.</strong> {[...deciding, ...cautions].map(({ message }) => message).join(' ')}
        {unknown.length > 0 && ` Not known: ${unknown.map(({ missing }) => missing).join('; ')}.`}
      </p>
    </div>
  );
}
