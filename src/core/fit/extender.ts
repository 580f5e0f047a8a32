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
  const cost = 'the guide pulley hangs farther from the small cogs and shifts less crisply';
  if (largestCogMaxT === undefined) {
    return hangerExtenderMm === undefined
      ? answered('hangerExtender', 'inside', 'None fitted.')
      : notKnown(
          'hangerExtender',
          `An extender of ${allDigits(hangerExtenderMm)} mm: ${cost}`,
          'the largest cog the derailleur takes',
        );
  }
  const over = largestCog - largestCogMaxT;
  if (hangerExtenderMm === undefined) {
    if (over <= 0) return answered('hangerExtender', 'inside', 'None fitted, none needed.');
    return answered(
      'hangerExtender',
      'outside',
      `None fitted. One that lowers the derailleur by ${fixed(extenderForMm(over), 1)} mm or more might reach the ${largestCog}T cog: a caution, no plain yes, for ${cost}.`,
      { required: over, limit: 0, margin: -over, unit: 'T' },
    );
  }
  const gain = extenderGainT(hangerExtenderMm);
  const margin = gain - over;
  const numbers = { required: Math.max(0, over), limit: gain, margin, unit: 'T' } as const;
  const what = `An extender of ${allDigits(hangerExtenderMm)} mm makes room for ${gain}T more`;
  if (over <= 0) {
    return answered(
      'hangerExtender',
      'at',
      `${what}, which the ${largestCog}T cog does not need: take it off, for ${cost}.`,
      numbers,
    );
  }
  if (margin >= 0) {
    return answered(
      'hangerExtender',
      'at',
      `${what}, and ${over}T are over the sheet: a caution, no plain yes, for ${cost}.`,
      numbers,
    );
  }
  return answered('hangerExtender', 'outside', `${what}, but ${over}T are over the sheet: it does not reach.`, {
    ...numbers,
    fixes: [{ text: `an extender of ${fixed(extenderForMm(over), 1)} mm or more` }],
  });
}
