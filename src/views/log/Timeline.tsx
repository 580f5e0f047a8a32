'use client';

import { DeleteOutlined } from '@ant-design/icons';
import { Button, Input, Select } from 'antd';
import { useRef } from 'react';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { dateText } from '../../ui/format';
import { useFirst } from '../../ui/list/useFirst';
import { useShortcut } from '../../features/shortcuts/useShortcut';
import { useWithKey } from '../../features/shortcuts/useKeymap';
import { removeNote } from '../../store';
import { EVENT_KINDS, EVENT_TEXT } from './timeline';
import { EventMark } from './EventMark';
import type { Log } from './useLog';
import { Note } from '../../ui/panel/Panel';
import styles from './Log.module.css';
import { t } from './text';
import { definite } from '../../core/items';

/** As many as fit a few screens; more on demand. */
const PAGE = 60;

/** The line of time, newest first; filtered by kind and word. */
export function Timeline({ log }: { log: Log }) {
  const withKey = useWithKey();
  const { workshop, edits } = useReadyWorkspace();
  const { shown, events, filter, setFilter } = log;
  const { first, more } = useFirst(shown, PAGE);
  const search = useRef<HTMLDivElement>(null);
  useShortcut('search', () => search.current?.querySelector('input')?.focus());
  return (
    <>
      <div className={styles.filters} ref={search}>
        <Input
          allowClear
          placeholder={t('timeline.search')}
          aria-label={t('timeline.searchTheLog')}
          title={withKey(t('timeline.searchLabel'), 'search')}
          style={{ width: 190 }}
          value={filter.text}
          onChange={({ target }) => setFilter({ ...filter, text: target.value })}
        />
        <Select
          mode="multiple"
          allowClear
          placeholder={t('timeline.everything')}
          aria-label={t('timeline.whatIsShown')}
          style={{ minWidth: 200 }}
          value={[...filter.kinds]}
          options={EVENT_KINDS.map((value) => ({ value, label: EVENT_TEXT[value] }))}
          onChange={(kinds) => setFilter({ ...filter, kinds })}
        />
        <span data-testid="log-count">
          {shown.length === events.length
            ? t('timeline.countEntries', { count: events.length })
            : t('timeline.countOfEventsCountEntries', { count: shown.length, eventsCount: events.length })}
        </span>
      </div>
      {events.length === 0 && <Note>{t('timeline.nothingYetRidesJobsReadings')}</Note>}
      <ol className={styles.line} data-testid="timeline">
        {first.map((event) => (
          <li key={event.id} data-kind={event.kind} data-reverted={event.isReverted === true}>
            <time dateTime={new Date(event.atMs).toISOString()}>{dateText(event.atMs)}</time>
            <EventMark kind={event.kind} isReverted={event.isReverted === true} />
            <div>
              <b>{event.title}</b>
              {event.text && <span>{event.text}</span>}
            </div>
            {event.noteId !== undefined && (
              <Button
                type="text"
                size="small"
                icon={<DeleteOutlined />}
                aria-label={t('timeline.removeNoteTitle', { title: event.title })}
                title={t('timeline.deleteCanUndone')}
                onClick={() => edits.write(() => removeNote(workshop.db, definite(event.noteId), Date.now()))}
              />
            )}
          </li>
        ))}
      </ol>
      {more}
    </>
  );
}
