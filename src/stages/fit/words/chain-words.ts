import { chainEnds, type CageRow, type ChainLinks } from '../../../core/fit';
import type { ChainSchool } from '../../../kit/explain/fit';
import { fixed } from '../../../kit/format';
import type { EndGear } from '../useFit';

/** Why a school may come to another count than big-big + 2. */
const WHY: Readonly<Record<Exclude<ChainSchool, 'bigBigPlusTwo'>, string>> = {
  equation: 'it rounds up to a whole inch, and takes the belt for simpler than it is',
  smallSmall: 'it asks from the other end: the longest chain that still hangs taut',
  pulleysUpright: 'it asks where the pulleys stand, not whether big-big is reached',
};

/** Where a school differs from the default, and why; empty where it does not, or cannot say. */
export function schoolDifference(school: ChainSchool, links: ChainLinks): string {
  const own = links[school];
  if (school === 'bigBigPlusTwo' || own === undefined || own === links.bigBigPlusTwo) return '';
  const difference = own - links.bigBigPlusTwo;
  return `${Math.abs(difference)} ${difference > 0 ? 'more' : 'fewer'}: ${WHY[school]}`;
}

/** What both ends allow together. */
export function roomText({ bigBigPlusTwo, smallSmall }: ChainLinks): string {
  if (smallSmall === undefined) return '';
  const room = smallSmall - bigBigPlusTwo;
  if (room < 0) {
    return `No chain fits both ends: ${bigBigPlusTwo} links reach big-big with two to spare, and hang slack in small-small, which takes ${smallSmall} at most.`;
  }
  if (room === 0) return `Only ${smallSmall} links fit both ends.`;
  return `From ${bigBigPlusTwo} to ${smallSmall} links fit both ends; the shorter is lighter and quieter.`;
}

/** Where the chain is cut. */
export function endsText(links: number): string {
  const ends = chainEnds(links);
  if (!ends) return `${links} is odd: a quick link or a pin joins an even count alone; count again.`;
  return `${links} links: with a quick link cut to ${ends.withQuickLink}, both ends inner, for the quick link is the last outer one; with a joining pin cut to ${ends.withPin}, one end inner, one outer.`;
}

/** What to do to the chain that is there. */
export function changeText(linksToAdd: number | undefined, present: number | undefined, isOwn: boolean): string {
  if (linksToAdd === undefined || present === undefined) {
    return 'Count the links of the chain on the bike to see what to add or take out. A quick link counts as one outer pair.';
  }
  const chain = isOwn ? `Of ${present} links` : `Of the ${present} links now fitted`;
  if (linksToAdd === 0) return `${chain}: just right, nothing to add or take out.`;
  if (linksToAdd < 0) return `${chain}: take out ${-linksToAdd}, or leave them where small-small stays taut.`;
  return `${chain}: ${linksToAdd} are missing: a new chain, for joined pieces of chain wear unlike.`;
}

/** What a check at one end must look like on the stand, with the angle that the drawing foretells; or why it fails. */
export function endCheckText(end: EndGear['end'], { pose }: CageRow): string {
  switch (pose.state) {
    case 'impossible':
      return `Cannot be drawn: ${pose.failure.message}. Check cage length, pulleys and gap below.`;
    case 'tooShort':
      return 'The check fails: the chain is straight, and locks, before it lies on both. Never ride it so.';
    case 'slack':
      return 'The check fails: the lower run sags, or the cage meets the chain.';
    case 'ok':
      return end === 'bigBig'
        ? `Must look so: cage well forward (here ${fixed(pose.angleDeg, 0)}°) with travel left, the chain bent round both pulleys, not straight. Turn the crank slowly by hand.`
        : `Must look so: cage folded back (here ${fixed(pose.angleDeg, 0)}°), the lower run taut, clear of the upper pulley and of itself.`;
  }
}
