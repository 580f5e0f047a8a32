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
  if (cogCount === 1) return answered('indexing', 'inside', 'One cog: nothing to index.');
  if (parts.shifting === 'electronic') return checkFamilies(parts);
  const error = indexingOf(input);
  if (!error) {
    if (sameFamily(parts)) {
      return answered('indexing', 'inside', `Shifter and derailleur are of the family “${parts.shifterFamily}”.`);
    }
    const missing = [
      ...(parts.cablePullMm === undefined ? ['the cable that the shifter pulls a click'] : []),
      ...(rearDerailleur.pullRatio === undefined ? ['the derailleur’s ratio'] : []),
    ].join(' and ');
    return notKnown('indexing', `Cogs ${allDigits(pitchMm)} mm apart`, missing);
  }
  const toleranceMm = parts.indexingToleranceMm ?? INDEXING_TOLERANCE_MM;
  const margin = toleranceMm - error.atEndsMm;
  const { cablePullMm, pullRatio, isTypical } = pullFigures(parts, rearDerailleur);
  const perClick = `${error.perClickMm >= 0 ? '+' : '−'}${fixed(Math.abs(error.perClickMm), 2)} mm a click`;
  const figures = isTypical ? ' (typical figures)' : '';
  const what = `A click moves ${fixed(error.moveMm, 2)} mm${figures}, cogs are ${allDigits(pitchMm)} mm apart: ${perClick}, ${fixed(error.atEndsMm, 2)} mm at both ends`;
  const numbers = { required: error.atEndsMm, limit: toleranceMm, margin, unit: 'mm' } as const;
  const fixes = [
    { text: `a derailleur ratio of about ${fixed(pitchMm / cablePullMm!, 2)}` },
    { text: `a shifter that pulls about ${fixed(pitchMm / pullRatio!, 2)} mm a click` },
  ];
  const doubtMm = indexingDoubtMm(cablePullMm!, pullRatio!, cogCount);
  const doubt = `${fixed(doubtMm, 2)} mm either way, as both figures are rounded`;
  // What rounding alone may have put on either side of the limit is not known.
  if (Math.abs(margin) < doubtMm && !sameFamily(parts)) {
    const missing = 'pull and ratio to more digits, or the same family for both';
    const numbersKnown = { required: error.atEndsMm, limit: toleranceMm, unit: 'mm' } as const;
    return notKnown('indexing', `${what}, give or take ${doubt}`, missing, numbersKnown);
  }
  if (error.atEndsMm - doubtMm >= pitchMm / 2) {
    return answered('indexing', 'cannotWork', `${what}: nearer to the next cog than to its own.`, {
      ...numbers,
      fixes,
    });
  }
  if (margin < 0) {
    return answered('indexing', 'outside', `${what}, ${fixed(-margin, 2)} mm more than it forgives.`, {
      ...numbers,
      fixes,
    });
  }
  return answered('indexing', margin === 0 ? 'at' : 'inside', `${what}: ${fixed(margin, 2)} mm to spare.`, numbers);
}

function checkFamilies({ shifterFamily, derailleurFamily }: DriveParts): Check {
  if (shifterFamily === undefined || derailleurFamily === undefined) {
    const missing = [
      ...(shifterFamily === undefined ? ['the family of the shifter'] : []),
      ...(derailleurFamily === undefined ? ['the family of the derailleur'] : []),
    ].join(' and ');
    return notKnown('indexing', 'Electronic', missing);
  }
  if (sameName(shifterFamily, derailleurFamily)) {
    return answered('indexing', 'inside', `Electronic, both of the family “${shifterFamily}”.`);
  }
  // Names that people typed may be two names of one family: only families of the list are known to differ.
  if (!listedFamily(shifterFamily) || !listedFamily(derailleurFamily)) {
    const what = `Electronic, shifter of “${shifterFamily}”, derailleur of “${derailleurFamily}”`;
    return notKnown('indexing', what, 'whether the two work together: the part makers say it');
  }
  return answered(
    'indexing',
    'cannotWork',
    `Shifter of the family “${shifterFamily}”, derailleur of “${derailleurFamily}”: they do not work together.`,
    {
      fixes: [
        { text: `a derailleur of the family “${shifterFamily}”` },
        { text: `a shifter of the family “${derailleurFamily}”` },
      ],
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
    const missing = shifterSpeeds === undefined ? 'the speeds of the shifter' : 'the speeds of the derailleur';
    return notKnown('shifterSpeeds', `${cogCount} cogs`, missing, { required: cogCount, unit: 'speeds' });
  }
  if (made !== undefined && made !== cogCount) {
    const message = `An electronic derailleur for ${made} speeds on ${cogCount} cogs: it moves by its own pitch.`;
    const fixes = [{ text: `a derailleur for ${cogCount} speeds` }, { text: `a cassette of ${made} cogs` }];
    const numbers = { required: cogCount, limit: made, margin: made - cogCount, unit: 'speeds', fixes } as const;
    return answered('shifterSpeeds', 'cannotWork', message, numbers);
  }
  const margin = shifterSpeeds - cogCount;
  const numbers = { required: cogCount, limit: shifterSpeeds, margin, unit: 'speeds' } as const;
  if (margin === 0) {
    return answered('shifterSpeeds', 'inside', `A shifter for ${shifterSpeeds} speeds on ${cogCount} cogs.`, numbers);
  }
  if (margin > 0) {
    const message = `A shifter for ${shifterSpeeds} speeds on ${cogCount} cogs: ${margin} ${margin === 1 ? 'click is' : 'clicks are'} left over; the limit screw must stop them.`;
    return answered('shifterSpeeds', 'at', message, numbers);
  }
  return answered(
    'shifterSpeeds',
    'outside',
    `A shifter for ${shifterSpeeds} speeds on ${cogCount} cogs: ${-margin} ${margin === -1 ? 'cog is' : 'cogs are'} out of reach.`,
    {
      ...numbers,
      fixes: [{ text: `a shifter for ${cogCount} speeds` }, { text: `a cassette of ${shifterSpeeds} cogs` }],
    },
  );
}
