import fc from 'fast-check';
import { SEEDED, setupArbitrary } from '../../../tests/support/arbitraries';
import { cases } from '../../../tests/support/fuzz';
import { chainLinks } from '../../core/fit';
import { CHAIN_CHOICES, type Progress, type StepProgress } from '../../core/job';
import { BIKE_DEFAULTS, type BikeRecord } from '../bike';
import { JOB_DEFAULTS, type JobRecord, type SwapWork } from '../job';
import { jobSideOf } from '../job-side';
import { SETUP_DEFAULTS, type SetupRecord } from '../setup';
import { WHEEL_DEFAULTS } from '../wheelset';
import { finishedSwap } from './finished-swap';
import { jobWithCard, withoutCopiedChain, type JobFacts } from './job-card';

const optional = <T>(value: fc.Arbitrary<T>) => fc.option(value, { nil: undefined });
const even = fc.integer({ min: 45, max: 70 }).map((pairs) => 2 * pairs);
const known = (record: object) => Object.fromEntries(Object.entries(record).filter(([, value]) => value !== undefined));

const rear = fc
  .record({
    totalCapacityT: optional(fc.constantFrom(33, 41, 47)),
    cageLengthMm: optional(fc.integer({ min: 60, max: 115 })),
  })
  .map(known);
const drive = fc
  .record({ chainSpeeds: optional(fc.constantFrom(10, 11, 12)), shifterSpeeds: optional(fc.constantFrom(10, 11, 12)) })
  .map(known);
const setupOf = (id: string, rank: number) =>
  fc
    .record({
      teeth: setupArbitrary(),
      chainLinks: optional(even),
      rearDerailleur: rear,
      parts: drive,
    })
    .map(({ teeth: { chainrings, cogs }, chainLinks: links, rearDerailleur, parts }): SetupRecord => ({
      ...SETUP_DEFAULTS,
      id,
      rank,
      bikeId: 'bike',
      wheelsetId: 'wheels',
      chainrings,
      cogs,
      hubStages: [1],
      ...(links !== undefined && { chainLinks: links }),
      rearDerailleur,
      parts,
    }));

const STAY_MM = 430;
const bike: BikeRecord = {
  ...BIKE_DEFAULTS,
  id: 'bike',
  rank: 0,
  name: 'bike',
  chainstayMm: STAY_MM,
  wheelsets: [{ ...WHEEL_DEFAULTS, id: 'wheels' }],
};
const needed = ({ chainrings, cogs }: SetupRecord) =>
  chainLinks({ chainrings, cogs, chainstayMm: STAY_MM, geometry: undefined }).bigBigPlusTwo;

/** Does every step of a card that is not a matter of looking, and counts the chain where a step asks for it. */
function workedThrough(steps: readonly { readonly id: string }[], counted: number | undefined): Progress {
  const done = steps.map(({ id }): [string, StepProgress] => [
    id,
    { doneAtMs: 1, ...(id === 'countLinks' && counted !== undefined && { values: { links: counted } }) },
  ]);
  return Object.fromEntries(done);
}

test('there and back, whatever the two setups: the bike is as it was, and no chain is left that fails big-big', () => {
  const seen = new Set<string>();
  fc.assert(
    fc.property(
      setupOf('a', 0),
      setupOf('b', 1),
      fc.constantFrom(...CHAIN_CHOICES),
      fc.constantFrom(...CHAIN_CHOICES),
      optional(even),
      (a, b, chain, chainBack, counted) => {
        const facts = (setups: readonly SetupRecord[], jobs: readonly JobRecord[]): JobFacts => ({
          bike,
          setups,
          jobs,
          parts: new Map(),
          experience: [],
          times: {},
        });
        const work: SwapWork = {
          kind: 'swap',
          from: jobSideOf(bike, a, new Map()),
          to: jobSideOf(bike, withoutCopiedChain(b, a), new Map()),
          chain,
          newChain: false,
          weighs: false,
          usesQuickLink: true,
        };
        const job = (id: string, pairId: string, own: SwapWork) => ({
          ...JOB_DEFAULTS,
          id,
          pairId,
          bikeId: 'bike',
          name: id,
          state: 'ready' as const,
          createdAtMs: 0,
          work: own,
        });
        const there = job('there', 'back', work);
        const back = job('back', 'there', { ...work, from: work.to, to: work.from, chain: chainBack, isReturn: true });

        /** Works a job through by its card, which follows what is counted, and returns what is on the bike then. */
        const finish = (open: typeof there, setups: readonly SetupRecord[], jobs: readonly JobRecord[]) => {
          const asked = jobWithCard(open, facts(setups, jobs)).card;
          const progress = workedThrough(asked.steps, counted);
          const worked = { ...open, progress };
          const { card } = jobWithCard(worked, facts(setups, jobs));
          const whole = { ...worked, progress: { ...workedThrough(card.steps, counted), ...progress } };
          const { fitted, from } = finishedSwap(whole, card, facts(setups, jobs));
          seen.add(card.difference.chain.action);
          if (card.difference.chain.action === 'shorten') expect(fitted.chainLinks).toBeLessThan(card.from.chainLinks!);
          // A chain that is counted reaches big-big; one that nobody counted is never cut.
          if (fitted.chainLinks !== undefined) expect(fitted.chainLinks).toBeGreaterThanOrEqual(needed(fitted));
          else expect(card.difference.chain).toMatchObject({ action: 'leave', reason: 'notCounted' });
          return {
            fitted,
            done: { ...whole, state: 'done' as const, outcome: 'works' as const, work: { ...open.work, from } },
          };
        };

        const first = finish(there, [a, b], [there, back]);
        const { chainLinks: _links, ...old } = a;
        const second = finish(
          back,
          [
            { ...first.fitted, rank: 0 },
            { ...old, rank: 1 },
          ],
          [first.done, back],
        );
        const { chainrings, cogs, rearDerailleur } = second.fitted;
        expect({ chainrings, cogs }).toEqual({ chainrings: a.chainrings, cogs: a.cogs });
        expect(rearDerailleur).toMatchObject(a.rearDerailleur);
      },
    ),
    { ...SEEDED, numRuns: cases(150) },
  );
  expect([...seen].sort()).toEqual(['ask', 'leave', 'newChain', 'shorten']);
});
