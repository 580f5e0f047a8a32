/**
 * What each job of the table comes to, by its name: its kind; what happens to the chain, why, and its links now and after;
 * the parts that go off and on and are bought; the steps in their order.
 */
export const JOB_CARDS: ReadonlyMap<string, string> = new Map(
  `
nothing differs → nothing; leave, fits: 112 to 112
  off: none; on: none; buy: none
  no steps
smaller cassette, chain left alone → cassette; leave, fits: 112 to 112
  off: cassette 11-36, 12-speed; on: cassette 11-34, 12-speed; buy: cassette 11-34, 12-speed
  decide fit gather oldGap wheelOut cassetteOff spacer cassetteOn wheelIn bGap limitScrews indexing bigBig smallSmall backPedal torque testRide signOff recheck
smaller cassette, chain fitted → cassette; shorten, tooLong: 112 to 110
  off: cassette 11-36, 12-speed + 2 links of the chain; on: cassette 11-28, 12-speed; buy: cassette 11-28, 12-speed
  decide fit gather oldGap wheelOut cassetteOff spacer cassetteOn wheelIn chainLength bGap limitScrews indexing bigBig smallSmall backPedal torque testRide signOff recheck
smaller cassette, chain left alone, cage unknown → cassette; leave, reachesBigBig: 112 to 112
  off: cassette 11-36, 12-speed; on: cassette 11-28, 12-speed; buy: cassette 11-28, 12-speed
  decide fit gather oldGap wheelOut cassetteOff spacer cassetteOn wheelIn bGap limitScrews indexing bigBig smallSmall backPedal torque testRide signOff recheck
larger cassette, chain too short → cassette; newChain, tooShort: 108 to 112
  off: cassette 11-28, 12-speed + chain, 108 links; on: cassette 11-36, 12-speed + chain, 112 links; buy: cassette 11-36, 12-speed + chain, 112 links
  decide fit gather oldGap chainOff wheelOut cassetteOff spacer cassetteOn wheelIn chainLength bGap limitScrews indexing bigBig smallSmall backPedal torque testRide signOff recheck
chain never counted, smaller cassette → cassette; leave, notCounted: ? to ?
  off: cassette 11-36, 12-speed; on: cassette 11-28, 12-speed; buy: cassette 11-28, 12-speed
  decide fit gather countLinks oldGap wheelOut cassetteOff spacer cassetteOn wheelIn bGap limitScrews indexing bigBig smallSmall backPedal torque testRide signOff recheck
chain never counted, larger cassette → cassette; newChain, mayBeTooShort: ? to 112
  off: cassette 11-28, 12-speed + chain; on: cassette 11-36, 12-speed + chain, 112 links; buy: cassette 11-36, 12-speed + chain, 112 links
  decide fit gather countLinks oldGap chainOff wheelOut cassetteOff spacer cassetteOn wheelIn chainLength bGap limitScrews indexing bigBig smallSmall backPedal torque testRide signOff recheck
links typed for the new setup → cassette; shorten, tooLong: 116 to 112
  off: cassette 11-36, 12-speed + 4 links of the chain; on: cassette 11-28, 12-speed; buy: cassette 11-28, 12-speed
  decide fit gather oldGap wheelOut cassetteOff spacer cassetteOn wheelIn chainLength bGap limitScrews indexing bigBig smallSmall backPedal torque testRide signOff recheck
too few links typed for the new setup → cassette; leave, fits: 112 to 112
  off: cassette 11-36, 12-speed; on: cassette 11-34, 12-speed; buy: cassette 11-34, 12-speed
  decide fit gather oldGap wheelOut cassetteOff spacer cassetteOn wheelIn bGap limitScrews indexing bigBig smallSmall backPedal torque testRide signOff recheck
left-out gears let a long chain stay → cassette; leave, passesBothEnds: 114 to 114
  off: cassette 11-36, 12-speed; on: cassette 11-28, 12-speed; buy: cassette 11-28, 12-speed
  decide fit gather oldGap wheelOut cassetteOff spacer cassetteOn wheelIn bGap limitScrews indexing bigBig smallSmall backPedal torque testRide signOff recheck
a chain that is slack after all is shortened → cassette; shorten, tooLong: 118 to 110
  off: cassette 11-36, 12-speed + 8 links of the chain; on: cassette 11-28, 12-speed; buy: cassette 11-28, 12-speed
  decide fit gather oldGap wheelOut cassetteOff spacer cassetteOn wheelIn chainLength bGap limitScrews indexing bigBig smallSmall backPedal torque testRide signOff recheck
worn cassette for the same one in stock → cassette; leave, fits: 112 to 112
  off: cassette 11-36, 12-speed; on: Fresh cassette; buy: none
  decide fit gather oldGap wheelOut cassetteOff spacer cassetteOn wheelIn bGap limitScrews indexing bigBig smallSmall backPedal torque testRide signOff recheck
weighed, cassette in stock → cassette; leave, fits: 112 to 112
  off: cassette 11-36, 12-speed; on: Close cassette; buy: none
  decide fit gather oldGap weighBefore wheelOut cassetteOff weigh spacer cassetteOn wheelIn bGap limitScrews indexing bigBig smallSmall backPedal torque weighAfter testRide signOff recheck
cassette that needs another freehub body → cassette; newChain, tooShort: 110 to 114
  off: cassette 11-36, 12-speed + freehub body + chain, 110 links; on: cassette 10-44, 12-speed + freehub body + chain, 114 links; buy: cassette 10-44, 12-speed + freehub body + chain, 114 links
  decide fit gather oldGap chainOff wheelOut cassetteOff freehub spacer cassetteOn wheelIn chainLength bGap checkLargestCog limitScrews indexing checkSmallestCog bigBig smallSmall backPedal torque testRide signOff recheck
after a crash → cassette; leave, fits: 112 to 112
  off: cassette 11-36, 12-speed; on: cassette 11-34, 12-speed; buy: cassette 11-34, 12-speed
  decide fit gather hanger oldGap wheelOut cassetteOff spacer cassetteOn wheelIn bGap limitScrews indexing bigBig smallSmall backPedal torque testRide signOff recheck
seasonal pair, there: one chain serves both → cassette; leave, fits: 112 to 112
  off: cassette 11-36, 12-speed; on: cassette 11-28, 12-speed; buy: cassette 11-28, 12-speed
  decide fit gather oldGap wheelOut cassetteOff spacer cassetteOn wheelIn bGap limitScrews indexing bigBig smallSmall backPedal torque testRide signOff recheck
seasonal pair, there: long chain shortened no further than both need → cassette; shorten, tooLong: 116 to 112
  off: cassette 11-36, 12-speed + 4 links of the chain; on: cassette 11-28, 12-speed; buy: cassette 11-28, 12-speed
  decide fit gather oldGap wheelOut cassetteOff spacer cassetteOn wheelIn chainLength bGap limitScrews indexing bigBig smallSmall backPedal torque testRide signOff recheck
seasonal pair, back: the chain stayed → cassette; leave, fits: 112 to 112
  off: cassette 11-28, 12-speed; on: cassette 11-36, 12-speed; buy: none
  decide fit gather oldGap wheelOut cassetteOff spacer cassetteOn wheelIn bGap limitScrews indexing bigBig smallSmall backPedal torque testRide signOff recheck
seasonal pair, back: the chain was cut after all → cassette; newChain, tooShort: 110 to 112
  off: cassette 11-28, 12-speed + chain, 110 links; on: cassette 11-36, 12-speed + chain, 112 links; buy: chain, 112 links
  decide fit gather oldGap chainOff wheelOut cassetteOff spacer cassetteOn wheelIn chainLength bGap limitScrews indexing bigBig smallSmall backPedal torque testRide signOff recheck
seasonal pair, short card from last time → short cassette; leave, fits: 112 to 112
  off: cassette 11-36, 12-speed; on: cassette 11-28, 12-speed; buy: cassette 11-28, 12-speed
  wheelOut cassetteOff spacer cassetteOn wheelIn bGap indexing bigBig smallSmall signOff
seasonal pair, short card back, with a clutch → short cassette; leave, fits: 114 to 114
  off: cassette 11-36, 12-speed; on: cassette 10-44, 12-speed; buy: none
  clutchOff wheelOut cassetteOff spacer cassetteOn wheelIn clutchOn bGap indexing bigBig smallSmall signOff
11 to 12 cogs, speeds unknown → cassette; ask, widthNotKnown: 112 to 112
  off: cassette 11-36, 11-speed + shifter + chain, 112 links; on: cassette 11-36, 12-speed + shifter + chain, 112 links; buy: cassette 11-36, 12-speed + shifter + chain, 112 links
  decide fit chainSpeeds shifterSpeeds gather oldGap chainOff wheelOut cassetteOff spacer cassetteOn wheelIn shifter chainLength bGap limitScrews cable indexing bigBig smallSmall backPedal torque testRide signOff recheck
12 to 8 cogs, speeds unknown → cassette; ask, widthNotKnown: 112 to 110
  off: cassette 11-36, 12-speed + shifter + chain, 112 links; on: cassette 11-32, 8-speed + shifter + chain, 110 links; buy: cassette 11-32, 8-speed + shifter + chain, 110 links
  decide fit chainSpeeds shifterSpeeds gather oldGap chainOff wheelOut cassetteOff spacer cassetteOn wheelIn shifter chainLength bGap limitScrews cable indexing bigBig smallSmall backPedal torque testRide signOff recheck
11 to 12 cogs, chain known, shifter unknown → cassette; leave, fits: 112 to 112
  off: cassette 11-36, 11-speed + shifter; on: cassette 11-36, 12-speed + shifter; buy: cassette 11-36, 12-speed + shifter
  decide fit shifterSpeeds gather oldGap wheelOut cassetteOff spacer cassetteOn wheelIn shifter bGap limitScrews cable indexing bigBig smallSmall backPedal torque testRide signOff recheck
11 to 12 cogs, both for 11 → cassette; newChain, otherWidth: 112 to 112
  off: cassette 11-36, 11-speed + shifter + chain, 112 links; on: cassette 11-36, 12-speed + shifter + chain, 112 links; buy: cassette 11-36, 12-speed + shifter + chain, 112 links
  decide fit gather oldGap chainOff wheelOut cassetteOff spacer cassetteOn wheelIn shifter chainLength bGap limitScrews cable indexing bigBig smallSmall backPedal torque testRide signOff recheck
smaller rings → rings; leave, fits: 112 to 112
  off: 48T chainring + 32T chainring; on: 46T chainring + 30T chainring; buy: 46T chainring + 30T chainring
  decide fit gather ringsOff crank ringClearance frontHeight frontAngle frontShift bigBig smallSmall backPedal torque testRide signOff recheck
one ring of two → rings; leave, fits: 112 to 112
  off: 32T chainring; on: 30T chainring; buy: 30T chainring
  decide fit gather ringsOff crank ringClearance frontShift checkRingDifference bigBig smallSmall checkCapacity backPedal torque testRide signOff recheck
1x ring → rings; leave, passesBothEnds: 114 to 114
  off: 44T chainring; on: 40T chainring; buy: 40T chainring
  decide fit gather ringsOff crank ringClearance bigBig smallSmall backPedal torque testRide signOff recheck
cassette and rings → cassetteAndRings; leave, passesBothEnds: 112 to 112
  off: cassette 11-36, 12-speed + 48T chainring + 32T chainring; on: cassette 11-34, 12-speed + 46T chainring + 30T chainring; buy: cassette 11-34, 12-speed + 46T chainring + 30T chainring
  decide fit gather oldGap wheelOut cassetteOff ringsOff spacer cassetteOn wheelIn crank ringClearance frontHeight frontAngle bGap limitScrews indexing frontShift bigBig smallSmall backPedal torque testRide signOff recheck
2x to 1x → twoToOne; newChain, tooShort: 112 to 114
  off: cassette 11-36, 12-speed + 48T chainring + 32T chainring + front derailleur + front shifter + rear derailleur + chain, 112 links; on: cassette 10-44, 12-speed + 44T chainring + rear derailleur + chain, 114 links; buy: cassette 10-44, 12-speed + 44T chainring + rear derailleur + chain, 114 links
  decide fit gather hanger oldGap chainOff wheelOut cassetteOff frontOff ringsOff derailleurOff spacer cassetteOn wheelIn crank ringClearance rearDerailleur chainLength bGap limitScrews cable indexing checkSmallestCog bigBig smallSmall backPedal torque testRide signOff recheck
2x to 1x with a guide → twoToOne; leave, passesBothEnds: 112 to 112
  off: 48T chainring + 32T chainring + front derailleur + front shifter; on: 42T chainring + chain guide; buy: 42T chainring + chain guide
  decide fit gather frontOff ringsOff crank ringClearance guide bigBig smallSmall backPedal torque testRide signOff recheck
1x to 2x → oneToTwo; leave, fits: 112 to 112
  off: crank for one ring + 44T chainring; on: crank for two rings + 48T chainring + 32T chainring + front derailleur + front shifter; buy: crank for two rings + 48T chainring + 32T chainring + front derailleur + front shifter
  decide fit gather ringsOff crank ringClearance frontOn frontHeight frontAngle frontLimits frontCable frontShift bigBig smallSmall backPedal torque testRide signOff recheck
1x to 2x on a crank that carries two rings → oneToTwo; leave, fits: 112 to 112
  off: 44T chainring; on: 48T chainring + 32T chainring + front derailleur + front shifter; buy: 48T chainring + 32T chainring + front derailleur + front shifter
  decide fit gather ringsOff crank ringClearance frontOn frontHeight frontAngle frontLimits frontCable frontShift bigBig smallSmall backPedal torque testRide signOff recheck
1x to 2x, electronic → oneToTwo; leave, fits: 112 to 112
  off: crank for one ring + 44T chainring; on: crank for two rings + 48T chainring + 32T chainring + front derailleur + front shifter; buy: crank for two rings + 48T chainring + 32T chainring + front derailleur + front shifter
  decide fit gather ringsOff crank ringClearance frontOn frontHeight frontAngle pairing cogCount frontLimits frontShift bigBig smallSmall backPedal torque testRide signOff recheck
a crank that was weighed with its rings → derailleur; leave, fits: 112 to 112
  off: Old crank; on: Crank with rings; buy: none
  decide fit gather ringsOff crank ringClearance frontShift bigBig smallSmall backPedal torque testRide signOff recheck
another rear derailleur in stock → derailleur; leave, fits: 112 to 112
  off: rear derailleur; on: Long cage; buy: none
  decide fit gather hanger oldGap chainOff derailleurOff rearDerailleur chainLength bGap limitScrews cable indexing bigBig smallSmall backPedal torque testRide signOff recheck
another rear derailleur by its description → derailleur; leave, fits: 112 to 112
  off: rear derailleur; on: rear derailleur; buy: rear derailleur
  decide fit gather hanger oldGap chainOff derailleurOff rearDerailleur chainLength bGap limitScrews cable indexing bigBig smallSmall backPedal torque testRide signOff recheck
the same derailleur, described otherwise → cassette; leave, fits: 112 to 112
  off: cassette 11-36, 12-speed; on: cassette 11-34, 12-speed; buy: cassette 11-34, 12-speed
  decide fit gather oldGap wheelOut cassetteOff spacer cassetteOn wheelIn bGap limitScrews indexing bigBig smallSmall backPedal torque testRide signOff recheck
another front derailleur → derailleur; leave, fits: 112 to 112
  off: front derailleur; on: front derailleur; buy: front derailleur
  decide fit gather frontOff frontOn frontHeight frontAngle frontLimits frontCable frontShift bigBig smallSmall backPedal torque testRide signOff recheck
largest cog past the limit → cassetteAndRings; newChain, tooShort: 112 to 118
  off: cassette 11-36, 12-speed + 48T chainring + 32T chainring + chain, 112 links; on: cassette 11-50, 12-speed + 46T chainring + 30T chainring + chain, 118 links; buy: cassette 11-50, 12-speed + 46T chainring + 30T chainring + chain, 118 links
  decide fit gather oldGap chainOff wheelOut cassetteOff ringsOff spacer cassetteOn wheelIn crank ringClearance frontHeight frontAngle chainLength bGap checkLargestCog limitScrews indexing frontShift bigBig smallSmall checkCapacity backPedal torque testRide signOff recheck
largest cog past the limit, with an extender → cassette; newChain, tooShort: 108 to 116
  off: cassette 11-36, 12-speed + chain, 108 links; on: cassette 11-50, 12-speed + hanger extender + chain, 116 links; buy: cassette 11-50, 12-speed + hanger extender + chain, 116 links
  decide fit gather hanger oldGap chainOff wheelOut cassetteOff derailleurOff spacer cassetteOn wheelIn extender rearDerailleur chainLength bGap checkLargestCog limitScrews indexing bigBig smallSmall backPedal torque testRide signOff recheck
capacity and ring difference past their limits → rings; newChain, tooShort: 112 to 114
  off: 48T chainring + chain, 112 links; on: 50T chainring + chain, 114 links; buy: 50T chainring + chain, 114 links
  decide fit gather chainOff ringsOff crank ringClearance frontHeight frontAngle chainLength frontShift checkRingDifference bigBig smallSmall checkCapacity backPedal torque testRide signOff recheck
largest cog under its minimum → cassette; leave, passesBothEnds: 112 to 112
  off: cassette 11-36, 12-speed; on: cassette 11-30, 12-speed; buy: cassette 11-30, 12-speed
  decide fit gather oldGap wheelOut cassetteOff spacer cassetteOn wheelIn bGap limitScrews indexing checkLargestCogMinimum bigBig smallSmall backPedal torque testRide signOff recheck
electronic cassette swap → cassette; leave, fits: 112 to 112
  off: cassette 11-36, 12-speed; on: cassette 11-34, 12-speed; buy: cassette 11-34, 12-speed
  decide fit gather oldGap wheelOut cassetteOff spacer cassetteOn wheelIn battery bGap limitScrews fineTuning bigBig smallSmall backPedal torque testRide signOff recheck
electronic, another number of cogs → cassette; leave, fits: 112 to 112
  off: cassette 11-36, 11-speed; on: cassette 11-36, 12-speed; buy: cassette 11-36, 12-speed
  decide fit gather oldGap wheelOut cassetteOff spacer cassetteOn wheelIn battery cogCount bGap limitScrews fineTuning bigBig smallSmall backPedal torque testRide signOff recheck
winter wheels → wheels; leave, fits: 112 to 112
  off: Road wheels; on: Winter wheels; buy: none
  decide fit gather oldGap wheelOut wheelIn bGap limitScrews indexing bigBig smallSmall backPedal torque testRide signOff recheck
two-speed hub → hub; leave, fits: 110 to 110
  off: none; on: wheel with a two-speed hub + shifter for the two-speed hub; buy: wheel with a two-speed hub + shifter for the two-speed hub
  decide fit gather oldGap wheelOut cassetteOff spacer cassetteOn wheelIn hubShifter bGap limitScrews indexing bigBig smallSmall backPedal torque testRide signOff recheck
new chain → chain; newChain, worn: 112 to 112
  off: chain, 112 links; on: chain, 112 links; buy: chain, 112 links
  decide fit gather chainOff chainLength bigBig smallSmall backPedal torque testRide signOff recheck
new chain in stock, joined with a pin → chain; newChain, worn: 112 to 112
  off: chain, 112 links; on: Spare chain; buy: none
  decide fit gather chainOff chainLength bigBig smallSmall backPedal torque testRide signOff recheck
new chain in stock that is too short → chain; newChain, worn: 112 to 112
  off: chain, 112 links; on: chain, 112 links; buy: chain, 112 links
  decide fit gather chainOff chainLength bigBig smallSmall backPedal torque testRide signOff recheck
suspension that lengthens the chainstay → cassette; newChain, tooShort: 114 to 122
  off: cassette 10-44, 12-speed + chain, 114 links; on: cassette 10-52, 12-speed + chain, 122 links; buy: cassette 10-52, 12-speed + chain, 122 links
  decide fit gather oldGap clutchOff chainOff wheelOut cassetteOff spacer cassetteOn wheelIn clutchOn chainLength bGap limitScrews indexing bigBig smallSmall checkCapacity backPedal torque testRide signOff recheck
`
    .trim()
    .split(/\n(?! )/)
    .map((job) => job.split(' → ') as [string, string]),
);
