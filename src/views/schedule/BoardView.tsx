'use client';

import { CalendarOutlined, LeftOutlined, RightOutlined } from '@ant-design/icons';
import {
  DndContext,
  DragOverlay,
  KeyboardSensor,
  PointerSensor,
  closestCenter,
  pointerWithin,
  useDraggable,
  useDroppable,
  useSensor,
  useSensors,
  type CollisionDetection,
  type DragEndEvent,
} from '@dnd-kit/core';
import { App, Button } from 'antd';
import { useState, type ReactNode } from 'react';
import { writeCalendar } from '../../formats/shop/calendar';
import { OnDevice } from '../../features/devices/OnDevice';
import { useWorkspace } from '../../features/workspace/WorkspaceProvider';
import { fileName, saveText } from '../../ui/files';
import { OUTCOME_TEXT, STATE_TEXT, minutesText } from '../../features/workshop/words';
import { Sideways } from '../../ui/panel/Sideways';
import { JOB_STATES, type JobState } from '../../records';
import { editJob } from '../../store';
import { dropped, type BoardJob, type Cell, type Column } from './board';
import { dayText } from './days';
import type { Schedule } from './useSchedule';
import { Panel, PanelHead } from '../../ui/panel/Panel';
import { DRAG_WORDS } from '../../ui/list/drag-words';
import styles from './Schedule.module.css';
import { calendarEntries } from './calendar-entries';
import { t } from './text';
import { firstOf, itemAt, lastOf } from '../../core/items';

const columnText = (column: Column) =>
  column === 'late' ? t('boardView.late') : column === 'none' ? t('boardView.unscheduled') : dayText(column);
const cellId = (state: JobState, column: Column) => `${state} ${column}`;

interface BoardViewProps {
  readonly schedule: Schedule;
  readonly chosenId: string | undefined;
  readonly onChoose: (id: string | undefined) => void;
}

/** A row a state, a column a day: a job is dragged to another day, another state, or both at once. */
export function BoardView({ schedule, chosenId, onChoose }: BoardViewProps) {
  const state = useWorkspace();
  const { message } = App.useApp();
  const { board, jobs, days, today } = schedule;
  const sensors = useSensors(
    // A click on a job must not count as a drag.
    useSensor(PointerSensor, { activationConstraint: { distance: 6 } }),
    useSensor(KeyboardSensor),
  );
  const [dragged, setDragged] = useState<string>();
  const inAir = jobs.find(({ job }) => job.id === dragged);
  if (state.kind !== 'ready') return null;
  const { edits, workshop } = state;
  const drop = ({ active, over }: DragEndEvent) => {
    const [toState, column] = String(over?.id ?? '').split(' ') as [JobState, Column | undefined];
    const job = jobs.find((one) => one.job.id === active.id)?.job;
    if (!job || column === undefined) return;
    const moved = dropped(job, toState, column);
    if (!moved) {
      if (toState === 'done' && job.state !== 'done') void message.info(t('boardView.signJobOffMark'));
      return;
    }
    edits.write(() =>
      editJob(
        workshop.db,
        job.id,
        { label: t('boardView.dayAndStateOfName', { name: job.name }), key: 'board' },
        (before) => dropped(before, toState, column) ?? before,
        Date.now(),
      ),
    );
  };
  const saveCalendar = () => {
    const result = writeCalendar(calendarEntries(jobs, schedule.due, schedule.today), Date.now());
    if (result.ok) saveText(fileName('workshop', 'ics'), 'text/calendar', result.text);
    else void message.warning(result.message);
  };
  return (
    <Panel aria-label={t('boardView.week')}>
      <PanelHead>
        <h2>{t('boardView.fromDayToDay', { day: dayText(firstOf(days)), day2: dayText(lastOf(days)) })}</h2>
        <Button
          size="small"
          icon={<LeftOutlined />}
          aria-label={t('boardView.aWeekEarlier')}
          onClick={() => schedule.move(-1)}
        />
        <Button size="small" onClick={schedule.toToday}>
          {t('boardView.today')}
        </Button>
        <Button
          size="small"
          icon={<RightOutlined />}
          aria-label={t('boardView.aWeekLater')}
          onClick={() => schedule.move(1)}
        />
        <Button
          size="small"
          icon={<CalendarOutlined />}
          onClick={saveCalendar}
          title={t('boardView.exportScheduledJobsIcs')}
        >
          {t('boardView.calendar')}
        </Button>
      </PanelHead>
      <DndContext
        id="board"
        accessibility={DRAG_WORDS}
        sensors={sensors}
        collisionDetection={cellUnder}
        autoScroll={false}
        onDragStart={({ active }) => setDragged(String(active.id))}
        onDragEnd={(event) => {
          setDragged(undefined);
          drop(event);
        }}
        onDragCancel={() => setDragged(undefined)}
      >
        <Sideways label={t('boardView.board')}>
          <table className={styles.board} data-testid="board">
            <thead>
              <tr>
                <td />
                {board.columns.map(({ column, minutes }) => (
                  <th key={column} scope="col" data-today={column === today} data-column={column}>
                    {columnText(column)}
                    <small>{minutes > 0 ? minutesText(minutes) : ''}</small>
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {board.rows.map((cells, i) => (
                <tr key={JOB_STATES[i]}>
                  <th scope="row">{STATE_TEXT[itemAt(JOB_STATES, i)]}</th>
                  {cells.map((cell) => (
                    <CellView key={cell.column} cell={cell} isToday={cell.column === today}>
                      {cell.jobs.map((one) => (
                        <JobCardView
                          key={one.job.id}
                          one={one}
                          isChosen={one.job.id === chosenId}
                          onChoose={() => onChoose(one.job.id === chosenId ? undefined : one.job.id)}
                        />
                      ))}
                    </CellView>
                  ))}
                </tr>
              ))}
            </tbody>
          </table>
        </Sideways>
        <DragOverlay dropAnimation={null}>{inAir && <JobFace one={inAir} className={styles.inAir} />}</DragOverlay>
      </DndContext>
    </Panel>
  );
}

function CellView({ cell, isToday, children }: { cell: Cell; isToday: boolean; children: ReactNode }) {
  const id = cellId(cell.state, cell.column);
  const { setNodeRef, isOver } = useDroppable({ id, disabled: cell.column === 'late' });
  return (
    <td
      ref={setNodeRef}
      data-cell={id}
      data-over={isOver}
      data-today={isToday}
      data-empty={cell.jobs.length === 0}
      data-day={columnText(cell.column)}
    >
      {children}
    </td>
  );
}

function JobCardView({ one, isChosen, onChoose }: { one: BoardJob; isChosen: boolean; onChoose: () => void }) {
  const { job } = one;
  const { setNodeRef, attributes, listeners, isDragging } = useDraggable({
    id: job.id,
    disabled: job.state === 'done',
  });
  return (
    <button
      ref={setNodeRef}
      {...attributes}
      {...listeners}
      type="button"
      className={styles.job}
      data-job={job.id}
      data-state={job.state}
      aria-pressed={isChosen}
      data-dragging={isDragging}
      onClick={onChoose}
    >
      <JobFace one={one} />
    </button>
  );
}

function JobFace({ one: { job, minutes, bikeName }, className }: { one: BoardJob; className?: string | undefined }) {
  return (
    <span className={className}>
      <b>{job.name}</b>
      <span>{bikeName}</span>
      <span>
        {job.outcome ? OUTCOME_TEXT[job.outcome] : minutesText(minutes)}
        {job.occasion && `, ${job.occasion}`}
      </span>
      <OnDevice job={job} />
    </span>
  );
}

/** The cell under the pointer; by key, the nearest one. */
const cellUnder: CollisionDetection = (args) => {
  const under = pointerWithin(args);
  return under.length > 0 ? under : closestCenter(args);
};
