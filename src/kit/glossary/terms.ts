import { fixed, short } from '../format';
import { t } from './terms-text';

/** Small drawings; several terms share one and point at different things in it. */
export type Picture =
  | { readonly of: 'drive'; readonly mark: DriveMark }
  | { readonly of: 'above'; readonly mark: AboveMark }
  | { readonly of: 'rungs'; readonly mark: RungsMark }
  | { readonly of: 'wheel'; readonly mark: WheelMark }
  | { readonly of: 'links'; readonly mark: LinksMark }
  | { readonly of: 'teeth'; readonly mark: 'narrowWide' };
export type DriveMark =
  | 'ring'
  | 'cog'
  | 'chain'
  | 'guidePulley'
  | 'tensionPulley'
  | 'cage'
  | 'bGap'
  | 'hanger'
  | 'extender'
  | 'clutch'
  | 'chainGuide'
  | 'bigBig'
  | 'smallSmall';
export type AboveMark = 'cassette' | 'freehub' | 'lockring' | 'spacer' | 'chainline' | 'crossed' | 'indexing';
export type RungsMark = 'gear' | 'step' | 'twins' | 'overlap' | 'path' | 'hole' | 'oneRing' | 'twoRings' | 'range';
export type WheelMark = 'ratio' | 'rollout' | 'development' | 'gearInches' | 'gainRatio' | 'cadence';
export type LinksMark = 'pitch' | 'link' | 'quickLink' | 'wear';

export interface Term {
  readonly id: string;
  readonly name: string;
  /** Other ways in which it is written; plurals are found by themselves. */
  readonly also: readonly string[];
  readonly text: string;
  readonly picture: Picture;
  /** Ids of terms to read next. */
  readonly see: readonly string[];
}

const term = (
  id: string,
  name: string,
  picture: Picture,
  text: string,
  { also = [], see = [] }: { readonly also?: readonly string[]; readonly see?: readonly string[] } = {},
): Term => ({ id, name, also, text, picture, see });

const drive = (mark: DriveMark): Picture => ({ of: 'drive', mark });
const above = (mark: AboveMark): Picture => ({ of: 'above', mark });
const rungs = (mark: RungsMark): Picture => ({ of: 'rungs', mark });
const wheel = (mark: WheelMark): Picture => ({ of: 'wheel', mark });
const links = (mark: LinksMark): Picture => ({ of: 'links', mark });

/** The terms of the trade. They are shown in alphabetical order. */
export const TERMS: readonly Term[] = [
  term(t('terms.chainring'), t('terms.chainring2'), drive('ring'), t('terms.theToothedRingOnThe'), {
    also: [t('terms.also.ring'), t('terms.also.frontRing')],
    see: [t('terms.see.cog'), t('terms.see.ratio')],
  }),
  term(t('terms.cog'), t('terms.cog2'), drive('cog'), t('terms.oneOfTheToothedWheels'), {
    also: [t('terms.also.sprocket')],
    see: [t('terms.see.cassette'), t('terms.see.ratio')],
  }),
  term(t('terms.cassette'), t('terms.cassette2'), above('cassette'), t('terms.allTheCogsTogetherOn'), {
    see: [t('terms.see.cog'), t('terms.see.freehubBody'), t('terms.see.lockring')],
  }),
  term(t('terms.setup'), t('terms.setup2'), rungs('twoRings'), t('terms.theChainringsAndCassetteOn'), {
    see: [t('terms.see.gear'), t('terms.see.oneBy'), t('terms.see.twoBy')],
  }),
  term(t('terms.gear'), t('terms.gear2'), rungs('gear'), t('terms.oneChainringCombinedWithOne'), {
    see: [t('terms.see.ratio'), t('terms.see.easier')],
  }),
  term(t('terms.oneBy'), '1x', rungs('oneRing'), t('terms.aDrivetrainWithOneChainring'), {
    also: [t('terms.also.oneBy'), t('terms.also.singleRing')],
    see: [t('terms.see.twoBy'), t('terms.see.narrowWide')],
  }),
  term(t('terms.twoBy'), '2x', rungs('twoRings'), t('terms.aDrivetrainWithTwoChainrings'), {
    also: [t('terms.also.twoBy')],
    see: [t('terms.see.overlap'), t('terms.see.twins')],
  }),
  term(t('terms.easier'), t('terms.easierAndHarder'), rungs('range'), t('terms.anEasierGearHasA'), {
    also: [t('terms.also.harder'), t('terms.also.easier'), t('terms.also.easiestGear'), t('terms.also.hardestGear')],
    see: [t('terms.see.ratio')],
  }),
  term(t('terms.crossChained'), t('terms.crossChained2'), above('crossed'), t('terms.aGearInWhichThe'), {
    also: [t('terms.also.crossChaining'), t('terms.also.crossed')],
    see: [t('terms.see.chainline')],
  }),
  term(t('terms.guidePulley'), t('terms.guidePulley2'), drive('guidePulley'), t('terms.theUpperOfTheTwo'), {
    also: [t('terms.also.upperPulley')],
    see: [t('terms.see.bGap'), t('terms.see.tensionPulley')],
  }),
  term(t('terms.tensionPulley'), t('terms.tensionPulley2'), drive('tensionPulley'), t('terms.theLowerPulleyOfThe'), {
    also: [t('terms.also.lowerPulley')],
    see: [t('terms.see.cage'), t('terms.see.capacity')],
  }),
  term(t('terms.cage'), t('terms.cage2'), drive('cage'), t('terms.theArmThatHoldsBoth'), {
    also: [t('terms.also.cageLength')],
    see: [t('terms.see.capacity'), t('terms.see.tensionPulley')],
  }),
  term(t('terms.bGap'), t('terms.bGap2'), drive('bGap'), t('terms.theDistanceBetweenTheGuide'), {
    also: [t('terms.also.bTensionScrew'), t('terms.also.bScrew'), t('terms.also.bScrew2')],
    see: [t('terms.see.guidePulley')],
  }),
  term(
    t('terms.pitch'),
    t('terms.pitch2'),
    links('pitch'),
    t('terms.theDistanceBetweenTwoPins', { short: short(12.7, 1) }),
    { see: [t('terms.see.link')] },
  ),
  term(t('terms.link'), t('terms.link2'), links('link'), t('terms.onePieceOfChainOuter'), {
    also: [t('terms.also.chainLength')],
    see: [t('terms.see.pitch'), t('terms.see.quickLink'), t('terms.see.bigBig')],
  }),
  term(t('terms.quickLink'), t('terms.quickLink2'), links('quickLink'), t('terms.anOuterLinkThatCloses'), {
    see: [t('terms.see.link')],
  }),
  term(
    t('terms.chainWear'),
    t('terms.chainWear2'),
    links('wear'),
    t('terms.howFarAChainHas', { short: short(0.5, 2), short2: short(0.75, 2) }),
    { also: [t('terms.also.wearGauge')], see: [t('terms.see.pitch')] },
  ),
  term(t('terms.freehubBody'), t('terms.freehubBody2'), above('freehub'), t('terms.theSplinedBodyThatThe'), {
    also: [t('terms.also.freehub')],
    see: [t('terms.see.spacer'), t('terms.see.lockring')],
  }),
  term(t('terms.lockring'), t('terms.lockring2'), above('lockring'), t('terms.theRingThatHoldsThe'), {
    see: [t('terms.see.cassette')],
  }),
  term(t('terms.spacer'), t('terms.spacer2'), above('spacer'), t('terms.aRingBehindTheCassette'), {
    see: [t('terms.see.freehubBody')],
  }),
  term(t('terms.hanger'), t('terms.hanger2'), drive('hanger'), t('terms.thePartThatTheRear'), {
    also: [t('terms.also.derailleurHanger')],
    see: [t('terms.see.extender')],
  }),
  term(t('terms.extender'), t('terms.hangerExtender'), drive('extender'), t('terms.aPlateThatLowersThe'), {
    also: [t('terms.also.extender')],
    see: [t('terms.see.hanger'), t('terms.see.largestCog')],
  }),
  term(t('terms.clutch'), t('terms.clutch2'), drive('clutch'), t('terms.aFrictionBrakeInThe'), {
    see: [t('terms.see.cage'), t('terms.see.narrowWide')],
  }),
  term(t('terms.chainGuide'), t('terms.chainGuide2'), drive('chainGuide'), t('terms.aCageAroundTheChainring'), {
    see: [t('terms.see.narrowWide'), t('terms.see.clutch')],
  }),
  term(
    t('terms.narrowWide'),
    t('terms.narrowWideRing'),
    { of: 'teeth', mark: 'narrowWide' },
    t('terms.aChainringWithAlternatingNarrow'),
    { also: [t('terms.also.narrowWide')], see: [t('terms.see.clutch'), t('terms.see.chainGuide')] },
  ),
  term(t('terms.chainline'), t('terms.chainline2'), above('chainline'), t('terms.theDistanceFromTheCentreline'), {
    see: [t('terms.see.crossChained')],
  }),
  term(
    t('terms.ratio'),
    t('terms.ratio2'),
    wheel('ratio'),
    t('terms.chainringCogWheelTurnsPer', { value: fixed(4 / 3, 3) }),
    { also: [t('terms.also.gearRatio')], see: [t('terms.see.development'), t('terms.see.twins')] },
  ),
  term(t('terms.rollout'), t('terms.rollout2'), wheel('rollout'), t('terms.theDistanceTheBikeCovers'), {
    see: [t('terms.see.development')],
  }),
  term(t('terms.development'), t('terms.development2'), wheel('development'), t('terms.theDistanceTheBikeCovers2'), {
    see: [t('terms.see.ratio'), t('terms.see.rollout'), t('terms.see.gearInches')],
  }),
  term(t('terms.gearInches'), t('terms.gearInches2'), wheel('gearInches'), t('terms.theDiameterOfADirectly'), {
    also: [t('terms.also.gearInch')],
    see: [t('terms.see.development')],
  }),
  term(t('terms.gainRatio'), t('terms.gainRatio2'), wheel('gainRatio'), t('terms.theDistanceTheBikeTravels'), {
    see: [t('terms.see.ratio'), t('terms.see.development')],
  }),
  term(t('terms.cadence'), t('terms.cadence2'), wheel('cadence'), t('terms.crankTurnsPerMinuteRpm'), {
    also: ['rpm', t('terms.also.cadenceRange')],
    see: [t('terms.see.development'), t('terms.see.hole')],
  }),
  term(t('terms.step'), t('terms.step2'), rungs('step'), t('terms.theChangeFromOneGear'), {
    also: [t('terms.also.speedStep'), t('terms.also.cadenceDrop'), t('terms.also.logStep')],
    see: [t('terms.see.twins'), t('terms.see.hole')],
  }),
  term(t('terms.twins'), t('terms.duplicateGears'), rungs('twins'), t('terms.twoGearsWithExactlyThe'), {
    also: [
      t('terms.also.duplicate'),
      t('terms.also.duplicates'),
      t('terms.also.exactDuplicate'),
      t('terms.also.exactDuplicates'),
      t('terms.also.nearDuplicate'),
      t('terms.also.nearDuplicates'),
    ],
    see: [t('terms.see.overlap'), t('terms.see.ratio')],
  }),
  term(t('terms.overlap'), t('terms.overlap2'), rungs('overlap'), t('terms.thePartOfTheRange'), {
    also: [t('terms.also.ringOverlap'), t('terms.also.distinctGears')],
    see: [t('terms.see.twins'), t('terms.see.shiftPath')],
  }),
  term(t('terms.range'), t('terms.range2'), rungs('range'), t('terms.theHardestGearDividedBy'), {
    see: [t('terms.see.easier'), t('terms.see.step')],
  }),
  term(t('terms.shiftPath'), t('terms.shiftSequence'), rungs('path'), t('terms.theGearsARiderUses'), {
    see: [t('terms.see.overlap'), t('terms.see.crossChained')],
  }),
  term(t('terms.hole'), t('terms.gap'), rungs('hole'), t('terms.speedsAtWhichNoGear'), {
    also: [t('terms.also.coverage')],
    see: [t('terms.see.cadence'), t('terms.see.step')],
  }),
  term(t('terms.capacity'), t('terms.capacity2'), drive('cage'), t('terms.howMuchChainTheCage'), {
    also: [t('terms.also.totalCapacity')],
    see: [t('terms.see.cage'), t('terms.see.smallSmall'), t('terms.see.bigBig')],
  }),
  term(t('terms.largestCog'), t('terms.largestCog2'), drive('bGap'), t('terms.theLargestCogThatThe'), {
    see: [t('terms.see.bGap'), t('terms.see.extender'), t('terms.see.capacity')],
  }),
  term(t('terms.indexing'), t('terms.indexing2'), above('indexing'), t('terms.oneShifterClickMovesThe'), {
    also: [t('terms.also.cablePullPerClick'), t('terms.also.actuationRatio')],
    see: [t('terms.see.cassette'), t('terms.see.limitScrew')],
  }),
  term(t('terms.limitScrew'), t('terms.limitScrew2'), above('cassette'), t('terms.oneOfTheTwoScrews'), {
    also: [t('terms.also.limitScrews')],
    see: [t('terms.see.indexing')],
  }),
  term(t('terms.bigBig'), t('terms.bigBig2'), drive('bigBig'), t('terms.bigRingWithTheLargest'), {
    also: [t('terms.also.bigBig')],
    see: [t('terms.see.smallSmall'), t('terms.see.link')],
  }),
  term(t('terms.smallSmall'), t('terms.smallSmall2'), drive('smallSmall'), t('terms.smallRingWithTheSmallest'), {
    also: [t('terms.also.smallSmall')],
    see: [t('terms.see.bigBig'), t('terms.see.capacity')],
  }),
];

const BY_ID = new Map(TERMS.map((one) => [one.id, one]));

/** @throws Error where there is no such term */
export function termOf(id: string): Term {
  const found = BY_ID.get(id);
  if (!found) throw new Error(t('terms.termOf.noTerm', { id }));
  return found;
}

/** The terms as they stand in a list, by name. */
export const TERMS_BY_NAME: readonly Term[] = [...TERMS].sort((a, b) =>
  a.name.localeCompare(b.name, t('terms.termsByName.en')),
);
