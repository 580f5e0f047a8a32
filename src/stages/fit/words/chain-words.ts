import { chainEnds, type CageRow, type ChainLinks } from '../../../core/fit';
import type { ChainSchool } from '../../../kit/explain/fit';
import { fixed } from '../../../kit/format';
import type { EndGear } from '../useFit';

/** Why a school may come to another count than big-big + 2. */
const WHY: Readonly<Record<Exclude<ChainSchool, 'bigBigPlusTwo'>, string>> = {
  equation: 'it rounds up to a whole inch and uses an approximation',
  smallSmall: 'it works from the other limit: the longest chain that is still taut',
  pulleysUpright: 'it sets the cage position in one gear, not whether big-big can be reached',
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
    return `No chain length works: big-big needs at least ${bigBigPlusTwo} links, small-small takes at most ${smallSmall}.`;
  }
  if (room === 0) return `Only ${smallSmall} links work for both big-big and small-small.`;
  return `${bigBigPlusTwo} to ${smallSmall} links work; the shorter chain is lighter and quieter.`;
}

/** Where the chain is cut. */
export function endsText(links: number): string {
  const ends = chainEnds(links);
  if (!ends) return `${links} is an odd number, but a closed chain has an even number of links. Count again.`;
  return `${links} links including the quick link: cut to ${ends.withQuickLink}, with inner links at both ends. With a connecting pin: cut to ${ends.withPin}, one inner and one outer end.`;
}

/** What to do to the chain that is there. */
export function changeText(linksToAdd: number | undefined, present: number | undefined, isOwn: boolean): string {
  if (linksToAdd === undefined || present === undefined) {
    return 'Count the links of the chain on the bike to see whether to add or remove links. A quick link counts as one outer link.';
  }
  const chain = isOwn ? `${present} links` : `The ${present} links now on the bike`;
  if (linksToAdd === 0) return `${chain}: correct length.`;
  if (linksToAdd < 0) return `${chain}: remove ${-linksToAdd}, or leave the chain as it is if small-small stays taut.`;
  return `${chain}: ${linksToAdd} links too short. Fit a new chain; do not splice in new links, because they wear differently.`;
}

/** What a check at one end must look like on the stand, with the angle that the drawing foretells; or why it fails. */
export function endCheckText(end: EndGear['end'], { pose }: CageRow): string {
  switch (pose.state) {
    case 'impossible':
      return `Cannot be drawn: ${pose.failure.message}. Check cage length, pulleys and gap below.`;
    case 'tooShort':
      return 'Fails: the chain is too short to reach both. It would lock. Do not ride it.';
    case 'slack':
      return 'Fails: the lower run sags, or the cage touches the chain.';
    case 'ok':
      return end === 'bigBig'
        ? `Should look like this: cage well forward (here ${fixed(pose.angleDeg, 0)}°) with travel left, the chain bent round both pulleys, not straight. Turn the crank slowly by hand.`
        : `Should look like this: cage folded back (here ${fixed(pose.angleDeg, 0)}°), the lower run taut, clear of the upper pulley and of itself.`;
  }
}
