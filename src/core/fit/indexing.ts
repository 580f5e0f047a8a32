import { allDigits, fixed } from '../number-text';
import { listedFamily } from '../parts/shift-families';
import type { DriveParts } from './drive-parts';
import type { RearDerailleur } from './rear-derailleur';
import { answered, notKnown, type Check } from './verdict';

/** How far beside a cog a guide pulley may stand: it floats about as much. An estimate, to be set by who knows better. */
export const INDEXING_TOLERANCE_MM = 0.6;

/** Where the guide pulley stands at each cog, centred on the cassette. */
export interface IndexingError {
  /** How far a click moves the derailleur, mm. */
  readonly moveMm: number;
  readonly pitchMm: number;
  /** Of a click, mm; above 0 too far. */
  readonly perClickMm: number;
  /** At each cog, smallest first, mm; above 0 towards the wheel. */
  readonly atCogMm: readonly number[];
  /** At the two ends, where it is largest, mm. */
  readonly atEndsMm: number;
}

/**
 * Cable pull × derailleur ratio against the cogs' pitch: the error of a click, summed from the middle
 * of the cassette, on which indexing is set, to its ends.
 */
export function indexingError(
  cablePullMm: number,
  pullRatio: number,
  pitchMm: number,
  cogCount: number,
): IndexingError {
  const moveMm = cablePullMm * pullRatio;
  const perClickMm = moveMm - pitchMm;
  const atCogMm = Array.from({ length: cogCount }, (_, cog) => (cog - (cogCount - 1) / 2) * perClickMm);
  return { moveMm, pitchMm, perClickMm, atCogMm, atEndsMm: (Math.abs(perClickMm) * (cogCount - 1)) / 2 };
}

export interface IndexingInput {
  readonly cogCount: number;
  readonly pitchMm: number;
  readonly parts: DriveParts;
  readonly rearDerailleur: RearDerailleur;
}

/** Cable pull and actuation ratio: as they are known, else those that are typical of the family. */
function pullFigures({ cablePullMm, shifterFamily, derailleurFamily }: DriveParts, { pullRatio }: RearDerailleur) {
  const typical = (name: string | undefined) => (name === undefined ? undefined : listedFamily(name));
  return {
    cablePullMm: cablePullMm ?? typical(shifterFamily)?.cablePullMm,
    pullRatio: pullRatio ?? typical(derailleurFamily)?.pullRatio,
    isTypical: cablePullMm === undefined || pullRatio === undefined,
  };
}

/** The indexing of a cable shifter; undefined where it is none, or not known well enough. */
export function indexingOf({ cogCount, pitchMm, parts, rearDerailleur }: IndexingInput): IndexingError | undefined {
  const { cablePullMm, pullRatio } = pullFigures(parts, rearDerailleur);
  if (parts.shifting === 'electronic' || cablePullMm === undefined || pullRatio === undefined) return undefined;
  return indexingError(cablePullMm, pullRatio, pitchMm, cogCount);
}

/** How far a figure may be off that was published to so many digits: half of its last one. */
const roundedBy = (figure: number) => (Number.isInteger(Math.round(figure * 1e6) / 1e5) ? 0.05 : 0.005);

/**
 * How far the error at both ends may be off, mm: pull and ratio are published rounded, to a tenth where they are written
 * so, and both may be off at once.
 */
export function indexingDoubtMm(cablePullMm: number, pullRatio: number, cogCount: number): number {
  const ofAClick = Math.hypot(roundedBy(cablePullMm) * pullRatio, roundedBy(pullRatio) * cablePullMm);
  return (ofAClick * (cogCount - 1)) / 2;
}

/** Whether shifter and derailleur are of one family, by name. */
const sameFamily = ({ shifterFamily, derailleurFamily }: DriveParts) =>
  shifterFamily !== undefined && derailleurFamily !== undefined && sameName(shifterFamily, derailleurFamily);

/** Whether every click lands on its cog; electronic: whether the parts speak with each other. */
export function checkIndexing(input: IndexingInput): Check {
  const { parts, rearDerailleur, cogCount, pitchMm } = input;
  if (cogCount === 1) return answered('indexing', 'inside', 'Single cog: no indexing.');
  if (parts.shifting === 'electronic') return checkFamilies(parts);
  const error = indexingOf(input);
  if (!error) {
    if (sameFamily(parts)) {
      return answered(
        'indexing',
        'inside',
        `Shifter and derailleur are both from the system “${parts.shifterFamily}”.`,
      );
    }
    const missing = [
      ...(parts.cablePullMm === undefined ? ['the cable pull per click of the shifter'] : []),
      ...(rearDerailleur.pullRatio === undefined ? ['the actuation ratio of the derailleur'] : []),
    ].join(' and ');
    return notKnown('indexing', `Cogs ${allDigits(pitchMm)} mm apart`, missing);
  }
  const toleranceMm = parts.indexingToleranceMm ?? INDEXING_TOLERANCE_MM;
  const margin = toleranceMm - error.atEndsMm;
  const { cablePullMm, pullRatio, isTypical } = pullFigures(parts, rearDerailleur);
  const perClick = `${error.perClickMm >= 0 ? '+' : '−'}${fixed(Math.abs(error.perClickMm), 2)} mm per click`;
  const figures = isTypical ? ' (typical figures)' : '';
  const what = `A click moves ${fixed(error.moveMm, 2)} mm${figures}, cogs are ${allDigits(pitchMm)} mm apart: ${perClick}, ${fixed(error.atEndsMm, 2)} mm at both ends`;
  const numbers = { required: error.atEndsMm, limit: toleranceMm, margin, unit: 'mm' } as const;
  const fixes = [
    { text: `an actuation ratio of about ${fixed(pitchMm / cablePullMm!, 2)}` },
    { text: `a shifter that pulls about ${fixed(pitchMm / pullRatio!, 2)} mm per click` },
  ];
  const doubtMm = indexingDoubtMm(cablePullMm!, pullRatio!, cogCount);
  const doubt = `± ${fixed(doubtMm, 2)} mm, because both figures are rounded`;
  // What rounding alone may have put on either side of the limit is not known.
  if (Math.abs(margin) < doubtMm && !sameFamily(parts)) {
    const missing = 'cable pull and actuation ratio with more decimals, or the same system for both';
    const numbersKnown = { required: error.atEndsMm, limit: toleranceMm, unit: 'mm' } as const;
    return notKnown('indexing', `${what}, ${doubt}`, missing, numbersKnown);
  }
  if (error.atEndsMm - doubtMm >= pitchMm / 2) {
    return answered('indexing', 'cannotWork', `${what}: closer to the next cog than to its own.`, {
      ...numbers,
      fixes,
    });
  }
  if (margin < 0) {
    return answered('indexing', 'outside', `${what}, ${fixed(-margin, 2)} mm over the tolerance.`, {
      ...numbers,
      fixes,
    });
  }
  return answered('indexing', margin === 0 ? 'at' : 'inside', `${what}: ${fixed(margin, 2)} mm to spare.`, numbers);
}

function checkFamilies({ shifterFamily, derailleurFamily }: DriveParts): Check {
  if (shifterFamily === undefined || derailleurFamily === undefined) {
    const missing = [
      ...(shifterFamily === undefined ? ['the system of the shifter'] : []),
      ...(derailleurFamily === undefined ? ['the system of the derailleur'] : []),
    ].join(' and ');
    return notKnown('indexing', 'Electronic', missing);
  }
  if (sameName(shifterFamily, derailleurFamily)) {
    return answered('indexing', 'inside', `Electronic, both from the system “${shifterFamily}”.`);
  }
  // Names that people typed may be two names of one family: only families of the list are known to differ.
  if (!listedFamily(shifterFamily) || !listedFamily(derailleurFamily)) {
    const what = `Electronic, shifter from “${shifterFamily}”, derailleur from “${derailleurFamily}”`;
    return notKnown('indexing', what, 'whether the two work together: ask the part makers');
  }
  return answered(
    'indexing',
    'cannotWork',
    `Shifter from “${shifterFamily}”, derailleur from “${derailleurFamily}”: they do not work together.`,
    {
      fixes: [{ text: `a derailleur from “${shifterFamily}”` }, { text: `a shifter from “${derailleurFamily}”` }],
    },
  );
}

/** Names that people typed, the same but for case and spaces. */
export function sameName(a: string, b: string): boolean {
  const plain = (name: string) => name.trim().replace(/\s+/g, ' ').toLowerCase();
  return plain(a) === plain(b);
}

/** The clicks of the shifter, and the cogs that an electronic derailleur is made for, against the cassette. */
export function checkShifterSpeeds(cogCount: number, parts: DriveParts, { speeds }: RearDerailleur): Check {
  const { shifterSpeeds, shifting } = parts;
  const made = shifting === 'electronic' ? speeds : undefined;
  if (shifterSpeeds === undefined || (shifting === 'electronic' && speeds === undefined)) {
    const missing = shifterSpeeds === undefined ? 'the shifter speed' : 'the derailleur speed';
    return notKnown('shifterSpeeds', `${cogCount} cogs`, missing, { required: cogCount, unit: 'speeds' });
  }
  if (made !== undefined && made !== cogCount) {
    const message = `${made}-speed electronic derailleur on ${cogCount} cogs: it moves by its own cog spacing.`;
    const fixes = [{ text: `a ${cogCount}-speed derailleur` }, { text: `a ${made}-speed cassette` }];
    const numbers = { required: cogCount, limit: made, margin: made - cogCount, unit: 'speeds', fixes } as const;
    return answered('shifterSpeeds', 'cannotWork', message, numbers);
  }
  const margin = shifterSpeeds - cogCount;
  const numbers = { required: cogCount, limit: shifterSpeeds, margin, unit: 'speeds' } as const;
  if (margin === 0) {
    return answered('shifterSpeeds', 'inside', `${shifterSpeeds}-speed shifter on ${cogCount} cogs.`, numbers);
  }
  if (margin > 0) {
    const message = `${shifterSpeeds}-speed shifter on ${cogCount} cogs: ${margin} spare ${margin === 1 ? 'click' : 'clicks'}; the limit screw must stop the derailleur.`;
    return answered('shifterSpeeds', 'at', message, numbers);
  }
  return answered(
    'shifterSpeeds',
    'outside',
    `${shifterSpeeds}-speed shifter on ${cogCount} cogs: ${-margin} ${margin === -1 ? 'cog is' : 'cogs are'} out of reach.`,
    {
      ...numbers,
      fixes: [{ text: `a ${cogCount}-speed shifter` }, { text: `a ${shifterSpeeds}-speed cassette` }],
    },
  );
}
