import { definite } from '../core/items';
/**
 * Set by a test before the page's scripts run: then every text of the catalogue is written in letters that no other text
 * has, and what did not come from the catalogue shows.
 */
declare global {
  var RONTEL_PSEUDO: boolean | undefined;
}

const LETTERS = 'abcdefghijklmnopqrstuvwxyzABCDEFGHIJKLMNOPQRSTUVWXYZ';
const PSEUDO_LETTERS = 'ȧƀƈḓḗƒɠħīĵķŀḿƞǿƥɋřşŧŭṽẇẋẏẑȦƁƇḒḖƑƓĦĪĴĶĿḾȠǾƤɊŘŞŦŬṼẆẊẎẐ';

/** Returns a text with each letter as one that looks like it. */
export function pseudoText(text: string): string {
  return text.replace(/[a-zA-Z]/g, (letter) => definite(PSEUDO_LETTERS[LETTERS.indexOf(letter)]));
}

export const isPseudo = () => globalThis.RONTEL_PSEUDO === true;
