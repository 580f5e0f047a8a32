import {
  MM_PER_TOOTH,
  PITCH_MM,
  pitchRadiusMm,
  requiredCapacityT,
  type Check,
  type CheckId,
  type ChainLinks,
} from '../../core/fit';
import type { Setup } from '../../core/gears';
import { fixed, short } from '../../ui/format';
import { textOf } from '../../messages/core';
import type { Explanation } from './explanation';
import { t } from './text';
import { firstOf, lastOf, definite } from '../../core/items';

const SHEET = t('fit.sheet.limitsAreThePartMaker');

const ESTIMATE = t('fit.estimate.calculatedFromFirstPrinciplesAn');

interface Rule {
  readonly formula: string;
  readonly source: string;
  readonly note?: string;
}

/** How each check comes to its verdict. */
const RULES: Readonly<Record<Exclude<CheckId, 'totalCapacity'>, Rule>> = {
  largestCog: {
    formula: t('fit.rules.largestCog.formula'),
    source: SHEET,
    note: t('fit.rules.largestCog.note'),
  },
  largestCogMinimum: {
    formula: t('fit.rules.largestCogMinimum.formula'),
    source: SHEET,
    note: t('fit.rules.largestCogMinimum.note'),
  },
  smallestCog: { formula: t('fit.rules.smallestCog.formula'), source: SHEET },
  ringDifference: {
    formula: t('fit.rules.ringDifference.formula'),
    source: SHEET,
  },
  frontCage: {
    formula: t('fit.rules.frontCage.formula', { short: short(12.7, 1), mmpertooth: fixed(MM_PER_TOOTH, 2) }),
    source: SHEET,
    note: t('fit.rules.frontCage.note'),
  },
  indexing: {
    formula: t('fit.rules.indexing.formula'),
    source: ESTIMATE,
    note: t('fit.rules.indexing.note'),
  },
  shifterSpeeds: { formula: t('fit.rules.shifterSpeeds.formula'), source: SHEET },
  freehub: {
    formula: t('fit.rules.freehub.formula'),
    source: SHEET,
  },
  freehubLength: {
    formula: t('fit.rules.freehubLength.formula'),
    source: SHEET,
    note: t('fit.rules.freehubLength.note'),
  },
  hubRatio: {
    formula: t('fit.rules.hubRatio.formula'),
    source: SHEET,
    note: t('fit.rules.hubRatio.note'),
  },
  chainLength: {
    formula: t('fit.rules.chainLength.formula'),
    source: t('fit.rules.chainLength.source'),
  },
  chainSpeeds: {
    formula: t('fit.rules.chainSpeeds.formula'),
    source: SHEET,
  },
  smallestRing: {
    formula: t('fit.rules.smallestRing.formula', { short: short(11.4, 1) }),
    source: SHEET,
    note: t('fit.rules.smallestRing.note'),
  },
  ringRoom: { formula: t('fit.rules.ringRoom.formula'), source: SHEET },
  retention: {
    formula: t('fit.rules.retention.formula'),
    source: t('fit.rules.retention.source'),
  },
  chainline: {
    formula: t('fit.rules.chainline.formula'),
    source: ESTIMATE,
    note: t('fit.rules.chainline.note'),
  },
  hangerExtender: {
    formula: t('fit.rules.hangerExtender.formula', { mmpertooth: fixed(MM_PER_TOOTH, 2) }),
    source: ESTIMATE,
    note: t('fit.rules.hangerExtender.note'),
  },
};

export function explainCheck(check: Check, setup: Setup): Explanation {
  const { id, required, limit, margin, message } = check;
  if (id !== 'totalCapacity') {
    const amount = (value: number) =>
      check.unit === 'T' ? `${short(value, 2)}T` : `${short(value, 2)} ${check.unit ?? ''}`.trim();
    const worked = [
      ...(required === undefined ? [] : [t('fit.explainCheck.needed', { required: amount(required) })]),
      ...(limit === undefined ? [] : [t('fit.explainCheck.publishedOrOnTheBike', { limit: amount(limit) })]),
      ...(margin === undefined ? [] : [t('fit.explainCheck.margin', { margin: amount(margin) })]),
    ];
    return { title: textOf(message), ...RULES[id], worked: worked.length > 0 ? worked : [VERDICT_ALONE] };
  }
  const published =
    limit === undefined ? t('fit.explainCheck.publishedNoData') : t('fit.explainCheck.publishedT', { limit });
  const [big, small] = setup.chainrings;
  const [smallest, largest] = [firstOf(setup.cogs), lastOf(setup.cogs)];
  const whole = requiredCapacityT(setup);
  const rings = small === undefined ? '(1x: 0)' : `(${definite(big)} − ${small})`;
  return {
    title: t('fit.explainCheck.title', { required: definite(required) }),
    formula: t('fit.explainCheck.formula'),
    worked: [
      `${rings} + (${largest} − ${smallest}) = ${whole}T`,
      ...(whole === required
        ? []
        : [
            t('fit.explainCheck.worked.largestMinusSmallestRingCog', {
              big: definite(big) + largest,
              big2: definite(big) + largest - definite(required),
              required: definite(required),
            }),
          ]),
      published,
    ],
    source: SHEET,
    note: t('fit.explainCheck.note'),
  };
}

const VERDICT_ALONE = t('fit.verdictAlone.aNoCheckWithNo');

export type ChainMethod = keyof ChainLinks;

/** How a school comes to its count of links. */
export function explainChain(
  school: ChainMethod,
  links: number | undefined,
  setup: Setup,
  chainstayMm: number,
  direct: number,
): Explanation {
  const big = firstOf(setup.chainrings);
  const small = lastOf(setup.chainrings);
  const [smallest, largest] = [firstOf(setup.cogs), lastOf(setup.cogs)];
  const title = t('fit.explainChain.linksLinksBy', {
    links: links === undefined ? 'yes' : 'no',
    links2: links === undefined ? '' : links,
    school: CHAIN_SCHOOL_TEXT[school],
  });
  switch (school) {
    case 'bigBigPlusTwo':
      return {
        title,
        formula: t('fit.explainChain.bigBigPlusTwo.formula'),
        worked: [
          t('fit.explainChain.bigBigPlusTwo.worked.pitchRadiiTMmT', {
            big,
            big2: fixed(pitchRadiusMm(big), 2),
            largest,
            largest2: fixed(pitchRadiusMm(largest), 2),
            chainstayMm: short(chainstayMm, 1),
          }),
          t('fit.explainChain.bigBigPlusTwo.worked.straightRoundBothPitchesOf', {
            direct: fixed(direct, 3),
            pitchmm: short(PITCH_MM, 1),
            links: definite(links),
          }),
        ],
        source: t('fit.explainChain.bigBigPlusTwo.source'),
        note: t('fit.explainChain.bigBigPlusTwo.note'),
      };
    case 'equation':
      return {
        title,
        formula: t('fit.explainChain.equation.formula'),
        worked: [
          `2 × ${fixed(chainstayMm / 25.4, 3)} + ${big} ÷ 4 + ${largest} ÷ 4 + 1 = ${fixed((2 * chainstayMm) / 25.4 + big / 4 + largest / 4 + 1, 3)} in`,
        ],
        source: t('fit.explainChain.equation.source'),
      };
    case 'smallSmall':
      return {
        title,
        formula: t('fit.explainChain.smallSmall.formula'),
        worked: [
          links === undefined
            ? t('fit.explainChain.smallSmall.worked.theCageLengthIsMissing')
            : t('fit.explainChain.smallSmall.worked.inLinksEvenRoundedDown', { small, smallest, links }),
        ],
        source: t('fit.explainChain.smallSmall.source'),
      };
    case 'pulleysUpright':
      return {
        title,
        formula: t('fit.explainChain.pulleysUpright.formula'),
        worked: [
          links === undefined
            ? largest > 28
              ? t('fit.explainChain.pulleysUpright.worked.onlyForLargestCogsUp', { largest })
              : t('fit.explainChain.pulleysUpright.worked.theCageLengthIsMissing')
            : t('fit.explainChain.pulleysUpright.worked.inWithTheCageAt0', { big, smallest, links }),
        ],
        source: t('fit.explainChain.pulleysUpright.source'),
      };
  }
}

export const CHAIN_SCHOOL_TEXT: Readonly<Record<ChainMethod, string>> = {
  bigBigPlusTwo: t('fit.chainSchoolText.bigBigPlusTwo'),
  equation: t('fit.chainSchoolText.equation'),
  smallSmall: t('fit.chainSchoolText.smallSmall'),
  pulleysUpright: t('fit.chainSchoolText.pulleysUpright'),
};
