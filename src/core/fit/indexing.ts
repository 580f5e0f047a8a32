import { listedFamily } from '../catalog/shift-families';
import { message } from '../message';
import type { DriveParts } from './drive-parts';
import type { RearDerailleur } from './rear-derailleur';
import { answered, notKnown, type Check } from './verdict';
import { definite } from '../items';

/** Default lateral tolerance of a guide pulley, about its float; an estimate that users can set. */
export const INDEXING_TOLERANCE_MM = 0.6;

/** Positions of the guide pulley at each cog, centred on the cassette. */
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

interface IndexingInput {
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
  if (cogCount === 1) return answered('indexing', 'inside', message('fit.indexing.oneCog'));
  if (parts.shifting === 'electronic') return checkFamilies(parts);
  const error = indexingOf(input);
  if (!error) {
    if (sameFamily(parts)) {
      return answered(
        'indexing',
        'inside',
        message('fit.indexing.sameSystem', { system: definite(parts.shifterFamily) }),
      );
    }
    const which = rearDerailleur.pullRatio !== undefined ? 'pull' : parts.cablePullMm !== undefined ? 'ratio' : 'both';
    const what = message('fit.indexing.what', { pitch: pitchMm });
    return notKnown('indexing', what, message('fit.indexing.missing', { which }));
  }
  const toleranceMm = parts.indexingToleranceMm ?? INDEXING_TOLERANCE_MM;
  const margin = toleranceMm - error.atEndsMm;
  const { cablePullMm, pullRatio, isTypical } = pullFigures(parts, rearDerailleur);
  const figures = message(isTypical ? 'fit.indexing.typical' : 'fit.indexing.measured', {
    move: error.moveMm,
    pitch: pitchMm,
    perClick: error.perClickMm,
    atEnds: error.atEndsMm,
  });
  const numbers = { required: error.atEndsMm, limit: toleranceMm, margin, unit: 'mm' } as const;
  const fixes = [
    { text: message('fit.indexing.fixRatio', { ratio: pitchMm / definite(cablePullMm) }) },
    { text: message('fit.indexing.fixPull', { pull: pitchMm / definite(pullRatio) }) },
  ];
  const doubtMm = indexingDoubtMm(definite(cablePullMm), definite(pullRatio), cogCount);
  // What rounding alone may have put on either side of the limit is not known.
  if (Math.abs(margin) < doubtMm && !sameFamily(parts)) {
    const what = message('fit.indexing.doubtful', { figures, doubt: doubtMm });
    const numbersKnown = { required: error.atEndsMm, limit: toleranceMm, unit: 'mm' } as const;
    return notKnown('indexing', what, message('fit.indexing.missingDecimals'), numbersKnown);
  }
  if (error.atEndsMm - doubtMm >= pitchMm / 2) {
    return answered('indexing', 'cannotWork', message('fit.indexing.nextCog', { figures }), {
      ...numbers,
      fixes,
    });
  }
  if (margin < 0) {
    return answered('indexing', 'outside', message('fit.indexing.over', { figures, over: -margin }), {
      ...numbers,
      fixes,
    });
  }
  const text = message('fit.indexing.spare', { figures, spare: margin });
  return answered('indexing', margin === 0 ? 'at' : 'inside', text, numbers);
}

function checkFamilies({ shifterFamily, derailleurFamily }: DriveParts): Check {
  if (shifterFamily === undefined || derailleurFamily === undefined) {
    const which = derailleurFamily !== undefined ? 'shifter' : shifterFamily !== undefined ? 'derailleur' : 'both';
    const missing = message('fit.indexing.missingSystem', { which });
    return notKnown('indexing', message('fit.indexing.electronic'), missing);
  }
  if (sameName(shifterFamily, derailleurFamily)) {
    return answered('indexing', 'inside', message('fit.indexing.sameElectronic', { system: shifterFamily }));
  }
  // Typed names may be synonyms: only families of the list are known to differ.
  if (!listedFamily(shifterFamily) || !listedFamily(derailleurFamily)) {
    const what = message('fit.indexing.unlistedElectronic', { shifter: shifterFamily, derailleur: derailleurFamily });
    return notKnown('indexing', what, message('fit.indexing.missingTogether'));
  }
  return answered(
    'indexing',
    'cannotWork',
    message('fit.indexing.otherElectronic', { shifter: shifterFamily, derailleur: derailleurFamily }),
    {
      fixes: [
        { text: message('fit.indexing.fixDerailleur', { system: shifterFamily }) },
        { text: message('fit.indexing.fixShifter', { system: derailleurFamily }) },
      ],
    },
  );
}

/** Whether typed names are equal apart from case and spaces. */
export function sameName(a: string, b: string): boolean {
  const plain = (name: string) => name.trim().replace(/\s+/g, ' ').toLowerCase();
  return plain(a) === plain(b);
}

/** The clicks of the shifter, and the cogs that an electronic derailleur is made for, against the cassette. */
export function checkShifterSpeeds(cogCount: number, parts: DriveParts, { speeds }: RearDerailleur): Check {
  const { shifterSpeeds, shifting } = parts;
  const made = shifting === 'electronic' ? speeds : undefined;
  if (shifterSpeeds === undefined || (shifting === 'electronic' && speeds === undefined)) {
    const missing = message(
      shifterSpeeds === undefined ? 'fit.shifterSpeeds.missingShifter' : 'fit.shifterSpeeds.missingDerailleur',
    );
    const what = message('fit.shifterSpeeds.what', { cogs: cogCount });
    return notKnown('shifterSpeeds', what, missing, { required: cogCount, unit: 'speeds' });
  }
  if (made !== undefined && made !== cogCount) {
    const text = message('fit.shifterSpeeds.electronic', { speeds: made, cogs: cogCount });
    const fixes = [
      { text: message('fit.shifterSpeeds.fixDerailleur', { speeds: cogCount }) },
      { text: message('fit.shifterSpeeds.fixCassette', { speeds: made }) },
    ];
    const numbers = { required: cogCount, limit: made, margin: made - cogCount, unit: 'speeds', fixes } as const;
    return answered('shifterSpeeds', 'cannotWork', text, numbers);
  }
  const margin = shifterSpeeds - cogCount;
  const numbers = { required: cogCount, limit: shifterSpeeds, margin, unit: 'speeds' } as const;
  const on = { speeds: shifterSpeeds, cogs: cogCount };
  if (margin === 0) {
    return answered('shifterSpeeds', 'inside', message('fit.shifterSpeeds.same', on), numbers);
  }
  if (margin > 0) {
    return answered('shifterSpeeds', 'at', message('fit.shifterSpeeds.spare', { ...on, spare: margin }), numbers);
  }
  return answered('shifterSpeeds', 'outside', message('fit.shifterSpeeds.outOfReach', { ...on, over: -margin }), {
    ...numbers,
    fixes: [
      { text: message('fit.shifterSpeeds.fixShifter', { speeds: cogCount }) },
      { text: message('fit.shifterSpeeds.fixCassette', { speeds: shifterSpeeds }) },
    ],
  });
}
