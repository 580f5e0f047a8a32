import { message } from '../message';
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
  const cost = message('fit.extender.cost');
  if (largestCogMaxT === undefined) {
    return hangerExtenderMm === undefined
      ? answered('hangerExtender', 'inside', message('fit.extender.notFitted'))
      : notKnown(
          'hangerExtender',
          message('fit.extender.what', { drop: hangerExtenderMm, cost }),
          message('fit.extender.missing'),
        );
  }
  const over = largestCog - largestCogMaxT;
  if (hangerExtenderMm === undefined) {
    if (over <= 0) return answered('hangerExtender', 'inside', message('fit.extender.notNeeded'));
    return answered(
      'hangerExtender',
      'outside',
      message('fit.extender.mightClear', { drop: extenderForMm(over), cog: largestCog, cost }),
      { required: over, limit: 0, margin: -over, unit: 'T' },
    );
  }
  const gain = extenderGainT(hangerExtenderMm);
  const margin = gain - over;
  const numbers = { required: Math.max(0, over), limit: gain, margin, unit: 'T' } as const;
  const extender = { drop: hangerExtenderMm, gain };
  if (over <= 0) {
    return answered(
      'hangerExtender',
      'at',
      message('fit.extender.needless', { ...extender, cog: largestCog, cost }),
      numbers,
    );
  }
  if (margin >= 0) {
    return answered('hangerExtender', 'at', message('fit.extender.enough', { ...extender, over, cost }), numbers);
  }
  return answered('hangerExtender', 'outside', message('fit.extender.notEnough', { ...extender, over }), {
    ...numbers,
    fixes: [{ text: message('fit.extender.fixExtender', { drop: extenderForMm(over) }) }],
  });
}
