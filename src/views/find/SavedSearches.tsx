'use client';

import { DeleteOutlined } from '@ant-design/icons';
import { Button, Input, Select } from 'antd';
import { nanoid } from 'nanoid';
import { useState } from 'react';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { readName } from '../../features/workspace/read-name';
import { withOptional } from '../../ui/fields/with-optional';
import { SAVED_SEARCHES_MAX } from '../../records';
import { Note } from '../../ui/panel/Panel';
import styles from './Find.module.css';
import { t } from './text';
import { defined } from '../../core/optional';

/** Searches that are kept with the bike: taken up again, saved, removed. */
export function SavedSearches() {
  const { workspace, edits } = useReadyWorkspace();
  const { bike, fromLink } = workspace;
  const saved = bike.savedSearches ?? [];
  const [name, setName] = useState('');
  const current = JSON.stringify(bike.find ?? {});
  const shown = saved.find(({ find }) => JSON.stringify(find) === current);
  const read = readName(name);
  const full = saved.length >= SAVED_SEARCHES_MAX;
  const save = () => {
    if (!read.ok) return;
    const search = { id: nanoid(), name: read.value, find: bike.find ?? {} };
    edits.editBike('savedSearches', (record) => ({
      ...record,
      savedSearches: [...(record.savedSearches ?? []), search],
    }));
    setName('');
  };
  const remove = (id: string) =>
    edits.editBike('savedSearches', (record) => {
      const left = (record.savedSearches ?? []).filter((one) => one.id !== id);
      return withOptional(record, 'savedSearches', left.length > 0 ? left : undefined);
    });
  return (
    <div className={styles.saved}>
      {saved.length > 0 && (
        <>
          <Select<string>
            aria-label={t('savedSearches.savedSearch')}
            disabled={fromLink}
            style={{ flex: 1, minWidth: 0 }}
            placeholder={t('savedSearches.loadSavedSearch')}
            {...defined({ value: shown?.id })}
            options={saved.map(({ id, name: label }) => ({ value: id, label }))}
            onChange={(id) => {
              const search = saved.find((one) => one.id === id);
              if (search) edits.editBike('search', (record) => ({ ...record, find: search.find }));
            }}
          />
          <Button
            icon={<DeleteOutlined />}
            disabled={fromLink || !shown}
            aria-label={
              shown ? t('savedSearches.removeTheSearchName', { name: shown.name }) : t('savedSearches.removeTheSearch')
            }
            title={t('savedSearches.removeThisSavedSearchUndo')}
            onClick={() => shown && remove(shown.id)}
          />
        </>
      )}
      {!shown && (
        <form
          className={styles.saveForm}
          onSubmit={(event) => {
            event.preventDefault();
            save();
          }}
        >
          <Input
            id="search-name"
            aria-label={t('savedSearches.nameOfTheSearch')}
            placeholder={t('savedSearches.nameThisSearch')}
            value={name}
            disabled={fromLink || full}
            onChange={({ target }) => setName(target.value)}
          />
          <Button htmlType="submit" disabled={fromLink || full || !read.ok} data-testid="save-search">
            {t('savedSearches.save')}
          </Button>
        </form>
      )}
      {full && <Note>{t('savedSearches.haveSavedSearchesMaximum', { savedSearchesMax: SAVED_SEARCHES_MAX })}</Note>}
    </div>
  );
}
