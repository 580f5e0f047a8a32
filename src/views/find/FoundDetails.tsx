'use client';

import { useMemo } from 'react';
import type { FoundFacts } from '../../core/find';
import { ZONES } from '../../core/gears';
import { gearSizeText } from '../../features/units/measures';
import { useUnits } from '../../features/workspace/useUnits';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import type { Explanation } from '../../features/explanations/explanation';
import { explainCapacityNeeded, explainCost, explainLinks, explainMassChange } from '../../features/explanations/find';
import { explainSize, explainSpeed, explainStep, gearName, sizeChangeText } from '../../features/explanations/gears';
import { Explained } from '../../features/explain/Explained';
import { percentText } from '../../ui/format';
import { speedText } from '../../features/units/speed';
import { massText, purchasesText } from '../../features/workshop/card-words';
import { ZONE_TEXT } from '../../features/rider/words';
import { KIND_TEXT, setupName } from '../../features/search/part-words';
import { FoundLadder } from './FoundLadder';
import type { Find } from './useFind';
import styles from './Find.module.css';
import { problemText } from '../../messages/core';
import { t } from './text';
import { firstOf, lastOf } from '../../core/items';

interface Fact {
  readonly term: string;
  readonly text: string;
  readonly explain?: (() => Explanation) | undefined;
}

/** One of the setups found, with all figures and its compatibility. */
export function FoundDetails({
  find,
  found,
  equals,
}: {
  find: Find;
  found: FoundFacts;
  equals: readonly FoundFacts[];
}) {
  const units = useUnits();
  const { preferences } = useReadyWorkspace();
  const { speedUnit } = preferences;
  const { metrics, build, cassette } = found;
  const { closeUp } = find;
  const { fit, figures, usual, move, longestChainstayMm, wheel, riding } = useMemo(
    () => closeUp(found),
    [closeUp, found],
  );
  const { report, zones } = figures;
  const context = { riding, wheel, speedUnit };
  const facts: readonly Fact[] = [
    { term: t('foundDetails.cassette'), text: cassette.cogs.join('-') },
    {
      term: t('foundDetails.easiestGear'),
      text: gearSizeText(units, metrics.easiestDevelopmentM),
      explain: () => explainSize(firstOf(report.gears), context, units),
    },
    {
      term: t('foundDetails.topSpeed'),
      text: speedText(speedUnit, metrics.topSpeedKmh),
      explain: () => explainSpeed(lastOf(report.gears), context),
    },
    ...ZONES.map((zone): Fact => {
      const { largest } = zones[zone];
      return {
        term: t('foundDetails.largestStepZone', { zone: ZONE_TEXT[zone] }),
        text: largest ? percentText(largest.speedStep) : t('foundDetails.noStepThere'),
        explain: largest && (() => explainStep(largest, 'speedStep')),
      };
    }),
    ...(usual.length > 0
      ? [
          {
            term: t('foundDetails.usualGears'),
            text: usual
              .map(({ gear, nearest, change }) =>
                t('foundDetails.gearBecomes', {
                  gear: gearName(gear),
                  becomes: gearName(nearest),
                  change: sizeChangeText(change),
                }),
              )
              .join('; '),
          },
        ]
      : []),
    { term: t('foundDetails.gearsShiftSequence'), text: String(metrics.pathGears) },
    {
      term: t('foundDetails.gaps'),
      text:
        metrics.gaps === 0
          ? t('foundDetails.none')
          : t('foundDetails.gapsGapShareOfTheSpeeds', {
              gaps: metrics.gaps,
              gapShare: percentText(metrics.gapShare),
            }),
    },
    {
      term: t('foundDetails.capacityNeeded'),
      text: `${build.capacityRequiredT}T`,
      explain: () => explainCapacityNeeded(found),
    },
    {
      term: t('foundDetails.chain'),
      text: t('foundDetails.chainLinks', { chainLinks: build.chainLinks }),
      explain: () => explainLinks(found, longestChainstayMm),
    },
    { term: t('foundDetails.toBuy'), text: purchasesText(move, units), explain: () => explainCost(move, units) },
    {
      term: t('foundDetails.weightAgainstA'),
      text: massText(move.massChange, units),
      explain: () => explainMassChange(move, units),
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
      <FoundLadder find={find} found={found} />
      {equals.length > 0 && (
        <p data-testid="same-figures">{t('foundDetails.sameFigures', { names: equals.map(setupName).join(', ') })}</p>
      )}
      <p>
        <strong>{t('foundDetails.fitKind', { kind: KIND_TEXT[kind] })}</strong>{' '}
        {[...deciding, ...cautions].map(problemText).join(' ')}
        {unknown.length > 0 && ` ${unknown.map(problemText).join(' ')}`}
      </p>
    </div>
  );
}
