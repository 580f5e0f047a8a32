import { message, type Message } from '../message';

/** An ISO 5775 rim seat diameter and the names that the trade has for wheels of it. */
interface RimSize {
  readonly diameterMm: number;
  readonly alsoCalled: Message;
}

/** Those that the trade has names for. */
type RimDiameter = 622 | 584 | 559 | 406 | 635 | 630 | 590 | 571 | 540 | 507 | 451 | 369 | 355 | 349 | 305 | 254 | 203;

const rim = (diameterMm: RimDiameter): RimSize => ({
  diameterMm,
  alsoCalled: message(`parts.rim.iso${diameterMm}`),
});

/** The common ones first, then from large to small. */
export const RIM_SIZES: readonly RimSize[] = [
  rim(622),
  rim(584),
  rim(559),
  rim(406),
  rim(635),
  rim(630),
  rim(590),
  rim(571),
  rim(540),
  rim(507),
  rim(451),
  rim(369),
  rim(355),
  rim(349),
  rim(305),
  rim(254),
  rim(203),
];
