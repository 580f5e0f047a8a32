import { allDigits, fixed } from '../number-text';
import type { DriveParts } from './drive-parts';
import { extenderForMm, extenderGainT } from './extender-gain';
import type { RearDerailleur } from './rear-derailleur';
import { answered, notKnown, type Check } from './verdict';

/** A hanger extender: raises the largest cog, costs crispness; a caution at best, never a plain yes. */
export function checkExtender(
  largestCog: number,
  { largestCogMaxT }: RearDerailleur,
  { hangerExtenderMm }: DriveParts,
): Check {
  const cost = 'the guide pulley is farther from the small cogs and shifting is less crisp';
  if (largestCogMaxT === undefined) {
    return hangerExtenderMm === undefined
      ? answered('hangerExtender', 'inside', 'Not fitted.')
      : notKnown(
          'hangerExtender',
          `Extender with ${allDigits(hangerExtenderMm)} mm drop: ${cost}`,
          'the largest cog the derailleur takes',
        );
  }
  const over = largestCog - largestCogMaxT;
  if (hangerExtenderMm === undefined) {
    if (over <= 0) return answered('hangerExtender', 'inside', 'Not fitted and not needed.');
    return answered(
      'hangerExtender',
      'outside',
      `Not fitted. An extender with ${fixed(extenderForMm(over), 1)} mm drop or more might clear the ${largestCog}T cog. Use with caution: ${cost}.`,
      { required: over, limit: 0, margin: -over, unit: 'T' },
    );
  }
  const gain = extenderGainT(hangerExtenderMm);
  const margin = gain - over;
  const numbers = { required: Math.max(0, over), limit: gain, margin, unit: 'T' } as const;
  const what = `An extender with ${allDigits(hangerExtenderMm)} mm drop makes room for ${gain}T more`;
  if (over <= 0) {
    return answered(
      'hangerExtender',
      'at',
      `${what}, which the ${largestCog}T cog does not need. Remove it: ${cost}.`,
      numbers,
    );
  }
  if (margin >= 0) {
    return answered(
      'hangerExtender',
      'at',
      `${what}, and the cog is ${over}T over the published limit. Use with caution: ${cost}.`,
      numbers,
    );
  }
  return answered(
    'hangerExtender',
    'outside',
    `${what}, but the cog is ${over}T over the published limit: it is not enough.`,
    {
      ...numbers,
      fixes: [{ text: `an extender with ${fixed(extenderForMm(over), 1)} mm drop or more` }],
    },
  );
}
