import { MM_PER_TOOTH } from './front';

/** Teeth gained by an extender: it lowers the derailleur, and each tooth needs 2.02 mm. */
export function extenderGainT(hangerExtenderMm: number): number {
  return Math.floor(hangerExtenderMm / MM_PER_TOOTH);
}

/** The least that an extender must lower the derailleur for so many teeth over its largest cog, mm. */
export function extenderForMm(overT: number): number {
  return overT * MM_PER_TOOTH;
}
