import { firstOf } from '../../../core/items';
/** A whole number by chance, 0 to 2³² − 1. */
export const anyWhole = () => firstOf(crypto.getRandomValues(new Uint32Array(1)));
