import type { JobCard, JobStep, StepId } from '../../core/job';
import { MM_PER_TOOTH } from '../../core/fit';
import { fixed, short } from '../number-text';
import { chainStepText, endsOf } from './chain-words';
import { answerReasons, missingData } from './fit-words';
import { listed, pairText, pairsText, sentences } from './list';
import { t } from './text';
import { firstOf, lastOf } from '../../core/items';

/** Text of a step: what to do, why, and the caution. */
interface StepWords {
  readonly text: string;
  readonly why: string;
  readonly caution?: string | undefined;
}

const SPEC = t('stepWords.spec.thePartMakerSSpec');

type Say = (card: JobCard, step: JobStep) => StepWords;

const said = (text: string, why: string, caution?: string): StepWords => ({
  text,
  why,
  ...(caution !== undefined && { caution }),
});

const isTwo = ({ to }: JobCard) => to.setup.chainrings.length > 1;
const ring = (teeth: number) => `${teeth}T`;
const rings = (list: readonly number[]) =>
  t('stepWords.rings.theListCount1', { list: listed(list.map(ring)), listCount: list.length });
const smallRing = (card: JobCard) => ring(lastOf(card.to.setup.chainrings));
const largestCog = (card: JobCard) => ring(lastOf(card.to.setup.cogs));
const smallestCog = (card: JobCard) => ring(firstOf(card.to.setup.cogs));
/** "On the 32T ring, in the 36T cog" with two rings; with one the ring goes without saying. */
const inLargest = (card: JobCard) =>
  isTwo(card)
    ? t('stepWords.inLargest.onTheSmallRingIn', { card: smallRing(card), card2: largestCog(card) })
    : t('stepWords.inLargest.inTheCog', { card: largestCog(card) });

const SAY: Readonly<Record<StepId, Say>> = {
  decide: () => said(t('stepWords.say.decide.readTheWholeJobCard'), t('stepWords.say.decide.youFindOutThatA')),
  fit: (card) => {
    const reasons = answerReasons(card.answer);
    const missing = missingData(card.answer);
    return said(
      sentences([
        ...reasons,
        missing.length > 0 && t('stepWords.say.fit.missingDataCheckBeforeYou', { missing: missing.join('; ') }),
        card.passed.length > 0 && t('stepWords.say.fit.passedEachHasAnExtra', { passedCount: card.passed.length }),
      ]) || t('stepWords.say.fit.everyCompatibilityCheckIsInside'),
      t('stepWords.say.fit.itIsCheaperToFind'),
      reasons.length + card.passed.length > 0
        ? t('stepWords.say.fit.pastAPublishedLimitYou', { spec: SPEC })
        : undefined,
    );
  },
  chainSpeeds: ({ from, to }) =>
    said(
      t('stepWords.say.chainSpeeds.howManySpeedsIsThe', {
        cogsCount: from.setup.cogs.length,
        cogsCount2: to.setup.cogs.length,
      }),
      t('stepWords.say.chainSpeeds.aChainThatIsToo'),
    ),
  shifterSpeeds: ({ to }) =>
    said(
      t('stepWords.say.shifterSpeeds.howManySpeedsIsThe', { cogsCount: to.setup.cogs.length }),
      t('stepWords.say.shifterSpeeds.itMustIndexToThe'),
    ),
  gather: () => said(t('stepWords.say.gather.layOutPartsToolsGloves'), t('stepWords.say.gather.goingToLookForA')),
  hanger: ({ difference }) =>
    said(
      t('stepWords.say.hanger.checkTheDerailleurHangerWith', {
        comesOff: difference.rearDerailleur || difference.extender !== 'stays' ? 'yes' : 'no',
      }),
      t('stepWords.say.hanger.nothingStaysInAdjustmentOn'),
    ),
  countLinks: (card) => {
    const { minLinks } = card.difference.chain.window;
    return said(
      t('stepWords.say.countLinks.countTheLinksOfThe', { minLinks }),
      t('stepWords.say.countLinks.nobodyHasCountedThisChain', { big: endsOf(card.to.setup.chainrings.length).big }),
    );
  },
  oldGap: (card) =>
    said(
      t('stepWords.say.oldGap.beforeAnythingComesApartShift', {
        chainringsCount: card.from.setup.chainrings.length > 1 ? 'yes' : 'no',
      }),
      t('stepWords.say.oldGap.makesItEasierToPut'),
    ),
  weighBefore: () =>
    said(t('stepWords.say.weighBefore.weighTheBikeOrThe'), t('stepWords.say.weighBefore.weighingBothWaysShowsUp')),
  clutchOff: () =>
    said(t('stepWords.say.clutchOff.switchTheDerailleurSClutch'), t('stepWords.say.clutchOff.theCageSwingsFreelySo')),
  chainOff: ({ difference }) =>
    said(
      difference.chain.action === 'leave'
        ? t('stepWords.say.chainOff.openTheChainAtIts')
        : t('stepWords.say.chainOff.openTheChainAndTake'),
      t('stepWords.say.chainOff.theDerailleurAndTheRings'),
      t('stepWords.say.chainOff.wearEyeProtectionIfYou'),
    ),
  wheelOut: ({ steps }) => {
    const isChainOff = steps.some(({ id }) => id === 'chainOff');
    return said(
      isChainOff
        ? t('stepWords.say.wheelOut.takeTheRearWheelOut')
        : t('stepWords.say.wheelOut.shiftIntoTheSmallestCog'),
      isChainOff ? t('stepWords.say.wheelOut.theChainIsOff') : t('stepWords.say.wheelOut.theChainIsSlackestThere'),
      t('stepWords.say.wheelOut.openTheBrake'),
    );
  },
  cassetteOff: ({ difference }) =>
    said(
      t('stepWords.say.cassetteOff.holdTheCassetteWithA', { wheels: difference.wheels ? 'yes' : 'no' }),
      t('stepWords.say.cassetteOff.theFreehubFreewheelsInThat'),
      t('stepWords.say.cassetteOff.mindYourFingersTheWhip'),
    ),
  frontOff: ({ difference }) =>
    said(
      difference.front.kind === 'off'
        ? t('stepWords.say.frontOff.takeOffTheFrontDerailleur')
        : t('stepWords.say.frontOff.takeOffTheFrontDerailleur2'),
      difference.front.kind === 'off'
        ? t('stepWords.say.frontOff.with1xItWouldOnlyRub')
        : t('stepWords.say.frontOff.theNewOneHasAnother'),
      difference.front.kind === 'off' ? t('stepWords.say.frontOff.somethingMustKeepTheChain') : undefined,
    ),
  ringsOff: ({ difference, from }) =>
    said(
      sentences([
        difference.crank && t('stepWords.say.ringsOff.takeTheCrankOffNote'),
        difference.ringsOff.length > 0 &&
          t('stepWords.say.ringsOff.takeOffChainringsCount', {
            ringsOff: rings(difference.ringsOff),
            chainringsCount: from.setup.chainrings.length > 1 ? 'yes' : 'no',
          }),
      ]),
      t('stepWords.say.ringsOff.stripFirstThenBuild'),
    ),
  derailleurOff: ({ difference }) =>
    said(
      sentences([
        difference.rearDerailleur && t('stepWords.say.derailleurOff.releaseTheCableOrSwitch'),
        !difference.rearDerailleur &&
          difference.extender !== 'stays' &&
          t('stepWords.say.derailleurOff.takeTheRearDerailleurOff'),
        difference.extender === 'off' && t('stepWords.say.derailleurOff.takeTheHangerExtenderOff'),
        difference.guide === 'off' && t('stepWords.say.derailleurOff.takeTheChainGuideOff'),
      ]),
      t('stepWords.say.derailleurOff.stripFirstThenBuild'),
    ),
  weigh: () => said(t('stepWords.say.weigh.weighThePartsThatCame'), t('stepWords.say.weigh.weighingBothWaysShowsUp')),
  freehub: () => said(t('stepWords.say.freehub.changeTheFreehubBody'), t('stepWords.say.freehub.theNewCassetteNeedsA')),
  spacer: ({ difference, lastTime }) => {
    const spacerMm = difference.spacerMm ?? lastTime.spacerMm;
    const text =
      spacerMm === undefined
        ? t('stepWords.say.spacer.measureTheFreehubBodyAnd')
        : spacerMm < 0
          ? t('stepWords.say.spacer.theCassetteIsMmToo', { spacerMm: short(-spacerMm, 2) })
          : spacerMm === 0
            ? t('stepWords.say.spacer.noSpacerTakeOffAny')
            : t('stepWords.say.spacer.putMmOfSpacersOn', { spacerMm: short(spacerMm, 2) });
    return said(text, t('stepWords.say.spacer.tooLittleAndTheCassette'));
  },
  cassetteOn: ({ difference, to }) =>
    said(
      t('stepWords.say.cassetteOn.lineUpTheWideSpline', { on: (difference.cassette?.on ?? to.setup.cogs).join('-') }),
      t('stepWords.say.cassetteOn.aLooseLockringLetsThe'),
    ),
  wheelIn: ({ difference }) =>
    said(
      sentences([
        difference.hub === 'on' && t('stepWords.say.wheelIn.fitTheWheelWithThe'),
        difference.wheels &&
          (difference.cassette
            ? t('stepWords.say.wheelIn.theWheelGoesInWith')
            : t('stepWords.say.wheelIn.theWheelGoesInWith2')),
        t('stepWords.say.wheelIn.seatTheWheelFullyIn'),
        t('stepWords.say.wheelIn.closeTheBrake'),
        (difference.wheels || difference.hub !== 'stays') && t('stepWords.say.wheelIn.setTheBrakeAgain'),
      ]),
      t('stepWords.say.wheelIn.ifTheWheelIsNot'),
      t('stepWords.say.wheelIn.tryTheBrake'),
    ),
  hubShifter: () =>
    said(
      t('stepWords.say.hubShifter.fitTheHubSShifter'),
      t('stepWords.say.hubShifter.aHubThatIsHalf'),
      t('stepWords.say.hubShifter.testBothSpeedsOnThe', { spec: SPEC }),
    ),
  crank: ({ difference, from, to }) => {
    const [before, after] = [from.setup.chainrings.length, to.setup.chainrings.length];
    return said(
      sentences([
        difference.crank && t('stepWords.say.crank.fitTheCrankThatCarries', { after: after === 2 ? 'yes' : 'no' }),
        difference.ringsOn.length > 0 &&
          t('stepWords.say.crank.putOnTightenBoltsIn', { ringsOn: rings(difference.ringsOn) }),
        before !== after &&
          t('stepWords.say.crank.useChainringBoltsForAfter', {
            after: after === 2 ? 'yes' : 'no',
            before: before === 2 ? 'yes' : 'no',
          }),
        after === 1 && t('stepWords.say.crank.anInsetRingHasA'),
      ]),
      t('stepWords.say.crank.ringsSeatFlatWhenTheir'),
    );
  },
  ringClearance: () =>
    said(t('stepWords.say.ringClearance.turnTheCrankOnceAnd'), t('stepWords.say.ringClearance.framesFlexUnderLoadA')),
  guide: () => said(t('stepWords.say.guide.fitTheChainGuideSo'), t('stepWords.say.guide.itKeepsTheChainOn')),
  frontOn: ({ difference }) =>
    said(
      t('stepWords.say.frontOn.fitTheFrontDerailleurKind', { kind: difference.front.kind === 'on' ? 'yes' : 'no' }),
      t('stepWords.say.frontOn.heightAngleAndLimitsAre'),
    ),
  frontHeight: ({ difference }) => {
    const { front } = difference;
    return said(
      sentences([
        front.kind === 'move' &&
          t('stepWords.say.frontHeight.moveTheFrontDerailleurAbout', {
            byMm: fixed(Math.abs(front.byMm), 1),
            way: front.byMm > 0 ? 'up' : 'down',
          }),
        t('stepWords.say.frontHeight.theOuterCagePlateClears'),
      ]),
      front.kind === 'move'
        ? t('stepWords.say.frontHeight.eachToothMoreIsMm', { mmpertooth: fixed(MM_PER_TOOTH, 2) })
        : t('stepWords.say.frontHeight.higherShiftsPoorlyLowerTouches'),
    );
  },
  frontAngle: () =>
    said(t('stepWords.say.frontAngle.turnTheFrontDerailleurUntil'), t('stepWords.say.frontAngle.aCageAtAnAngle')),
  extender: () =>
    said(
      t('stepWords.say.extender.fitTheHangerExtenderBetween'),
      t('stepWords.say.extender.itLowersTheDerailleurFor'),
      t('stepWords.say.extender.notEveryDerailleurMayBe', { spec: SPEC }),
    ),
  rearDerailleur: ({ difference }) =>
    said(
      sentences([
        difference.rearDerailleur
          ? t('stepWords.say.rearDerailleur.fitTheRearDerailleurGrease')
          : t('stepWords.say.rearDerailleur.mountTheRearDerailleurAgain'),
        difference.rearDerailleur && t('stepWords.say.rearDerailleur.setTheBTensionScrew'),
      ]),
      t('stepWords.say.rearDerailleur.aTabThatSitsBeside'),
    ),
  shifter: ({ difference, to }) =>
    said(
      t('stepWords.say.shifter.fitTheShifterSpeedShifter', {
        shifter: difference.shifter === 'assumed' ? 'yes' : 'no',
        cogsCount: difference.shifter === 'assumed' ? to.setup.cogs.length : '',
        shifting: to.parts.shifting === 'electronic' ? 'yes' : 'no',
      }),
      t('stepWords.say.shifter.itMustIndexToThe'),
    ),
  battery: () => said(t('stepWords.say.battery.checkTheBatteryChargeIt'), t('stepWords.say.battery.aSystemThatDiesIn')),
  pairing: () =>
    said(t('stepWords.say.pairing.pairShifterAndDerailleursAs'), t('stepWords.say.pairing.partsThatAreNotPaired')),
  cogCount: ({ to }) =>
    said(
      t('stepWords.say.cogCount.setTheNumberOfCogs', {
        cogsCount: to.setup.cogs.length,
        chainringsCount: to.setup.chainrings.length,
      }),
      t('stepWords.say.cogCount.withTheWrongNumberThe'),
    ),
  clutchOn: () =>
    said(t('stepWords.say.clutchOn.switchTheClutchBackOn'), t('stepWords.say.clutchOn.chainLengthBGapAnd')),
  chainLength: (card) => {
    const { action } = card.difference.chain;
    return said(
      chainStepText(card),
      isTwo(card)
        ? t('stepWords.say.chainLength.bigBig2AnAccidentalShift')
        : t('stepWords.say.chainLength.theLargestCog2AShift'),
      action === 'leave' ? undefined : t('stepWords.say.chainLength.wearEyeProtectionPinsCan'),
    );
  },
  bGap: (card, { readings }) => {
    const { difference, lastTime, hasSuspension } = card;
    const gap = readings.find(({ id }) => id === 'gapMm');
    const turn =
      lastTime.turns !== undefined && lastTime.turns !== 0
        ? t('stepWords.say.bGap.turnTheBTensionScrew', {
            turns: short(Math.abs(lastTime.turns), 2),
            turns2: Math.abs(lastTime.turns),
            turns3: lastTime.turns > 0 ? 'yes' : 'no',
          })
        : lastTime.turns === 0
          ? t('stepWords.say.bGap.leaveTheBTensionScrew')
          : {
              in: t('stepWords.say.bGap.in'),
              out: t('stepWords.say.bGap.out'),
              stays: t('stepWords.say.bGap.stays'),
            }[difference.bScrew];
    return said(
      sentences([
        t('stepWords.say.bGap.hasSuspension', {
          card: inLargest(card),
          hasSuspension: hasSuspension ? 'yes' : 'no',
          turn,
        }),
        gap?.target !== undefined &&
          t('stepWords.say.bGap.measureFromTipToTip', {
            target: short(gap.target, 1),
            basis: gap.basis === 'gap.lastTime' ? 'yes' : 'no',
            basis2: gap.basis === 'gap.lastTime' ? 'no' : gap.basis === 'gap.typical' ? 'yes' : 'no',
          }),
        t('stepWords.say.bGap.noteHowManyTurnsYou'),
      ]),
      t('stepWords.say.bGap.tooCloseAndItRubs'),
      gap?.basis === 'gap.typical' ? t('stepWords.say.bGap.makersDiffer', { spec: SPEC }) : undefined,
    );
  },
  checkLargestCog: (card) =>
    said(
      t('stepWords.say.checkLargestCog.crankSlowlyByHandThrough', {
        card: overText(card, 'largestCog'),
        card2: largestCog(card),
      }),
      t('stepWords.say.checkLargestCog.theDerailleurIsNotMade'),
      t('stepWords.say.checkLargestCog.pastAPublishedLimitYou', { spec: SPEC }),
    ),
  limitScrews: (card) =>
    said(
      sentences([
        t('stepWords.say.limitScrews.setTheHighAndLow', { card: smallestCog(card), card2: largestCog(card) }),
        (card.difference.rearDerailleur || card.difference.shifter !== 'stays') &&
          t('stepWords.say.limitScrews.doThisBeforeTheCable'),
      ]),
      t('stepWords.say.limitScrews.pastTheLargestCogThe'),
      t('stepWords.say.limitScrews.turnTheCranksByHand'),
    ),
  cable: () => said(t('stepWords.say.cable.routeTheCableTurnThe'), t('stepWords.say.cable.aCableClampedInAnother')),
  indexing: (card) =>
    said(
      card.isShort
        ? t('stepWords.say.indexing.checkTheIndexingShiftThrough', { card: largestCog(card) })
        : t('stepWords.say.indexing.shiftThroughEveryGearBoth'),
      t('stepWords.say.indexing.theChainMustSitOn'),
    ),
  fineTuning: (card) =>
    said(
      t('stepWords.say.fineTuning.shiftThroughEveryGearBoth', { card: largestCog(card), card2: smallestCog(card) }),
      t('stepWords.say.fineTuning.anElectronicDerailleurIsSet'),
    ),
  checkLargestCogMinimum: (card) =>
    said(
      t('stepWords.say.checkLargestCogMinimum.turnTheBTensionScrew', {
        card: overText(card, 'largestCogMinimum'),
      }),
      t('stepWords.say.checkLargestCogMinimum.theGuidePulleyHangsFurther'),
      t('stepWords.say.checkLargestCogMinimum.pastAPublishedLimitYou', { spec: SPEC }),
    ),
  checkSmallestCog: (card) =>
    said(
      t('stepWords.say.checkSmallestCog.shiftTenTimesOntoThe', {
        card: overText(card, 'smallestCog'),
        card2: smallestCog(card),
      }),
      t('stepWords.say.checkSmallestCog.theGuidePulleyIsNot'),
      t('stepWords.say.checkSmallestCog.pastAPublishedLimitYou', { spec: SPEC }),
    ),
  frontLimits: () =>
    said(
      t('stepWords.say.frontLimits.withTheCableStillOff'),
      t('stepWords.say.frontLimits.theLowLimitKeepsThe'),
      t('stepWords.say.frontLimits.turnTheCranksByHand'),
    ),
  frontCable: () =>
    said(t('stepWords.say.frontCable.attachTheFrontCableThen'), t('stepWords.say.frontCable.theHighLimitKeepsThe')),
  frontShift: ({ to }) =>
    said(
      t('stepWords.say.frontShift.shiftTheFrontDerailleurBoth', {
        cogs: lastOf(to.setup.cogs),
        cogs2: firstOf(to.setup.cogs),
      }),
      t('stepWords.say.frontShift.aFrontDerailleurThatThrows'),
    ),
  checkFrontCage: (card) =>
    said(
      t('stepWords.say.checkFrontCage.theGapOfCageTo', {
        card: overText(card, 'frontCage'),
      }),
      t('stepWords.say.checkFrontCage.theCageIsCurvedFor'),
      t('stepWords.say.checkFrontCage.pastAPublishedLimitYou', { spec: SPEC }),
    ),
  checkRingDifference: (card) =>
    said(
      t('stepWords.say.checkRingDifference.onTheSmallRingIn', {
        card: overText(card, 'ringDifference'),
      }),
      t('stepWords.say.checkRingDifference.theFrontDerailleurSCage'),
      t('stepWords.say.checkRingDifference.pastAPublishedLimitYou', { spec: SPEC }),
    ),
  bigBig: (card) =>
    said(
      isTwo(card)
        ? t('stepWords.say.bigBig.turnTheCranksSlowlyBy', {
            chainrings: ring(firstOf(card.to.setup.chainrings)),
            card: largestCog(card),
          })
        : t('stepWords.say.bigBig.turnTheCranksSlowlyBy2', { card: largestCog(card) }),
      t('stepWords.say.bigBig.withAChainThatIs'),
      t('stepWords.say.bigBig.neverRideBeforeThisCheck'),
    ),
  smallSmall: ({ to }) => {
    const leftOut = (to.leftOut ?? []).flatMap(({ ring: r, cog }) =>
      to.setup.chainrings[r] === undefined || to.setup.cogs[cog] === undefined
        ? []
        : [{ chainring: to.setup.chainrings[r], cog: to.setup.cogs[cog] }],
    );
    const two = to.setup.chainrings.length > 1;
    return said(
      sentences([
        two
          ? t('stepWords.say.smallSmall.smallRingCogTheChain', {
              chainrings: ring(lastOf(to.setup.chainrings)),
              cogs: ring(firstOf(to.setup.cogs)),
            })
          : t('stepWords.say.smallSmall.cogTheChainMustBe', { cogs: ring(firstOf(to.setup.cogs)) }),
        leftOut.length > 0 && t('stepWords.say.smallSmall.leftOutOfThisCombination', { leftOut: pairsText(leftOut) }),
      ]),
      t('stepWords.say.smallSmall.aSlackChainFallsOff'),
    );
  },
  checkCapacity: (card) =>
    said(
      sentences([
        overText(card, 'totalCapacity'),
        isTwo(card)
          ? t('stepWords.say.checkCapacity.bigBigPushTheCage')
          : t('stepWords.say.checkCapacity.largestCogPushTheCage'),
      ]),
      t('stepWords.say.checkCapacity.theCageHasToTake'),
      t('stepWords.say.checkCapacity.pastAPublishedLimitYou', { spec: SPEC }),
    ),
  backPedal: ({ backPedalGears }) =>
    said(
      t('stepWords.say.backPedal.backPedalSlowlyInOne', { backPedalGears: listed(backPedalGears.map(pairText)) }),
      t('stepWords.say.backPedal.atASteepAngleThe'),
    ),
  torque: () => said(t('stepWords.say.torque.reCheckTheTorqueOf'), t('stepWords.say.torque.partsSettleABoltThat')),
  weighAfter: () =>
    said(t('stepWords.say.weighAfter.weighTheBikeOrThe'), t('stepWords.say.weighAfter.weighingBothWaysShowsUp')),
  testRide: () =>
    said(
      t('stepWords.say.testRide.aShortTestRideOn'),
      t('stepWords.say.testRide.theStandDoesNotLoad'),
      t('stepWords.say.testRide.localRoadRulesApplyHave'),
    ),
  signOff: () =>
    said(t('stepWords.say.signOff.recordTheResultWorksWorks'), t('stepWords.say.signOff.aTrialThatFailedWith')),
  recheck: () =>
    said(t('stepWords.say.recheck.afterTheFirstRideOr100'), t('stepWords.say.recheck.newCablesAndChainsSettle')),
};

/** Texts of a re-check where they differ from those of a swap. */
const RECHECK: Readonly<Partial<Record<StepId, StepWords>>> = {
  torque: said(t('stepWords.recheck.torque.everyBoltThatTheSwap'), t('stepWords.recheck.torque.partsSettleInTheFirst')),
  indexing: said(
    t('stepWords.recheck.indexing.shiftThroughEveryGearBoth'),
    t('stepWords.recheck.indexing.newCablesStretchAndHousings'),
  ),
  recheck: said(t('stepWords.recheck.measureTheChainWithThe'), t('stepWords.recheck.whatIsFoundNowIs')),
  signOff: said(
    t('stepWords.recheck.signOff.recordHowTheSwapHas'),
    t('stepWords.recheck.signOff.theNextOneLearnsFrom'),
  ),
};

/** @param card undefined for a re-check, which swaps nothing */
export function stepWords(step: JobStep, card: JobCard | undefined): StepWords {
  if (!card) return RECHECK[step.id] ?? said('', '');
  return SAY[step.id](card, step);
}

function overText({ passed }: JobCard, id: string): string {
  const limit = passed.find((one) => one.id === id);
  if (!limit) return '';
  const room = limit.overT - limit.overWithExtenderT;
  const extender = room > 0 ? t('stepWords.overText.theHangerExtenderMakesRoom', { room }) : '';
  return t('stepWords.overText.tPastThePublishedLimit', { overT: limit.overT, extender });
}
