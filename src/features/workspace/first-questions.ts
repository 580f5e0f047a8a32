import type { Use } from '../../core/needs';
import type { Setup } from '../../core/gears';
import { parseShorthand } from '../../formats/shorthand';
import { SETUP_DEFAULTS, type BikeRecord, type SetupRecord } from '../../records';

/** Questions of new users, the most frequent first. */
export const FIRST_QUESTIONS = ['oneOrTwo', 'cassette', 'derailleur', 'chain', 'used', 'mountains'] as const;
export type FirstQuestion = (typeof FIRST_QUESTIONS)[number];

/** What a question needs beside the gears; defaults are assumed and shown as such. */
export interface FirstDetails {
  readonly use?: Use | undefined;
  /** The other cassette, as typed: 11-34, or every cog. */
  readonly cassette: string;
  readonly totalCapacityT?: number | undefined;
  readonly largestCogMaxT?: number | undefined;
  readonly chainstayMm?: number | undefined;
  readonly steepestGradePercent?: number | undefined;
}

/** The page that answers each question. */
const ANSWERED_AT: Readonly<Record<FirstQuestion, string>> = {
  oneOrTwo: '/needs',
  cassette: '/compare',
  derailleur: '/compatibility',
  chain: '/compatibility',
  used: '/rides',
  mountains: '/find',
};

interface FirstBike {
  readonly bike: Partial<BikeRecord>;
  readonly setup: Setup & Partial<SetupRecord>;
  /** Set beside the present gears. */
  readonly candidates: readonly Setup[];
  /** The page with the answer. */
  readonly path: string;
}

/**
 * Turns the present gears, a question and its details into a bike and the page with the answer. Without a question the
 * page is that of the gears.
 * @returns a message for the field of the other cassette where that cannot be read
 */
export function firstBike(
  setup: Setup,
  question: FirstQuestion | undefined,
  details: FirstDetails,
): { readonly ok: true; readonly first: FirstBike } | { readonly ok: false; readonly message: string } {
  const { use, cassette, totalCapacityT, largestCogMaxT, chainstayMm, steepestGradePercent } = details;
  if (question === undefined) return { ok: true, first: { bike: {}, setup, candidates: [], path: '/gears' } };
  const path = ANSWERED_AT[question];
  const first: FirstBike = { bike: {}, setup, candidates: [], path };
  switch (question) {
    case 'oneOrTwo':
      return { ok: true, first: { ...first, bike: { brief: { ...(use && { use }) } } } };
    case 'mountains':
      return {
        ok: true,
        first: {
          ...first,
          bike: { brief: { ...(use && { use }), ...(steepestGradePercent !== undefined && { steepestGradePercent }) } },
        },
      };
    case 'cassette': {
      const other = parseShorthand(`${setup.chainrings.join('/')} x ${cassette}`);
      if (!other.ok) return other;
      return { ok: true, first: { ...first, candidates: [{ ...other.setup, hubStages: setup.hubStages }] } };
    }
    case 'derailleur':
      return {
        ok: true,
        first: {
          ...first,
          setup: {
            ...setup,
            rearDerailleur: {
              ...SETUP_DEFAULTS.rearDerailleur,
              ...(totalCapacityT !== undefined && { totalCapacityT }),
              ...(largestCogMaxT !== undefined && { largestCogMaxT }),
            },
          },
        },
      };
    case 'chain':
      return { ok: true, first: { ...first, bike: { ...(chainstayMm !== undefined && { chainstayMm }) } } };
    case 'used':
      return { ok: true, first };
  }
}
