import { SYMPTOMS_OF, acceptedGears, type ReadingId, type ReadingUnit, type StepId } from '../../core/job';
import { M_PER_KM } from '../../core/units';
import { formatShorthand } from '../../formats/shorthand';
import { distanceText, type Units } from '../../features/units/measures';
import { hasWords } from '../../ui/search';
import { findingsText, pairsText, readingTitle, stepTitle, withUnit } from '../../messages/job';
import { KIND_TEXT, OUTCOME_TEXT, STATE_TEXT } from '../../features/workshop/words';
import type { JobRecord, LogNoteRecord, PartRecord, RideRecord } from '../../records';
import { t } from './text';
import { definite } from '../../core/items';

export const EVENT_KINDS = ['job', 'reading', 'ride', 'part', 'note'] as const;
export type EventKind = (typeof EVENT_KINDS)[number];

export const EVENT_TEXT: Readonly<Record<EventKind, string>> = {
  job: t('timeline.eventText.job'),
  reading: t('timeline.eventText.reading'),
  ride: t('timeline.eventText.ride'),
  part: t('timeline.eventText.part'),
  note: t('timeline.eventText.note'),
};

/** One event as a table row. */
export const EVENT_ONE: Readonly<Record<EventKind, string>> = {
  job: t('timeline.eventOne.job'),
  reading: t('timeline.eventOne.reading'),
  ride: t('timeline.eventOne.ride'),
  part: t('timeline.eventOne.part'),
  note: t('timeline.eventOne.note'),
};

/** Something that happened to a bike. */
export interface LogEvent {
  readonly id: string;
  readonly kind: EventKind;
  readonly atMs: number;
  readonly title: string;
  readonly text: string;
  /** Kilometres that were ridden by it; undefined for what is no ride. */
  readonly km?: number | undefined;
  /** A trial that was taken back. */
  readonly isReverted?: boolean;
  /** The note, where it is one: it can be taken out here. */
  readonly noteId?: string;
}

interface BikeHistory {
  readonly bikeId: string;
  readonly jobs: readonly JobRecord[];
  readonly rides: readonly RideRecord[];
  readonly notes: readonly LogNoteRecord[];
  readonly parts: readonly PartRecord[];
}

/** Everything of one bike on one line of time, the newest first. */
export function timelineOf({ bikeId, jobs, rides, notes, parts }: BikeHistory, units: Units): LogEvent[] {
  const own = <T extends { readonly bikeId: string }>(list: readonly T[]) =>
    list.filter((one) => one.bikeId === bikeId);
  return [
    ...own(jobs).flatMap((job) => [...jobEvents(job), ...readingEvents(job, units)]),
    ...own(rides).map((ride) => rideEvent(ride, units)),
    ...own(notes).map((note) => noteEvent(note, units)),
    ...parts.flatMap((part) => partEvents(part, bikeId, units)),
  ].sort((a, b) => b.atMs - a.atMs || a.id.localeCompare(b.id));
}

function jobEvents(job: JobRecord): LogEvent[] {
  const { id, name, work, outcome, outcomeNote, finishedAtMs, createdAtMs, progress } = job;
  const way =
    work.kind === 'swap'
      ? `${formatShorthand(work.from.setup)} → ${formatShorthand(work.to.setup)}`
      : work.kind === 'trial'
        ? formatShorthand(work.side.setup)
        : '';
  if (finishedAtMs === undefined || outcome === undefined) {
    return [
      {
        id,
        kind: 'job',
        atMs: createdAtMs,
        title: name,
        text: [t('timeline.booked', { state: STATE_TEXT[job.state] }), way].filter(Boolean).join('; '),
      },
    ];
  }
  const out = acceptedGears(progress);
  return [
    {
      id,
      kind: 'job',
      atMs: finishedAtMs,
      title: t('timeline.eventOf', { title: name, outcome: OUTCOME_TEXT[outcome] }),
      text: [way, out.length > 0 ? t('timeline.stayOut', { gears: pairsText(out) }) : '', outcomeNote]
        .filter(Boolean)
        .join('. '),
      isReverted: outcome === 'reverted',
    },
  ];
}

const UNIT_OF: Readonly<Partial<Record<ReadingId, ReadingUnit>>> = {
  links: 'links',
  speeds: 'speeds',
  shifterSpeeds: 'speeds',
  turns: 'turns',
  km: 'km',
  wearPercent: '%',
};

/** The unit of a reading: torques are in N·m, all other lengths in mm. */
const unitOf = (id: ReadingId): ReadingUnit => UNIT_OF[id] ?? (id.startsWith('torque.') ? 'N·m' : 'mm');

/** What was read, found and noted at each step; of a job that is over a check that stayed open as well, as open. */
function readingEvents({ id: jobId, name, progress, finishedAtMs, work }: JobRecord, units: Units): LogEvent[] {
  const rings = work.kind === 'swap' ? work.to.setup.chainrings.length : 2;
  return (Object.keys(progress) as StepId[]).flatMap((stepId): LogEvent[] => {
    const step = definite(progress[stepId]);
    const title = stepTitle(stepId, rings);
    const readings = Object.entries(step.values ?? {}) as [ReadingId, number][];
    const said = [
      ...readings.map(([id, value]) =>
        readings.length > 1 && readingTitle(id) !== title
          ? `${readingTitle(id)}: ${withUnit(value, unitOf(id), (km) => distanceText(units, km))}`
          : withUnit(value, unitOf(id), (km) => distanceText(units, km)),
      ),
      findingsText(step),
      step.note ?? '',
    ].filter(Boolean);
    const isOpenCheck =
      finishedAtMs !== undefined && step.doneAtMs === undefined && !step.skipped && SYMPTOMS_OF[stepId] !== undefined;
    const atMs = step.doneAtMs ?? finishedAtMs;
    if (said.length === 0 || atMs === undefined) return [];
    return [
      {
        id: `${jobId} ${stepId}`,
        kind: 'reading',
        atMs,
        title: `${title}${isOpenCheck ? t('timeline.leftOpen') : ''}`,
        text: t('timeline.ofJob', { text: said.join('; '), job: name }),
      },
    ];
  });
}

function rideEvent({ id, name, startedAtMs, distanceM, setup }: RideRecord, units: Units): LogEvent {
  const km = distanceM / M_PER_KM;
  return {
    id,
    kind: 'ride',
    atMs: startedAtMs,
    title: name,
    text: t('timeline.distanceOnSetup', { distance: distanceText(units, km, 1), setup: formatShorthand(setup) }),
    km,
  };
}

function noteEvent({ id, atMs, text, km }: LogNoteRecord, units: Units): LogEvent {
  return {
    id,
    kind: 'note',
    atMs,
    title: text,
    text: km === undefined ? '' : t('timeline.kmNotRecorded', { km: distanceText(units, km) }),
    km,
    noteId: id,
  };
}

function partEvents(part: PartRecord, bikeId: string, units: Units): LogEvent[] {
  const mounts = part.mounts.filter((mount) => mount.bikeId === bikeId);
  const event = (id: string, atMs: number, text: string): LogEvent => ({
    id: `${part.id} ${id}`,
    kind: 'part',
    atMs,
    title: part.name,
    text: text,
  });
  return [
    ...mounts.flatMap(({ fromMs, toMs }, i) => [
      event(`on ${i}`, fromMs, t('timeline.partFitted', { kind: KIND_TEXT[part.kind] })),
      ...(toMs === undefined
        ? []
        : [event(`off ${i}`, toMs, t('timeline.partRemoved', { kind: KIND_TEXT[part.kind] }))]),
    ]),
    ...part.wear
      .filter(({ atMs }) => mounts.some(({ fromMs, toMs = Infinity }) => atMs >= fromMs && atMs <= toMs))
      .map(({ atMs, wearPercent, km }, i): LogEvent => ({
        id: `${part.id} wear ${i}`,
        kind: 'reading',
        atMs,
        title: t('timeline.chainWear'),
        text: t('timeline.wearReading', {
          wear: withUnit(wearPercent, '%'),
          measured: km === undefined ? 'no' : 'yes',
          distance: km === undefined ? '' : distanceText(units, km),
          part: part.name,
        }),
      })),
  ];
}

export interface LogFilter {
  readonly text: string;
  readonly kinds: readonly EventKind[];
}

export function filteredEvents(events: readonly LogEvent[], { text, kinds }: LogFilter): LogEvent[] {
  return events.filter(
    (event) => (kinds.length === 0 || kinds.includes(event.kind)) && hasWords(`${event.title} ${event.text}`, text),
  );
}
