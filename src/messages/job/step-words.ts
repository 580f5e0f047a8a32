import type { JobCard, JobStep, StepId } from '../../core/job';
import { MM_PER_TOOTH } from '../../core/fit';
import { fixed, short } from '../../core/number-text';
import { chainStepText, endsOf } from './chain-words';
import { answerReasons, missingData } from './fit-words';
import { count, listed, pairText, pairsText, sentences } from './list';

/** What a step says: what is done, why, and what to beware of. */
export interface StepWords {
  readonly text: string;
  readonly why: string;
  readonly caution?: string | undefined;
}

const SPEC = 'the part maker’s spec takes precedence';

type Say = (card: JobCard, step: JobStep) => StepWords;

const said = (text: string, why: string, caution?: string): StepWords => ({
  text,
  why,
  ...(caution !== undefined && { caution }),
});

const isTwo = ({ to }: JobCard) => to.setup.chainrings.length > 1;
const ring = (teeth: number) => `${teeth}T`;
const rings = (list: readonly number[]) => `the ${listed(list.map(ring))} ${list.length === 1 ? 'ring' : 'rings'}`;
const smallRing = (card: JobCard) => ring(card.to.setup.chainrings.at(-1)!);
const largestCog = (card: JobCard) => ring(card.to.setup.cogs.at(-1)!);
const smallestCog = (card: JobCard) => ring(card.to.setup.cogs[0]!);
/** "On the 32T ring, in the 36T cog" with two rings; with one the ring goes without saying. */
const inLargest = (card: JobCard) =>
  isTwo(card)
    ? `On the small ring (${smallRing(card)}), in the ${largestCog(card)} cog`
    : `In the ${largestCog(card)} cog`;

const SAY: Readonly<Record<StepId, Say>> = {
  decide: () =>
    said('Read the whole job card once.', 'You find out that a part is missing before the bike is in pieces.'),
  fit: (card) => {
    const reasons = answerReasons(card.answer);
    const missing = missingData(card.answer);
    return said(
      sentences([
        ...reasons,
        missing.length > 0 && `Missing data; check before you buy: ${missing.join('; ')}.`,
        card.passed.length > 0 &&
          `${count(card.passed.length, 'published limit')} passed: each has an extra check below.`,
      ]) || 'Every compatibility check is inside its limit.',
      'It is cheaper to find a mismatch on paper.',
      reasons.length + card.passed.length > 0 ? `Past a published limit you are on your own; ${SPEC}.` : undefined,
    );
  },
  chainSpeeds: ({ from, to }) =>
    said(
      `How many speeds is the chain on the bike made for? Read it off the plates or the packaging. The cassette changes from ${from.setup.cogs.length} to ${to.setup.cogs.length} cogs. Until you enter it, nothing is cut and a new ${to.setup.cogs.length}-speed chain is assumed.`,
      'A chain that is too wide rubs on the next cog; one that is too narrow can ride up on the teeth.',
    ),
  shifterSpeeds: ({ to }) =>
    said(
      `How many speeds is the shifter made for? Count its clicks and add one. Until you enter it, a new ${to.setup.cogs.length}-speed shifter is assumed.`,
      'It must index to the cassette.',
    ),
  gather: () =>
    said(
      'Lay out parts, tools, gloves and a rag.',
      'Going to look for a tool with the bike in pieces costs the most time.',
    ),
  hanger: () =>
    said(
      'Check the derailleur hanger with the alignment gauge at four points of the rim. Straighten or replace it before anything else.',
      'Nothing stays in adjustment on a bent hanger.',
    ),
  countLinks: (card) => {
    const { minLinks } = card.difference.chain.window;
    return said(
      `Count the links of the chain on the bike, the quick link included. With fewer than ${minLinks} a new chain is needed, and the card changes.`,
      `Nobody has counted this chain; one that is too short for ${endsOf(card.to.setup.chainrings.length).big} can lock the drivetrain.`,
    );
  },
  oldGap: (card) =>
    said(
      `Before anything comes apart: shift into the largest cog${card.from.setup.chainrings.length > 1 ? ', small ring' : ''}, and measure the B-gap from tip to tip, guide pulley to cog.`,
      'Makes it easier to put things back.',
    ),
  weighBefore: () =>
    said(
      'Weigh the bike or the wheel as it is, before anything comes off.',
      'Weighing both ways shows up scale error.',
    ),
  clutchOff: () =>
    said('Switch the derailleur’s clutch off.', 'The cage swings freely, so the wheel comes out without force.'),
  chainOff: ({ difference }) =>
    said(
      difference.chain.action === 'leave'
        ? 'Open the chain at its quick link, or push a pin out, and hang it aside.'
        : 'Open the chain and take it off. Keep it until the new one is checked.',
      'The derailleur and the rings come off more easily.',
      'Wear eye protection if you push a pin out: pins can fly.',
    ),
  wheelOut: () => said('Shift into the smallest cog and take the rear wheel out.', 'The chain is slackest there.'),
  cassetteOff: ({ difference }) =>
    said(
      `Hold the cassette with a chain whip, undo the lockring and slide the cassette off${difference.wheels ? ' the wheel that goes in' : ''}. Keep its cogs and spacers together, in order.`,
      'The freehub freewheels in that direction, so without the whip the lockring just turns with it.',
      'Mind your fingers: the whip can slip. Keep them off the teeth.',
    ),
  frontOff: ({ difference }) =>
    said(
      difference.front.kind === 'off'
        ? 'Take off the front derailleur, its cable and its shifter.'
        : 'Take off the front derailleur; keep its cable if it is sound.',
      difference.front.kind === 'off' ? 'With 1x it would only rub.' : 'The new one has another cage.',
      difference.front.kind === 'off'
        ? 'Something must keep the chain on now: a narrow-wide ring, a clutch or a guide.'
        : undefined,
    ),
  ringsOff: ({ difference, from }) =>
    said(
      sentences([
        difference.crank && 'Take the crank off; note the order of its spacers and washers.',
        difference.ringsOff.length > 0 &&
          `Take off ${rings(difference.ringsOff)}${from.setup.chainrings.length > 1 ? '; note which side faces out' : ''}.`,
      ]),
      'Strip first, then build.',
    ),
  derailleurOff: ({ difference }) =>
    said(
      sentences([
        difference.rearDerailleur && 'Release the cable or switch the system off, and take the rear derailleur off.',
        !difference.rearDerailleur &&
          difference.extender !== 'stays' &&
          'Take the rear derailleur off its hanger; cable and chain can stay on it.',
        difference.extender === 'off' && 'Take the hanger extender off.',
        difference.guide === 'off' && 'Take the chain guide off.',
      ]),
      'Strip first, then build.',
    ),
  weigh: () =>
    said(
      'Weigh the parts that came off and those that go on: one by one, and all together.',
      'Weighing both ways shows up scale error.',
    ),
  freehub: () => said('Change the freehub body.', 'The new cassette needs a different freehub body.'),
  spacer: ({ difference, lastTime }) => {
    const spacerMm = difference.spacerMm ?? lastTime.spacerMm;
    const text =
      spacerMm === undefined
        ? 'Measure the freehub body and the cassette; make up the difference with spacers behind the cassette.'
        : spacerMm < 0
          ? `The cassette is ${short(-spacerMm, 2)} mm too long for the body: stop, it does not go on.`
          : spacerMm === 0
            ? 'No spacer: take off any that is on the body.'
            : `Put ${short(spacerMm, 2)} mm of spacers on the body first.`;
    return said(text, 'Too little and the cassette rocks; too much and the lockring does not engage.');
  },
  cassetteOn: ({ difference, to }) =>
    said(
      `Line up the wide spline and slide ${(difference.cassette?.on ?? to.setup.cogs).join('-')} onto clean splines; the smallest cogs go on last, one by one. Grease the lockring threads and tighten. Push the cassette sideways: it must not rock.`,
      'A loose lockring lets the cogs move and gouge the freehub body.',
    ),
  wheelIn: ({ difference }) =>
    said(
      sentences([
        difference.hub === 'on' &&
          'Fit the wheel with the two-speed hub; put its anti-rotation washers in place before the nuts.',
        difference.wheels &&
          (difference.cassette
            ? 'The other wheel goes in, with the new cassette on it.'
            : 'The other wheel goes in, with a cassette of the same teeth on it. If it has none, move the cassette across first.'),
        'Seat the wheel fully in the dropouts and tighten the axle.',
      ]),
      'If the wheel is not fully seated, every later adjustment will be off.',
    ),
  hubShifter: () =>
    said(
      'Fit the hub’s shifter and cable. Adjust it as its maker describes until both speeds engage without a dead spot between them.',
      'A hub that is half engaged slips under load.',
      `Test both speeds on the stand before you ride; ${SPEC}.`,
    ),
  crank: ({ difference, from, to }) => {
    const [before, after] = [from.setup.chainrings.length, to.setup.chainrings.length];
    return said(
      sentences([
        difference.crank &&
          `Fit the crank that carries ${after === 2 ? 'two rings' : 'one ring'}: grease its axle, put the bottom bracket spacers where its maker shows them.`,
        difference.ringsOn.length > 0 && `Put on ${rings(difference.ringsOn)}; tighten bolts in a cross pattern.`,
        before !== after &&
          `Use chainring bolts for ${after === 2 ? 'two rings' : 'one ring'}: bolts for ${before === 2 ? 'two rings are too long' : 'one ring are too short'}.`,
        after === 1 && 'An inset ring has a right way round: check its chainline before you tighten.',
      ]),
      'Rings seat flat when their bolts are tightened in a cross pattern.',
    );
  },
  ringClearance: () =>
    said(
      'Turn the crank once and measure the narrowest gap between ring and chainstay. Check that the chain clears the frame as well.',
      'Frames flex under load: a ring that barely clears on the stand cuts into the stay on the road.',
    ),
  guide: () =>
    said(
      'Fit the chain guide so that the chain clears it in every gear.',
      'It keeps the chain on where ring and clutch do not.',
    ),
  frontOn: ({ difference }) =>
    said(
      `Fit the front derailleur${difference.front.kind === 'on' ? ' with its mount or clamp, and its shifter' : ''}. Do not attach the cable yet.`,
      'Height, angle and limits are set before the cable.',
    ),
  frontHeight: ({ difference }) => {
    const { front } = difference;
    const move =
      front.kind === 'move'
        ? `Move the front derailleur about ${fixed(Math.abs(front.byMm), 1)} mm ${front.byMm > 0 ? 'up' : 'down'}. `
        : '';
    return said(
      `${move}The outer cage plate clears the teeth of the big ring by 1 to 3 mm.`,
      front.kind === 'move'
        ? `Each tooth more is ${fixed(MM_PER_TOOTH, 2)} mm of radius.`
        : 'Higher shifts poorly, lower touches the ring.',
    );
  },
  frontAngle: () =>
    said(
      'Turn the front derailleur until its outer plate is parallel to the rings.',
      'A cage at an angle rubs in half the gears.',
    ),
  extender: () =>
    said(
      'Fit the hanger extender between hanger and derailleur.',
      'It lowers the derailleur for a larger cog and makes shifts less crisp.',
      `Not every derailleur may be used with one; ${SPEC}.`,
    ),
  rearDerailleur: ({ difference }) =>
    said(
      sentences([
        difference.rearDerailleur
          ? 'Fit the rear derailleur: grease the mounting bolt, rest the B-tension tab against the hanger’s stop.'
          : 'Mount the rear derailleur again.',
        difference.rearDerailleur &&
          'Set the B-tension screw from scratch: turn it in until the guide pulley clears the largest cog with room to spare.',
      ]),
      'A tab that sits beside its stop bends, and the B-gap wanders.',
    ),
  shifter: ({ difference, to }) =>
    said(
      `Fit the ${difference.shifter === 'assumed' ? `${to.setup.cogs.length}-speed ` : ''}shifter${to.parts.shifting === 'electronic' ? '' : ', with a new inner cable'}.`,
      'It must index to the cassette.',
    ),
  battery: () =>
    said(
      'Check the battery: charge it if it is below half.',
      'A system that dies in the middle of the adjustment has to be set again.',
    ),
  pairing: () =>
    said(
      'Pair shifter and derailleurs as their maker describes; check that each lever moves the right derailleur the right way.',
      'Parts that are not paired do not shift.',
    ),
  cogCount: ({ to }) =>
    said(
      `Set the number of cogs to ${to.setup.cogs.length}${to.setup.chainrings.length === 1 ? ', and 1x' : ''} in the system’s app or menu. If it cannot be set, stop: the system is not made for this cassette.`,
      'With the wrong number the derailleur stops short, or is sent into the spokes.',
    ),
  clutchOn: () =>
    said(
      'Switch the clutch back on.',
      'Chain length, B-gap and indexing are judged with the tension that you ride with.',
    ),
  chainLength: (card) => {
    const { action } = card.difference.chain;
    return said(
      chainStepText(card),
      isTwo(card)
        ? 'Big-big + 2: an accidental shift into the largest ring and cog must not lock the drivetrain.'
        : 'The largest cog + 2: a shift into it must not lock the drivetrain.',
      action === 'leave' ? undefined : 'Wear eye protection: pins can fly.',
    );
  },
  bGap: (card, { readings }) => {
    const { difference, lastTime, hasSuspension } = card;
    const gap = readings.find(({ id }) => id === 'gapMm');
    const turn =
      lastTime.turns !== undefined && lastTime.turns !== 0
        ? `Turn the B-tension screw ${short(Math.abs(lastTime.turns), 2)} ${Math.abs(lastTime.turns) === 1 ? 'turn' : 'turns'} ${lastTime.turns > 0 ? 'in (clockwise)' : 'out'}, as last time`
        : lastTime.turns === 0
          ? 'Leave the B-tension screw, as last time'
          : {
              in: 'Turn the B-tension screw in (clockwise): the largest cog is larger',
              out: 'Turn the B-tension screw out: the largest cog is smaller',
              stays: 'Leave the B-tension screw; check the gap',
            }[difference.bScrew];
    return said(
      sentences([
        `${inLargest(card)}${hasSuspension ? ', with the suspension at sag' : ''}: ${turn}.`,
        gap?.target !== undefined &&
          `Measure from tip to tip, guide pulley to cog: ${short(gap.target, 1)} mm${gap.basis === 'gap.lastTime' ? ', as last time' : gap.basis === 'gap.typical' ? ' is typical' : ''}.`,
        'Note how many turns you made.',
      ]),
      'Too close and it rubs; too far and shifting is slow.',
      gap?.basis === 'gap.typical' ? `Makers differ; ${SPEC}.` : undefined,
    );
  },
  checkLargestCog: (card) =>
    said(
      `${overText(card, 'largestCog')} Crank slowly by hand through the ${largestCog(card)} cog, forwards and backwards: the guide pulley must clear it. Measure the gap.`,
      'The derailleur is not made to reach this far.',
      `Past a published limit you are on your own; ${SPEC}.`,
    ),
  limitScrews: (card) =>
    said(
      sentences([
        `Set the high and low limits: the guide pulley lines up with the ${smallestCog(card)} and the ${largestCog(card)} cog and cannot go past them.`,
        (card.difference.rearDerailleur || card.difference.shifter !== 'stays') &&
          'Do this before the cable is attached.',
      ]),
      'Past the largest cog the derailleur goes into the spokes; past the smallest the chain jams against the frame.',
      'Turn the cranks by hand until this is done.',
    ),
  cable: () =>
    said(
      'Route the cable, turn the barrel adjuster in, pull the cable taut by hand in the smallest cog and clamp it.',
      'A cable clamped in another gear cannot be indexed.',
    ),
  indexing: (card) =>
    said(
      card.isShort
        ? `Check the indexing: shift through every cog both ways, and stop at the ${largestCog(card)} cog: nothing goes past it. Adjust a quarter turn only where it hesitates.`
        : 'Shift through every gear both ways; adjust cable tension a quarter turn at a time.',
      'The chain must sit on each cog without noise.',
    ),
  fineTuning: (card) =>
    said(
      `Shift through every gear both ways; use the system’s fine adjustment in the middle of the cassette until it is quiet, then check the ${largestCog(card)} and the ${smallestCog(card)} cog.`,
      'An electronic derailleur is set once for all cogs.',
    ),
  checkLargestCogMinimum: (card) =>
    said(
      `${overText(card, 'largestCogMinimum')} Turn the B-tension screw out as far as clears; shift up and down through every cog under light load. Measure the gap.`,
      'The guide pulley hangs further from the cogs than it is made for, and shifts less crisply.',
      `Past a published limit you are on your own; ${SPEC}.`,
    ),
  checkSmallestCog: (card) =>
    said(
      `${overText(card, 'smallestCog')} Shift ten times onto the ${smallestCog(card)} cog and back; nothing may rub on the dropout. Measure the gap of chain to frame.`,
      'The guide pulley is not made for a cog this small.',
      `Past a published limit you are on your own; ${SPEC}.`,
    ),
  frontLimits: () =>
    said(
      'With the cable still off: set the low limit so that the inner plate just clears the chain on the small ring in the largest cog.',
      'The low limit keeps the chain off the frame.',
      'Turn the cranks by hand until this is done.',
    ),
  frontCable: () =>
    said(
      'Attach the front cable, then set the high limit so that the outer plate just clears the chain on the big ring in the smallest cog.',
      'The high limit keeps the chain off the crank.',
    ),
  frontShift: ({ to }) =>
    said(
      `Shift the front derailleur both ways in the ${to.setup.cogs.at(-1)}T and the ${to.setup.cogs[0]}T cog, ten times each: the chain must not come off on either side.`,
      'A front derailleur that throws the chain does it when you need the gear.',
    ),
  checkFrontCage: (card) =>
    said(
      `${overText(card, 'frontCage')} The gap of cage to big ring must stay between 1 and 3 mm along its whole length. Shift under light load.`,
      'The cage is curved for another ring.',
      `Past a published limit you are on your own; ${SPEC}.`,
    ),
  checkRingDifference: (card) =>
    said(
      `${overText(card, 'ringDifference')} On the small ring, in the smallest cogs: the chain must not touch the lower edge of the cage; measure that gap. Shift both ways in the largest and the smallest cog.`,
      'The front derailleur’s cage is not deep enough for this difference by its spec.',
      `Past a published limit you are on your own; ${SPEC}.`,
    ),
  bigBig: (card) =>
    said(
      isTwo(card)
        ? `Turn the cranks slowly by hand into the big ring (${ring(card.to.setup.chainrings[0]!)}) and the ${largestCog(card)} cog: the cage must still have travel left.`
        : `Turn the cranks slowly by hand into the ${largestCog(card)} cog: the cage must still have travel left.`,
      'With a chain that is too short this gear locks the drivetrain.',
      'Never ride before this check.',
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
          ? `Small ring (${ring(to.setup.chainrings.at(-1)!)}), ${ring(to.setup.cogs[0]!)} cog: the chain must be taut and clear of everything.`
          : `${ring(to.setup.cogs[0]!)} cog: the chain must be taut and clear of everything.`,
        leftOut.length > 0 &&
          `Left out of this combination: ${pairsText(leftOut)}. Check the smallest gear that is ridden instead, and do not ride in those.`,
      ]),
      'A slack chain falls off or catches on the cage.',
    );
  },
  checkCapacity: (card) =>
    said(
      sentences([
        overText(card, 'totalCapacity'),
        isTwo(card)
          ? 'Big-big: push the cage forward by hand, it must still move. Small-small: measure the gap between the lower run of the chain and the guide pulley.'
          : 'Largest cog: push the cage forward by hand, it must still move. Smallest cog: measure the gap between the lower run of the chain and the guide pulley.',
      ]),
      'The cage has to take up more chain than it is made for.',
      `Past a published limit you are on your own; ${SPEC}.`,
    ),
  backPedal: ({ backPedalGears }) =>
    said(
      `Back-pedal slowly in ${listed(backPedalGears.map(pairText))}, one after the other: the chain must stay on. Record what it does: comes off, drops cogs, or noise.`,
      'At a steep angle the chain can climb off a large cog, and not only off the last one.',
    ),
  torque: () =>
    said(
      'Re-check the torque of every bolt you touched.',
      'Parts settle; a bolt that moves now would have moved on the road.',
    ),
  weighAfter: () =>
    said('Weigh the bike or the wheel again, on the same scale.', 'Weighing both ways shows up scale error.'),
  testRide: () =>
    said(
      'A short test ride on a quiet road: every gear that is ridden, under light load.',
      'The stand does not load the chain.',
      'Local road rules apply; have a qualified mechanic check anything you are unsure of.',
    ),
  signOff: () =>
    said(
      'Record the result: works, works with notes, or put back, and why.',
      'A trial that failed with its reason is worth as much as one that worked.',
    ),
  recheck: () =>
    said('After the first ride or 100 km (60 miles): bolts, indexing, cable.', 'New cables and chains settle.'),
};

/** What a recheck says at steps that a swap says otherwise. */
const RECHECK: Readonly<Partial<Record<StepId, StepWords>>> = {
  torque: said('Every bolt that the swap touched, to the torque on the part.', 'Parts settle in the first rides.'),
  indexing: said(
    'Shift through every gear both ways; adjust cable tension a quarter turn at a time.',
    'New cables stretch and housings seat.',
  ),
  recheck: said(
    'Measure the chain with the wear gauge; look over cage, hanger and cogs; ask the rider what was noticed.',
    'What is found now is cheap to fix.',
  ),
  signOff: said('Record how the swap has held up.', 'The next one learns from it.'),
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
  const extender = room > 0 ? `; the hanger extender makes room for ${room}T of them` : '';
  return `${limit.overT}T past the published limit${extender}.`;
}
