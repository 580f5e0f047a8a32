import { SETUP_DEFAULTS, type SetupRecord } from './setup';
import { PART_GROUPS, withPartsOf } from './same-parts';

const base = { ...SETUP_DEFAULTS, bikeId: 'b', hubStages: [1], cogs: [11, 13, 15], chainrings: [48, 32] };
const a: SetupRecord = {
  ...base,
  id: 'a',
  rank: 0,
  rearDerailleur: { totalCapacityT: 41, ringDifferenceMaxT: 16 },
  parts: { shifterSpeeds: 12, cablePullMm: 2.7, chainSpeeds: 12, boltCircleMm: 104 },
  chainLinks: 112,
  frontChainlineMm: 45,
};
const b: SetupRecord = {
  ...base,
  id: 'b',
  rank: 1,
  rearDerailleur: { largestCogMaxT: 36, ringDifferenceMaxT: 14 },
  parts: { shifterSpeeds: 11, spacerMm: 1 },
};

test('a group is taken as a whole: what is not known there is not known here, the rest stays', () => {
  const rear = withPartsOf(b, a, 'rearDerailleur');
  expect(rear.rearDerailleur).toEqual({ totalCapacityT: 41, ringDifferenceMaxT: 14 });
  expect(rear.parts).toEqual(b.parts);
  expect(withPartsOf(b, a, 'frontDerailleur').rearDerailleur).toEqual({ largestCogMaxT: 36, ringDifferenceMaxT: 16 });
  expect(withPartsOf(b, a, 'shifter').parts).toEqual({ shifterSpeeds: 12, cablePullMm: 2.7, spacerMm: 1 });
  expect(withPartsOf(b, a, 'chain')).toMatchObject({ chainLinks: 112, parts: { chainSpeeds: 12, shifterSpeeds: 11 } });
  expect(withPartsOf(b, a, 'chainline').frontChainlineMm).toBe(45);
  expect(withPartsOf(b, a, 'cassette').parts).toEqual({ shifterSpeeds: 11 });
});

test('teeth, name and place are never taken', () => {
  for (const group of PART_GROUPS) {
    const { id, rank, chainrings, cogs } = withPartsOf(b, a, group);
    expect({ id, rank, chainrings, cogs }).toEqual({ id: 'b', rank: 1, chainrings: b.chainrings, cogs: b.cogs });
  }
});
