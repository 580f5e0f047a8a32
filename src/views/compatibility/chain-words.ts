import { chainEnds, type CageRow, type ChainLinks } from '../../core/fit';
import type { ChainMethod } from '../../features/explanations/fit';
import { fixed } from '../../ui/format';
import type { EndGear } from './useFit';
import { textOf } from '../../messages/core';
import { t } from './text';

/** Why a school may come to another count than big-big + 2. */
const WHY: Readonly<Record<Exclude<ChainMethod, 'bigBigPlusTwo'>, string>> = {
  equation: t('chainWords.why.equation'),
  smallSmall: t('chainWords.why.smallSmall'),
  pulleysUpright: t('chainWords.why.pulleysUpright'),
};

/** How a method differs from the default, and why; empty where it does not or has no result. */
export function schoolDifference(school: ChainMethod, links: ChainLinks): string {
  const own = links[school];
  if (school === 'bigBigPlusTwo' || own === undefined || own === links.bigBigPlusTwo) return '';
  const difference = own - links.bigBigPlusTwo;
  return t('chainWords.schoolDifference.difference2', {
    difference: Math.abs(difference),
    difference2: difference > 0 ? 'yes' : 'no',
    school: WHY[school],
  });
}

/** What both ends allow together. */
export function roomText({ bigBigPlusTwo, smallSmall }: ChainLinks): string {
  if (smallSmall === undefined) return '';
  const room = smallSmall - bigBigPlusTwo;
  if (room < 0) {
    return t('chainWords.roomText.noChainLengthWorksBig', { bigBigPlusTwo, smallSmall });
  }
  if (room === 0) return t('chainWords.roomText.onlyLinksWorkForBoth', { smallSmall });
  return t('chainWords.roomText.toLinksWorkTheShorter', { bigBigPlusTwo, smallSmall });
}

/** Where the chain is cut. */
export function endsText(links: number): string {
  const ends = chainEnds(links);
  if (!ends) return t('chainWords.endsText.isAnOddNumberBut', { links });
  return t('chainWords.endsText.linksIncludingTheQuickLink', {
    links,
    withQuickLink: ends.withQuickLink,
    withPin: ends.withPin,
  });
}

/** What to do to the chain that is there. */
export function changeText(linksToAdd: number | undefined, present: number | undefined, isOwn: boolean): string {
  if (linksToAdd === undefined || present === undefined) {
    return t('chainWords.changeText.countTheLinksOfThe');
  }
  const chain = isOwn
    ? t('chainWords.changeText.links', { present })
    : t('chainWords.changeText.theLinksNowOnThe', { present });
  if (linksToAdd === 0) return t('chainWords.changeText.correctLength', { chain });
  if (linksToAdd < 0) return t('chainWords.changeText.removeOrLeaveTheChain', { chain, linksToAdd: -linksToAdd });
  return t('chainWords.changeText.linksTooShortFitA', { chain, linksToAdd });
}

/** How a check at one end must look on the stand, with the predicted angle; or why it fails. */
export function endCheckText(end: EndGear['end'], { pose }: CageRow): string {
  switch (pose.state) {
    case 'impossible':
      return t('chainWords.endCheckText.impossible', { message: textOf(pose.failure.message) });
    case 'tooShort':
      return t('chainWords.endCheckText.tooShort');
    case 'slack':
      return t('chainWords.endCheckText.slack');
    case 'ok':
      return end === 'bigBig'
        ? t('chainWords.endCheckText.ok.shouldLookLikeThisCage', { angleDeg: fixed(pose.angleDeg, 0) })
        : t('chainWords.endCheckText.ok.shouldLookLikeThisCage2', { angleDeg: fixed(pose.angleDeg, 0) });
  }
}
