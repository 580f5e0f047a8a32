import { NO_HUB_STAGE, type Setup } from '../core/gears';
import { STEP_IDS, type Progress, type StepId, type StepProgress } from '../core/job';
import {
  JOB_DEFAULTS,
  RECHECK_AFTER_KM,
  jobSideOf,
  type BikeRecord,
  type JobRecord,
  type LogNoteRecord,
  type PartsById,
  type SetupRecord,
} from '../records';
import { entryOf, definite } from '../core/items';

const DAY_MS = 86_400_000;
const MINUTE_MS = 60_000;

const dayOf = (ms: number) => new Date(ms).toISOString().slice(0, 10);

/** Steps that are behind, a few minutes apart; with what was read and noted. */
function behind(
  ids: readonly StepId[],
  fromMs: number,
  said: Readonly<Partial<Record<StepId, StepProgress>>> = {},
): Progress {
  return Object.fromEntries(ids.map((id, i) => [id, { ...said[id], doneAtMs: fromMs + 4 * i * MINUTE_MS }]));
}

const BEFORE: readonly StepId[] = ['decide', 'fit', 'gather'];
const WHEEL: readonly StepId[] = ['wheelOut', 'cassetteOff', 'spacer', 'cassetteOn', 'wheelIn'];
const REAR: readonly StepId[] = ['oldGap', 'bGap', 'limitScrews', 'indexing'];
const AFTER: readonly StepId[] = ['bigBig', 'smallSmall', 'backPedal', 'torque', 'testRide', 'signOff'];

/** The bikes that jobs are for, by id, with the setup fitted now. */
interface DemoWorkspace {
  readonly bikes: readonly BikeRecord[];
  readonly setups: readonly SetupRecord[];
  readonly parts: PartsById;
}

/** The book of the Saltmarsh Yard: a job in every state, one that failed among those that are done. */
export function demoJobs({ bikes, setups, parts }: DemoWorkspace, todayMs: number): JobRecord[] {
  const at = (days: number, hour = 9) => todayMs + days * DAY_MS + hour * 60 * MINUTE_MS;
  const bikeOf = (id: string) => definite(bikes.find((bike) => bike.id === id));
  const setupOf = (id: string) => definite(setups.find((setup) => setup.id === id));
  const side = (setup: SetupRecord) => jobSideOf(bikeOf(setup.bikeId), setup, parts);
  const other = (
    setup: SetupRecord,
    id: string,
    teeth: Partial<Setup>,
    more: Partial<SetupRecord> = {},
  ): SetupRecord => {
    const { partIds: _shelf, chainLinks: _links, name: _name, massG: _mass, cost: _cost, ...rest } = setup;
    return { ...rest, ...more, ...teeth, hubStages: NO_HUB_STAGE, id };
  };
  const swap = (
    from: SetupRecord,
    to: SetupRecord,
    more: { newChain?: boolean; weighs?: boolean; isReturn?: boolean } = {},
  ) => ({
    kind: 'swap' as const,
    from: side(from),
    to: side(to),
    chain: 'leave' as const,
    newChain: false,
    weighs: false,
    usesQuickLink: true,
    ...more,
  });
  const job = (
    id: string,
    bikeId: string,
    name: string,
    rest: Pick<JobRecord, 'work'> & Partial<JobRecord>,
  ): JobRecord => ({
    ...JOB_DEFAULTS,
    createdAtMs: at(-4),
    ...rest,
    id,
    bikeId,
    name,
  });
  const done = (
    days: number,
    minutes: number,
    steps: readonly StepId[],
    said: Readonly<Partial<Record<StepId, StepProgress>>>,
    rest: Pick<JobRecord, 'outcome' | 'outcomeNote' | 'passed' | 'swapKind'>,
  ): Partial<JobRecord> => ({
    state: 'done',
    createdAtMs: at(days - 6),
    finishedAtMs: at(days, 9) + minutes * MINUTE_MS,
    dueOn: dayOf(at(days)),
    runs: [{ fromMs: at(days, 9), toMs: at(days, 9) + minutes * MINUTE_MS }],
    progress: behind(
      STEP_IDS.filter((one) => steps.includes(one)),
      at(days, 9),
      said,
    ),
    ...rest,
  });

  const [tourer, oneRing] = [setupOf('estuary-tourer-a'), setupOf('estuary-tourer-b')];
  const allRoad = setupOf('seawall-all-road-a');
  const carrier = setupOf('harbour-load-carrier-a');
  const hardtail = setupOf('pinewood-hardtail-a');
  const narrow = other(
    tourer,
    'tourer-narrow',
    { cogs: definite(entryOf(parts, 'cassette-11-34').data.cogs) },
    { partIds: { ...tourer.partIds, cassette: 'cassette-11-34' }, chainLinks: 112 },
  );
  const wheelWork = [...BEFORE, ...WHEEL, ...REAR, ...AFTER];

  return [
    job('job-wider', tourer.bikeId, 'Wider cassette for the summer', {
      work: swap(narrow, tourer),
      ...done(
        -81,
        71,
        wheelWork,
        {
          oldGap: { values: { gapMm: 5.5 } },
          spacer: { values: { spacerMm: 1.85 } },
          cassetteOn: { values: { 'torque.lockring': 40 } },
          bGap: { values: { gapMm: 6, turns: 1.5 } },
          indexing: { note: 'half a turn more tension than before' },
          testRide: { values: { km: 7 } },
        },
        { outcome: 'works', passed: [] },
      ),
    }),
    job('job-wider-recheck', tourer.bikeId, 'Re-check: Wider cassette for the summer', {
      work: { kind: 'recheck', ofJobId: 'job-wider', afterKm: RECHECK_AFTER_KM },
      ...done(
        -71,
        12,
        ['torque', 'indexing', 'recheck', 'signOff'],
        { indexing: { note: 'a quarter turn, the cable had settled' } },
        { outcome: 'works', passed: [] },
      ),
    }),
    job('job-big-ring', tourer.bikeId, 'Trial: 50T big ring for the tailwind week', {
      work: swap(tourer, other(tourer, 'tourer-50', { chainrings: [50, 32] })),
      ...done(
        -44,
        96,
        [...BEFORE, 'ringsOff', 'crank', 'frontHeight', 'frontAngle', 'chainLength', 'frontShift', ...AFTER],
        {
          frontHeight: { values: { cageHeightMm: 2 } },
          chainLength: { values: { links: 114 } },
          smallSmall: {
            note: 'chain touches the cage of the front derailleur',
            findings: [{ symptom: 'rubbing', ending: 'putBack' }],
          },
          testRide: { values: { km: 3 }, note: 'rubs in the three smallest cogs on the 32' },
        },
        {
          outcome: 'reverted',
          outcomeNote:
            'Front cage touches the chain on the small ring; 18T is more than it is made for. Back to the 48.',
          passed: [{ id: 'ringDifference', overT: 2 }],
        },
      ),
    }),
    job('job-carrier-51', carrier.bikeId, '51T cog for the ferry ramp', {
      work: swap(other(carrier, 'carrier-46', { cogs: [11, 13, 15, 17, 19, 21, 24, 28, 32, 37, 46] }), carrier),
      ...done(
        -150,
        88,
        wheelWork,
        {
          bGap: { values: { gapMm: 8 }, note: 'B-tension screw nearly at its end' },
          cassetteOn: { values: { 'torque.lockring': 40 } },
          backPedal: {
            findings: [{ symptom: 'dropsCogs', dropsCogs: 1, ending: 'accepted', gears: [{ chainring: 38, cog: 45 }] }],
          },
        },
        {
          outcome: 'worksWithNotes',
          outcomeNote: 'Clears the 51 by a hair; noisy when back-pedalled there.',
          passed: [
            { id: 'totalCapacity', overT: 1 },
            { id: 'largestCog', overT: 1 },
          ],
        },
      ),
    }),
    job('job-hardtail-wide', hardtail.bikeId, 'Wide cassette for the pine ridge', {
      work: swap(other(hardtail, 'hardtail-51', { cogs: [10, 12, 14, 16, 18, 21, 24, 28, 33, 39, 45, 51] }), hardtail),
      ...done(
        -122,
        64,
        wheelWork,
        { bGap: { values: { gapMm: 12 } }, cassetteOn: { values: { 'torque.lockring': 40 } } },
        { outcome: 'works', passed: [] },
      ),
    }),
    job('job-winter-ring', tourer.bikeId, 'One ring for the winter', {
      state: 'waiting',
      dueOn: dayOf(at(6)),
      occasion: 'before the mud',
      work: swap(tourer, oneRing, { weighs: true }),
    }),
    job('job-mountain', allRoad.bikeId, '40T ring for the mountain week', {
      state: 'ready',
      dueOn: dayOf(at(2)),
      occasion: 'before the mountain week',
      pairId: 'job-mountain-back',
      work: swap(allRoad, other(allRoad, 'all-road-40', { chainrings: [40] }, { partIds: { bigRing: 'ring-40' } })),
    }),
    job('job-mountain-back', allRoad.bikeId, 'Back to the 44T ring', {
      state: 'asked',
      dueOn: dayOf(at(10)),
      occasion: 'after the mountain week',
      pairId: 'job-mountain',
      work: swap(other(allRoad, 'all-road-40', { chainrings: [40] }, { partIds: { bigRing: 'ring-40' } }), allRoad, {
        isReturn: true,
      }),
    }),
    job('job-carrier-34', carrier.bikeId, 'Easier gears with two crates', {
      createdAtMs: at(-1, 14),
      work: swap(carrier, other(carrier, 'carrier-34', { chainrings: [34] })),
    }),
    job('job-hardtail-chain', hardtail.bikeId, 'New chain', {
      state: 'inHand',
      dueOn: dayOf(at(0)),
      work: swap(hardtail, { ...hardtail, partIds: { chain: 'chain-new', quickLink: 'links-12' } }, { newChain: true }),
      runs: [{ fromMs: at(0, 8), toMs: at(0, 8) + 14 * MINUTE_MS }],
      progress: behind(BEFORE, at(0, 8), { gather: { note: 'old chain 0.6% by the gauge' } }),
      at: 'chainLength',
    }),
    job('job-wheels-recheck', hardtail.bikeId, 'Re-check: Wide cassette for the pine ridge', {
      state: 'ready',
      createdAtMs: at(-122),
      work: { kind: 'recheck', ofJobId: 'job-hardtail-wide', afterKm: RECHECK_AFTER_KM },
    }),
  ];
}

/** Notes about the bikes, with distances without a recording among them. */
export function demoNotes(todayMs: number): LogNoteRecord[] {
  const note = (id: string, bikeId: string, days: number, text: string, km?: number): LogNoteRecord => ({
    id,
    bikeId,
    atMs: todayMs + days * DAY_MS,
    text,
    ...(km !== undefined && { km }),
  });
  return [
    note('note-1', 'estuary-tourer', -190, 'Commuting in spring', 310),
    note('note-2', 'estuary-tourer', -130, 'Commuting, and the coast weekend', 690),
    note('note-3', 'estuary-tourer', -78, 'Two weeks along the sea wall, with luggage', 740),
    note('note-4', 'estuary-tourer', -25, 'Commuting in autumn', 700),
    note('note-5', 'estuary-tourer', -24, 'Chain noisy on the middle cogs after rain; lubed.'),
    note('note-6', 'pinewood-hardtail', -60, 'Ridge rides', 240),
    note('note-7', 'harbour-load-carrier', -40, 'Crates to the ferry, all summer', 520),
  ];
}
