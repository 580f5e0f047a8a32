import { newDatabases } from '../../tests/support/database';
import fc from 'fast-check';
import { writeBackup } from '../formats/backup';
import { readBackup } from '../formats/read-backup';
import { EMPTY_TABLES, LATELY_MAX, type LearnerRecord, type Memory } from '../records';
import { datasetSchema } from '../records/schemas';
import { change, undo } from './change';
import type { RontelDatabase } from './db';
import { readDataset, replaceDataset } from './dataset';
import { demoLearners } from './demo-learners';
import { addLearner, keepAnswer, keepLesson, readLearners, removeLearner, renameLearner } from './learners';
import { afterAnswer } from './progress';
import { remembered, type Recall } from './spacing';
import { cases } from '../../tests/support/fuzz';

const DAY_MS = 86_400_000;
const NOW = Date.UTC(2026, 10, 25, 9);
const open = newDatabases({ ...EMPTY_TABLES, preferences: [] });
let db: RontelDatabase;
beforeEach(async () => {
  db = await open();
});

const learner = async (id: string) => (await db.learners.get(id))!;

test('a learner comes, learns, gets another name, goes and comes back by undo', async () => {
  const id = await addLearner(db, 'Yard apprentice', 77, NOW);
  expect((await db.preferences.get('preferences'))!.currentLearnerId).toBe(id);
  await keepAnswer(db, id, { kind: 'ratio', fingerprint: 5, recall: 'wrong', mistake: 'upsideDown' }, NOW);
  await keepAnswer(db, id, { kind: 'ratio', fingerprint: 6, recall: 'right', mistake: undefined }, NOW + 60_000);
  await keepLesson(db, id, 'ratio', true, NOW + 70_000);
  await renameLearner(db, id, 'Second year', NOW + 80_000);
  const kept = await learner(id);
  expect(kept).toMatchObject({
    name: 'Second year',
    answered: 2,
    lessons: { ratio: { wasRight: true } },
    skills: { ratio: { level: 1, run: 1, asked: 2, right: 1, mistakes: { upsideDown: 1 }, lately: [5, 6] } },
  });
  await removeLearner(db, kept, NOW + 90_000);
  expect(await readLearners(db)).toEqual([]);
  await undo(db);
  expect(await learner(id)).toEqual(kept);
  await undo(db);
  expect((await learner(id)).name).toBe('Yard apprentice');
  await expect(keepLesson(db, 'gone', 'ratio', true, NOW)).rejects.toThrow('learners gone is gone');
});

test('what has three right answers gets harder, and rests for days; a wrong one brings it back at once', () => {
  let [kept] = demoLearners(Date.UTC(2026, 10, 25)) as [LearnerRecord, LearnerRecord];
  const answer = (recall: Recall, now: number) => {
    kept = afterAnswer(kept, { kind: 'links', fingerprint: now % 1000, recall, mistake: undefined }, now);
    return kept.skills.links!;
  };
  expect(answer('right', NOW).memory.dueMs - NOW).toBeLessThan(DAY_MS);
  expect(answer('right', NOW + 600_000).level).toBe(1);
  const third = answer('right', NOW + 3 * DAY_MS);
  expect(third.level).toBe(2);
  expect(third.memory.dueMs).toBeGreaterThan(NOW + 6 * DAY_MS);
  const wrong = answer('wrong', NOW + 30 * DAY_MS);
  expect(wrong.memory).toMatchObject({ phase: 'relearning', lapses: 1 });
  expect(wrong.memory.dueMs - (NOW + 30 * DAY_MS)).toBeLessThanOrEqual(DAY_MS / 24);
  // With help it is right, but neither up nor down.
  expect(answer('helped', NOW + 31 * DAY_MS)).toMatchObject({ level: 2, run: -1, asked: 5, right: 4 });
});

test('the plan of repetitions holds whatever is answered when, with a clock set back as well', () => {
  const recall = fc.constantFrom<Recall>('wrong', 'helped', 'right');
  fc.assert(
    fc.property(fc.array(fc.tuple(recall, fc.integer({ min: -2 * DAY_MS, max: 200 * DAY_MS }))), (answers) => {
      let memory: Memory | undefined;
      let now = NOW;
      for (const [how, later] of answers) {
        now += later;
        const before = memory;
        memory = remembered(before, how, now);
        expect(memory.dueMs).toBeGreaterThan(memory.lastMs);
        expect(memory.lastMs).toBeGreaterThanOrEqual(before?.lastMs ?? now);
        expect(memory.repetitions).toBe((before?.repetitions ?? 0) + 1);
        expect(Number.isFinite(memory.stabilityDays) && memory.stabilityDays > 0).toBe(true);
      }
    }),
    { seed: 20261125, numRuns: cases(50) },
  );
});

test('only the last hundred questions are remembered', () => {
  let [, kept] = demoLearners(NOW) as [LearnerRecord, LearnerRecord];
  for (let i = 0; i < LATELY_MAX + 20; i += 1)
    kept = afterAnswer(
      kept,
      { kind: 'duplicate', fingerprint: i, recall: 'right', mistake: undefined },
      NOW + i * DAY_MS,
    );
  expect(kept.skills.duplicate!.lately).toHaveLength(LATELY_MAX);
  expect(kept.skills.duplicate!.lately.at(-1)).toBe(LATELY_MAX + 19);
});

test('progress goes out with the backup and comes back whole; a broken one is refused with its place', async () => {
  const learners = demoLearners(Date.UTC(2026, 10, 25));
  await change(db, { label: 'demo', now: NOW }, async (draft) => {
    for (const one of learners) await draft.put('learners', one);
  });
  const text = writeBackup(await readDataset(db), '2026-11-25T09:00:00.000Z');
  const read = readBackup(text);
  if (!read.ok) throw new Error(read.failure.message);
  await replaceDataset(db, { ...read.dataset, learners: [] }, 'nobody', NOW);
  expect(await readLearners(db)).toEqual([]);
  await replaceDataset(db, read.dataset, 'import', NOW);
  expect(await readLearners(db)).toEqual(learners);

  const broken = (edit: (one: LearnerRecord) => unknown) =>
    datasetSchema.safeParse({ ...EMPTY_TABLES, preferences: [], learners: [edit(learners[0]!)] });
  const skills = learners[0]!.skills;
  expect(broken((one) => one).success).toBe(true);
  expect(broken((one) => ({ ...one, seed: -1 })).success).toBe(false);
  expect(broken((one) => ({ ...one, skills: { ...skills, juggling: skills.ratio } })).success).toBe(false);
  expect(
    broken((one) => ({ ...one, skills: { ratio: { ...skills.ratio!, right: 99 } } })).error?.issues[0],
  ).toMatchObject({
    path: ['learners', 0, 'skills', 'ratio'],
    message: '99 right answers of 4: at most 4',
  });
});
