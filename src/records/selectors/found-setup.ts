import type { FoundFacts, SetupBuilder } from '../../core/find';
import type { NewParts } from '../../core/job';
import type { SetupRecord } from '../setup';

/**
 * Makes a setup of a bike from one that a search has found: the setup fitted now, with what is replaced. Its weight and
 * cost are left to scale and shop.
 * @param mark of a part that is new, each time another
 */
export function foundSetup(
  present: SetupRecord,
  { chainrings, cassette, build }: Pick<FoundFacts, 'chainrings' | 'cassette' | 'build'>,
  builder: SetupBuilder,
  mark: () => string,
): Omit<SetupRecord, 'id' | 'rank'> {
  const {
    id: _id,
    rank: _rank,
    name: _name,
    massG: _massG,
    cost: _cost,
    cogPitchMm,
    partIds: _shelf,
    leftOut: _leftOut,
    checklist: _checklist,
    ...kept
  } = present;
  const { others, derailleurId, ...laid } = builder.toLay(chainrings, cassette.cogs, build);
  const newParts: NewParts = { ...present.newParts, ...Object.fromEntries(others.map((part) => [part, mark()])) };
  return {
    ...kept,
    // A part in stock is shared only where the person chose it: here the derailleur that was found.
    ...(derailleurId !== undefined && { partIds: { rearDerailleur: derailleurId } }),
    ...laid,
    ...(others.length > 0 && { newParts }),
    // A cassette of another count has another pitch.
    ...(cassette.cogs.length === present.cogs.length && { cogPitchMm }),
    chainrings,
    cogs: cassette.cogs,
    ...(cassette.name && { name: cassette.name }),
  };
}
