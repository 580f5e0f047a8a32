/** What each job of the table comes to, by its name. */
export const JOB_CARDS: Readonly<
  Record<
    string,
    {
      readonly kind: string;
      readonly isShort?: boolean;
      /** Action, reason, links now and after. */
      readonly chain: string;
      readonly off: readonly string[];
      readonly on: readonly string[];
      readonly buy: readonly string[];
      /** In order. */
      readonly steps: string;
    }
  >
> = {
  'nothing differs': { kind: 'nothing', chain: 'leave, fits: 112 to 112', off: [], on: [], buy: [], steps: '' },
  'smaller cassette, chain left alone': {
    kind: 'cassette',
    chain: 'leave, fits: 112 to 112',
    off: ['cassette 11-36, 12-speed'],
    on: ['cassette 11-34, 12-speed'],
    buy: ['cassette 11-34, 12-speed'],
    steps:
      'decide fit gather oldGap wheelOut cassetteOff spacer cassetteOn wheelIn bGap limitScrews indexing bigBig smallSmall backPedal torque testRide signOff recheck',
  },
  'smaller cassette, chain fitted': {
    kind: 'cassette',
    chain: 'shorten, tooLong: 112 to 110',
    off: ['cassette 11-36, 12-speed', '2 links of the chain'],
    on: ['cassette 11-28, 12-speed'],
    buy: ['cassette 11-28, 12-speed'],
    steps:
      'decide fit gather oldGap wheelOut cassetteOff spacer cassetteOn wheelIn chainLength bGap limitScrews indexing bigBig smallSmall backPedal torque testRide signOff recheck',
  },
  'smaller cassette, chain left alone, cage unknown': {
    kind: 'cassette',
    chain: 'leave, reachesBigBig: 112 to 112',
    off: ['cassette 11-36, 12-speed'],
    on: ['cassette 11-28, 12-speed'],
    buy: ['cassette 11-28, 12-speed'],
    steps:
      'decide fit gather oldGap wheelOut cassetteOff spacer cassetteOn wheelIn bGap limitScrews indexing bigBig smallSmall backPedal torque testRide signOff recheck',
  },
  'larger cassette, chain too short': {
    kind: 'cassette',
    chain: 'newChain, tooShort: 108 to 112',
    off: ['cassette 11-28, 12-speed', 'chain, 108 links'],
    on: ['cassette 11-36, 12-speed', 'chain, 112 links'],
    buy: ['cassette 11-36, 12-speed', 'chain, 112 links'],
    steps:
      'decide fit gather oldGap chainOff wheelOut cassetteOff spacer cassetteOn wheelIn chainLength bGap limitScrews indexing bigBig smallSmall backPedal torque testRide signOff recheck',
  },
  'larger cassette, chain long enough': {
    kind: 'cassette',
    chain: 'leave, fits: 112 to 112',
    off: ['cassette 11-28, 12-speed'],
    on: ['cassette 11-36, 12-speed'],
    buy: ['cassette 11-36, 12-speed'],
    steps:
      'decide fit gather oldGap wheelOut cassetteOff spacer cassetteOn wheelIn bGap limitScrews indexing bigBig smallSmall backPedal torque testRide signOff recheck',
  },
  'chain never counted, smaller cassette': {
    kind: 'cassette',
    chain: 'leave, notCounted: ? to ?',
    off: ['cassette 11-36, 12-speed'],
    on: ['cassette 11-28, 12-speed'],
    buy: ['cassette 11-28, 12-speed'],
    steps:
      'decide fit gather countLinks oldGap wheelOut cassetteOff spacer cassetteOn wheelIn bGap limitScrews indexing bigBig smallSmall backPedal torque testRide signOff recheck',
  },
  'chain never counted, larger cassette': {
    kind: 'cassette',
    chain: 'newChain, mayBeTooShort: ? to 112',
    off: ['cassette 11-28, 12-speed', 'chain'],
    on: ['cassette 11-36, 12-speed', 'chain, 112 links'],
    buy: ['cassette 11-36, 12-speed', 'chain, 112 links'],
    steps:
      'decide fit gather countLinks oldGap chainOff wheelOut cassetteOff spacer cassetteOn wheelIn chainLength bGap limitScrews indexing bigBig smallSmall backPedal torque testRide signOff recheck',
  },
  'links typed for the new setup': {
    kind: 'cassette',
    chain: 'shorten, tooLong: 116 to 112',
    off: ['cassette 11-36, 12-speed', '4 links of the chain'],
    on: ['cassette 11-28, 12-speed'],
    buy: ['cassette 11-28, 12-speed'],
    steps:
      'decide fit gather oldGap wheelOut cassetteOff spacer cassetteOn wheelIn chainLength bGap limitScrews indexing bigBig smallSmall backPedal torque testRide signOff recheck',
  },
  'too few links typed for the new setup': {
    kind: 'cassette',
    chain: 'leave, fits: 112 to 112',
    off: ['cassette 11-36, 12-speed'],
    on: ['cassette 11-34, 12-speed'],
    buy: ['cassette 11-34, 12-speed'],
    steps:
      'decide fit gather oldGap wheelOut cassetteOff spacer cassetteOn wheelIn bGap limitScrews indexing bigBig smallSmall backPedal torque testRide signOff recheck',
  },
  'left-out gears let a long chain stay': {
    kind: 'cassette',
    chain: 'leave, passesBothEnds: 114 to 114',
    off: ['cassette 11-36, 12-speed'],
    on: ['cassette 11-28, 12-speed'],
    buy: ['cassette 11-28, 12-speed'],
    steps:
      'decide fit gather oldGap wheelOut cassetteOff spacer cassetteOn wheelIn bGap limitScrews indexing bigBig smallSmall backPedal torque testRide signOff recheck',
  },
  'a chain that is slack after all is shortened': {
    kind: 'cassette',
    chain: 'shorten, tooLong: 118 to 110',
    off: ['cassette 11-36, 12-speed', '8 links of the chain'],
    on: ['cassette 11-28, 12-speed'],
    buy: ['cassette 11-28, 12-speed'],
    steps:
      'decide fit gather oldGap wheelOut cassetteOff spacer cassetteOn wheelIn chainLength bGap limitScrews indexing bigBig smallSmall backPedal torque testRide signOff recheck',
  },
  'worn cassette for the same one in stock': {
    kind: 'cassette',
    chain: 'leave, fits: 112 to 112',
    off: ['cassette 11-36, 12-speed'],
    on: ['Fresh cassette'],
    buy: [],
    steps:
      'decide fit gather oldGap wheelOut cassetteOff spacer cassetteOn wheelIn bGap limitScrews indexing bigBig smallSmall backPedal torque testRide signOff recheck',
  },
  'weighed, cassette in stock': {
    kind: 'cassette',
    chain: 'leave, fits: 112 to 112',
    off: ['cassette 11-36, 12-speed'],
    on: ['Close cassette'],
    buy: [],
    steps:
      'decide fit gather oldGap weighBefore wheelOut cassetteOff weigh spacer cassetteOn wheelIn bGap limitScrews indexing bigBig smallSmall backPedal torque weighAfter testRide signOff recheck',
  },
  'cassette that needs another freehub body': {
    kind: 'cassette',
    chain: 'newChain, tooShort: 110 to 114',
    off: ['cassette 11-36, 12-speed', 'freehub body', 'chain, 110 links'],
    on: ['cassette 10-44, 12-speed', 'freehub body', 'chain, 114 links'],
    buy: ['cassette 10-44, 12-speed', 'freehub body', 'chain, 114 links'],
    steps:
      'decide fit gather oldGap chainOff wheelOut cassetteOff freehub spacer cassetteOn wheelIn chainLength bGap checkLargestCog limitScrews indexing checkSmallestCog bigBig smallSmall backPedal torque testRide signOff recheck',
  },
  'freehub type known on one side only': {
    kind: 'cassette',
    chain: 'leave, fits: 112 to 112',
    off: ['cassette 11-36, 12-speed'],
    on: ['cassette 11-34, 12-speed'],
    buy: ['cassette 11-34, 12-speed'],
    steps:
      'decide fit gather oldGap wheelOut cassetteOff spacer cassetteOn wheelIn bGap limitScrews indexing bigBig smallSmall backPedal torque testRide signOff recheck',
  },
  'after a crash': {
    kind: 'cassette',
    chain: 'leave, fits: 112 to 112',
    off: ['cassette 11-36, 12-speed'],
    on: ['cassette 11-34, 12-speed'],
    buy: ['cassette 11-34, 12-speed'],
    steps:
      'decide fit gather hanger oldGap wheelOut cassetteOff spacer cassetteOn wheelIn bGap limitScrews indexing bigBig smallSmall backPedal torque testRide signOff recheck',
  },
  'seasonal pair, there: one chain serves both': {
    kind: 'cassette',
    chain: 'leave, fits: 112 to 112',
    off: ['cassette 11-36, 12-speed'],
    on: ['cassette 11-28, 12-speed'],
    buy: ['cassette 11-28, 12-speed'],
    steps:
      'decide fit gather oldGap wheelOut cassetteOff spacer cassetteOn wheelIn bGap limitScrews indexing bigBig smallSmall backPedal torque testRide signOff recheck',
  },
  'seasonal pair, there: long chain shortened no further than both need': {
    kind: 'cassette',
    chain: 'shorten, tooLong: 116 to 112',
    off: ['cassette 11-36, 12-speed', '4 links of the chain'],
    on: ['cassette 11-28, 12-speed'],
    buy: ['cassette 11-28, 12-speed'],
    steps:
      'decide fit gather oldGap wheelOut cassetteOff spacer cassetteOn wheelIn chainLength bGap limitScrews indexing bigBig smallSmall backPedal torque testRide signOff recheck',
  },
  'seasonal pair, back: the chain stayed': {
    kind: 'cassette',
    chain: 'leave, fits: 112 to 112',
    off: ['cassette 11-28, 12-speed'],
    on: ['cassette 11-36, 12-speed'],
    buy: [],
    steps:
      'decide fit gather oldGap wheelOut cassetteOff spacer cassetteOn wheelIn bGap limitScrews indexing bigBig smallSmall backPedal torque testRide signOff recheck',
  },
  'seasonal pair, back: the chain was cut after all': {
    kind: 'cassette',
    chain: 'newChain, tooShort: 110 to 112',
    off: ['cassette 11-28, 12-speed', 'chain, 110 links'],
    on: ['cassette 11-36, 12-speed', 'chain, 112 links'],
    buy: ['chain, 112 links'],
    steps:
      'decide fit gather oldGap chainOff wheelOut cassetteOff spacer cassetteOn wheelIn chainLength bGap limitScrews indexing bigBig smallSmall backPedal torque testRide signOff recheck',
  },
  'seasonal pair on 1x, there': {
    kind: 'cassette',
    chain: 'leave, fits: 112 to 112',
    off: ['cassette 11-42, 11-speed'],
    on: ['cassette 11-30, 11-speed'],
    buy: ['cassette 11-30, 11-speed'],
    steps:
      'decide fit gather oldGap wheelOut cassetteOff spacer cassetteOn wheelIn bGap limitScrews indexing bigBig smallSmall backPedal torque testRide signOff recheck',
  },
  'seasonal pair, short card from last time': {
    kind: 'cassette',
    chain: 'leave, fits: 112 to 112',
    off: ['cassette 11-36, 12-speed'],
    on: ['cassette 11-28, 12-speed'],
    buy: ['cassette 11-28, 12-speed'],
    steps: 'wheelOut cassetteOff spacer cassetteOn wheelIn bGap indexing bigBig smallSmall signOff',
    isShort: true,
  },
  'seasonal pair, short card back, with a clutch': {
    kind: 'cassette',
    chain: 'leave, fits: 114 to 114',
    off: ['cassette 11-36, 12-speed'],
    on: ['cassette 10-44, 12-speed'],
    buy: [],
    steps: 'clutchOff wheelOut cassetteOff spacer cassetteOn wheelIn clutchOn bGap indexing bigBig smallSmall signOff',
    isShort: true,
  },
  '11 to 12 cogs, speeds unknown': {
    kind: 'cassette',
    chain: 'ask, widthNotKnown: 112 to 112',
    off: ['cassette 11-36, 11-speed', 'shifter', 'chain, 112 links'],
    on: ['cassette 11-36, 12-speed', 'shifter', 'chain, 112 links'],
    buy: ['cassette 11-36, 12-speed', 'shifter', 'chain, 112 links'],
    steps:
      'decide fit chainSpeeds shifterSpeeds gather oldGap chainOff wheelOut cassetteOff spacer cassetteOn wheelIn shifter chainLength bGap limitScrews cable indexing bigBig smallSmall backPedal torque testRide signOff recheck',
  },
  '12 to 8 cogs, speeds unknown': {
    kind: 'cassette',
    chain: 'ask, widthNotKnown: 112 to 110',
    off: ['cassette 11-36, 12-speed', 'shifter', 'chain, 112 links'],
    on: ['cassette 11-32, 8-speed', 'shifter', 'chain, 110 links'],
    buy: ['cassette 11-32, 8-speed', 'shifter', 'chain, 110 links'],
    steps:
      'decide fit chainSpeeds shifterSpeeds gather oldGap chainOff wheelOut cassetteOff spacer cassetteOn wheelIn shifter chainLength bGap limitScrews cable indexing bigBig smallSmall backPedal torque testRide signOff recheck',
  },
  '11 to 12 cogs, chain known, shifter unknown': {
    kind: 'cassette',
    chain: 'leave, fits: 112 to 112',
    off: ['cassette 11-36, 11-speed', 'shifter'],
    on: ['cassette 11-36, 12-speed', 'shifter'],
    buy: ['cassette 11-36, 12-speed', 'shifter'],
    steps:
      'decide fit shifterSpeeds gather oldGap wheelOut cassetteOff spacer cassetteOn wheelIn shifter bGap limitScrews cable indexing bigBig smallSmall backPedal torque testRide signOff recheck',
  },
  '11 to 12 cogs, both for 11': {
    kind: 'cassette',
    chain: 'newChain, otherWidth: 112 to 112',
    off: ['cassette 11-36, 11-speed', 'shifter', 'chain, 112 links'],
    on: ['cassette 11-36, 12-speed', 'shifter', 'chain, 112 links'],
    buy: ['cassette 11-36, 12-speed', 'shifter', 'chain, 112 links'],
    steps:
      'decide fit gather oldGap chainOff wheelOut cassetteOff spacer cassetteOn wheelIn shifter chainLength bGap limitScrews cable indexing bigBig smallSmall backPedal torque testRide signOff recheck',
  },
  '11 to 12 cogs, another shifter described': {
    kind: 'cassette',
    chain: 'newChain, otherWidth: 112 to 112',
    off: ['cassette 11-36, 11-speed', 'shifter', 'chain, 112 links'],
    on: ['cassette 11-36, 12-speed', 'shifter', 'chain, 112 links'],
    buy: ['cassette 11-36, 12-speed', 'shifter', 'chain, 112 links'],
    steps:
      'decide fit gather oldGap chainOff wheelOut cassetteOff spacer cassetteOn wheelIn shifter chainLength bGap limitScrews cable indexing bigBig smallSmall backPedal torque testRide signOff recheck',
  },
  'smaller rings': {
    kind: 'rings',
    chain: 'leave, fits: 112 to 112',
    off: ['48T chainring', '32T chainring'],
    on: ['46T chainring', '30T chainring'],
    buy: ['46T chainring', '30T chainring'],
    steps:
      'decide fit gather ringsOff crank ringClearance frontHeight frontAngle frontShift bigBig smallSmall backPedal torque testRide signOff recheck',
  },
  'one ring of two': {
    kind: 'rings',
    chain: 'leave, fits: 112 to 112',
    off: ['32T chainring'],
    on: ['30T chainring'],
    buy: ['30T chainring'],
    steps:
      'decide fit gather ringsOff crank ringClearance frontShift checkRingDifference bigBig smallSmall checkCapacity backPedal torque testRide signOff recheck',
  },
  '1x ring': {
    kind: 'rings',
    chain: 'leave, passesBothEnds: 114 to 114',
    off: ['44T chainring'],
    on: ['40T chainring'],
    buy: ['40T chainring'],
    steps: 'decide fit gather ringsOff crank ringClearance bigBig smallSmall backPedal torque testRide signOff recheck',
  },
  'cassette and rings': {
    kind: 'cassetteAndRings',
    chain: 'leave, passesBothEnds: 112 to 112',
    off: ['cassette 11-36, 12-speed', '48T chainring', '32T chainring'],
    on: ['cassette 11-34, 12-speed', '46T chainring', '30T chainring'],
    buy: ['cassette 11-34, 12-speed', '46T chainring', '30T chainring'],
    steps:
      'decide fit gather oldGap wheelOut cassetteOff ringsOff spacer cassetteOn wheelIn crank ringClearance frontHeight frontAngle bGap limitScrews indexing frontShift bigBig smallSmall backPedal torque testRide signOff recheck',
  },
  '2x to 1x': {
    kind: 'twoToOne',
    chain: 'newChain, tooShort: 112 to 114',
    off: [
      'cassette 11-36, 12-speed',
      '48T chainring',
      '32T chainring',
      'front derailleur',
      'front shifter',
      'rear derailleur',
      'chain, 112 links',
    ],
    on: ['cassette 10-44, 12-speed', '44T chainring', 'rear derailleur', 'chain, 114 links'],
    buy: ['cassette 10-44, 12-speed', '44T chainring', 'rear derailleur', 'chain, 114 links'],
    steps:
      'decide fit gather hanger oldGap chainOff wheelOut cassetteOff frontOff ringsOff derailleurOff spacer cassetteOn wheelIn crank ringClearance rearDerailleur chainLength bGap limitScrews cable indexing checkSmallestCog bigBig smallSmall backPedal torque testRide signOff recheck',
  },
  '2x to 1x with a guide': {
    kind: 'twoToOne',
    chain: 'leave, passesBothEnds: 112 to 112',
    off: ['48T chainring', '32T chainring', 'front derailleur', 'front shifter'],
    on: ['42T chainring', 'chain guide'],
    buy: ['42T chainring', 'chain guide'],
    steps:
      'decide fit gather frontOff ringsOff crank ringClearance guide bigBig smallSmall backPedal torque testRide signOff recheck',
  },
  '1x to 2x': {
    kind: 'oneToTwo',
    chain: 'leave, fits: 112 to 112',
    off: ['crank for one ring', '44T chainring'],
    on: ['crank for two rings', '48T chainring', '32T chainring', 'front derailleur', 'front shifter'],
    buy: ['crank for two rings', '48T chainring', '32T chainring', 'front derailleur', 'front shifter'],
    steps:
      'decide fit gather ringsOff crank ringClearance frontOn frontHeight frontAngle frontLimits frontCable frontShift bigBig smallSmall backPedal torque testRide signOff recheck',
  },
  '1x to 2x on a crank that carries two rings': {
    kind: 'oneToTwo',
    chain: 'leave, fits: 112 to 112',
    off: ['44T chainring'],
    on: ['48T chainring', '32T chainring', 'front derailleur', 'front shifter'],
    buy: ['48T chainring', '32T chainring', 'front derailleur', 'front shifter'],
    steps:
      'decide fit gather ringsOff crank ringClearance frontOn frontHeight frontAngle frontLimits frontCable frontShift bigBig smallSmall backPedal torque testRide signOff recheck',
  },
  '1x to 2x, electronic': {
    kind: 'oneToTwo',
    chain: 'leave, fits: 112 to 112',
    off: ['crank for one ring', '44T chainring'],
    on: ['crank for two rings', '48T chainring', '32T chainring', 'front derailleur', 'front shifter'],
    buy: ['crank for two rings', '48T chainring', '32T chainring', 'front derailleur', 'front shifter'],
    steps:
      'decide fit gather ringsOff crank ringClearance frontOn frontHeight frontAngle pairing cogCount frontLimits frontShift bigBig smallSmall backPedal torque testRide signOff recheck',
  },
  'a crank that was weighed with its rings': {
    kind: 'derailleur',
    chain: 'leave, fits: 112 to 112',
    off: ['Old crank'],
    on: ['Crank with rings'],
    buy: [],
    steps:
      'decide fit gather ringsOff crank ringClearance frontShift bigBig smallSmall backPedal torque testRide signOff recheck',
  },
  'another rear derailleur in stock': {
    kind: 'derailleur',
    chain: 'leave, fits: 112 to 112',
    off: ['rear derailleur'],
    on: ['Long cage'],
    buy: [],
    steps:
      'decide fit gather hanger oldGap chainOff derailleurOff rearDerailleur chainLength bGap limitScrews cable indexing bigBig smallSmall backPedal torque testRide signOff recheck',
  },
  'another rear derailleur by its description': {
    kind: 'derailleur',
    chain: 'leave, fits: 112 to 112',
    off: ['rear derailleur'],
    on: ['rear derailleur'],
    buy: ['rear derailleur'],
    steps:
      'decide fit gather hanger oldGap chainOff derailleurOff rearDerailleur chainLength bGap limitScrews cable indexing bigBig smallSmall backPedal torque testRide signOff recheck',
  },
  'the same derailleur, described otherwise': {
    kind: 'cassette',
    chain: 'leave, fits: 112 to 112',
    off: ['cassette 11-36, 12-speed'],
    on: ['cassette 11-34, 12-speed'],
    buy: ['cassette 11-34, 12-speed'],
    steps:
      'decide fit gather oldGap wheelOut cassetteOff spacer cassetteOn wheelIn bGap limitScrews indexing bigBig smallSmall backPedal torque testRide signOff recheck',
  },
  'limits typed for the present setup alone': {
    kind: 'cassette',
    chain: 'leave, fits: 112 to 112',
    off: ['cassette 11-36, 12-speed'],
    on: ['cassette 11-34, 12-speed'],
    buy: ['cassette 11-34, 12-speed'],
    steps:
      'decide fit gather oldGap wheelOut cassetteOff spacer cassetteOn wheelIn bGap limitScrews indexing bigBig smallSmall backPedal torque testRide signOff recheck',
  },
  'another front derailleur': {
    kind: 'derailleur',
    chain: 'leave, fits: 112 to 112',
    off: ['front derailleur'],
    on: ['front derailleur'],
    buy: ['front derailleur'],
    steps:
      'decide fit gather frontOff frontOn frontHeight frontAngle frontLimits frontCable frontShift bigBig smallSmall backPedal torque testRide signOff recheck',
  },
  'largest cog past the limit': {
    kind: 'cassetteAndRings',
    chain: 'newChain, tooShort: 112 to 118',
    off: ['cassette 11-36, 12-speed', '48T chainring', '32T chainring', 'chain, 112 links'],
    on: ['cassette 11-50, 12-speed', '46T chainring', '30T chainring', 'chain, 118 links'],
    buy: ['cassette 11-50, 12-speed', '46T chainring', '30T chainring', 'chain, 118 links'],
    steps:
      'decide fit gather oldGap chainOff wheelOut cassetteOff ringsOff spacer cassetteOn wheelIn crank ringClearance frontHeight frontAngle chainLength bGap checkLargestCog limitScrews indexing frontShift bigBig smallSmall checkCapacity backPedal torque testRide signOff recheck',
  },
  'largest cog past the limit, with an extender': {
    kind: 'cassette',
    chain: 'newChain, tooShort: 108 to 116',
    off: ['cassette 11-36, 12-speed', 'chain, 108 links'],
    on: ['cassette 11-50, 12-speed', 'hanger extender', 'chain, 116 links'],
    buy: ['cassette 11-50, 12-speed', 'hanger extender', 'chain, 116 links'],
    steps:
      'decide fit gather hanger oldGap chainOff wheelOut cassetteOff derailleurOff spacer cassetteOn wheelIn extender rearDerailleur chainLength bGap checkLargestCog limitScrews indexing bigBig smallSmall backPedal torque testRide signOff recheck',
  },
  'capacity and ring difference past their limits': {
    kind: 'rings',
    chain: 'newChain, tooShort: 112 to 114',
    off: ['48T chainring', 'chain, 112 links'],
    on: ['50T chainring', 'chain, 114 links'],
    buy: ['50T chainring', 'chain, 114 links'],
    steps:
      'decide fit gather chainOff ringsOff crank ringClearance frontHeight frontAngle chainLength frontShift checkRingDifference bigBig smallSmall checkCapacity backPedal torque testRide signOff recheck',
  },
  'largest cog under its minimum': {
    kind: 'cassette',
    chain: 'leave, passesBothEnds: 112 to 112',
    off: ['cassette 11-36, 12-speed'],
    on: ['cassette 11-30, 12-speed'],
    buy: ['cassette 11-30, 12-speed'],
    steps:
      'decide fit gather oldGap wheelOut cassetteOff spacer cassetteOn wheelIn bGap limitScrews indexing checkLargestCogMinimum bigBig smallSmall backPedal torque testRide signOff recheck',
  },
  'electronic cassette swap': {
    kind: 'cassette',
    chain: 'leave, fits: 112 to 112',
    off: ['cassette 11-36, 12-speed'],
    on: ['cassette 11-34, 12-speed'],
    buy: ['cassette 11-34, 12-speed'],
    steps:
      'decide fit gather oldGap wheelOut cassetteOff spacer cassetteOn wheelIn battery bGap limitScrews fineTuning bigBig smallSmall backPedal torque testRide signOff recheck',
  },
  'electronic, another number of cogs': {
    kind: 'cassette',
    chain: 'leave, fits: 112 to 112',
    off: ['cassette 11-36, 11-speed'],
    on: ['cassette 11-36, 12-speed'],
    buy: ['cassette 11-36, 12-speed'],
    steps:
      'decide fit gather oldGap wheelOut cassetteOff spacer cassetteOn wheelIn battery cogCount bGap limitScrews fineTuning bigBig smallSmall backPedal torque testRide signOff recheck',
  },
  'winter wheels': {
    kind: 'wheels',
    chain: 'leave, fits: 112 to 112',
    off: ['Road wheels'],
    on: ['Winter wheels'],
    buy: [],
    steps:
      'decide fit gather oldGap wheelOut wheelIn bGap limitScrews indexing bigBig smallSmall backPedal torque testRide signOff recheck',
  },
  'winter wheels with another cassette': {
    kind: 'cassette',
    chain: 'leave, fits: 112 to 112',
    off: ['cassette 11-36, 12-speed', 'Road wheels'],
    on: ['cassette 11-34, 12-speed', 'Winter wheels'],
    buy: ['cassette 11-34, 12-speed'],
    steps:
      'decide fit gather oldGap wheelOut cassetteOff spacer cassetteOn wheelIn bGap limitScrews indexing bigBig smallSmall backPedal torque testRide signOff recheck',
  },
  'two-speed hub': {
    kind: 'hub',
    chain: 'leave, fits: 110 to 110',
    off: [],
    on: ['wheel with a two-speed hub', 'shifter for the two-speed hub'],
    buy: ['wheel with a two-speed hub', 'shifter for the two-speed hub'],
    steps:
      'decide fit gather oldGap wheelOut cassetteOff spacer cassetteOn wheelIn hubShifter bGap limitScrews indexing bigBig smallSmall backPedal torque testRide signOff recheck',
  },
  'new chain': {
    kind: 'chain',
    chain: 'newChain, worn: 112 to 112',
    off: ['chain, 112 links'],
    on: ['chain, 112 links'],
    buy: ['chain, 112 links'],
    steps: 'decide fit gather chainOff chainLength bigBig smallSmall backPedal torque testRide signOff recheck',
  },
  'new chain in stock, joined with a pin': {
    kind: 'chain',
    chain: 'newChain, worn: 112 to 112',
    off: ['chain, 112 links'],
    on: ['Spare chain'],
    buy: [],
    steps: 'decide fit gather chainOff chainLength bigBig smallSmall backPedal torque testRide signOff recheck',
  },
  'new chain in stock that is too short': {
    kind: 'chain',
    chain: 'newChain, worn: 112 to 112',
    off: ['chain, 112 links'],
    on: ['chain, 112 links'],
    buy: ['chain, 112 links'],
    steps: 'decide fit gather chainOff chainLength bigBig smallSmall backPedal torque testRide signOff recheck',
  },
  'suspension that lengthens the chainstay': {
    kind: 'cassette',
    chain: 'newChain, tooShort: 114 to 122',
    off: ['cassette 10-44, 12-speed', 'chain, 114 links'],
    on: ['cassette 10-52, 12-speed', 'chain, 122 links'],
    buy: ['cassette 10-52, 12-speed', 'chain, 122 links'],
    steps:
      'decide fit gather oldGap clutchOff chainOff wheelOut cassetteOff spacer cassetteOn wheelIn clutchOn chainLength bGap limitScrews indexing bigBig smallSmall checkCapacity backPedal torque testRide signOff recheck',
  },
};
