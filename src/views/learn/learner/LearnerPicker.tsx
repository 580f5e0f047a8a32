'use client';

import { App } from 'antd';
import { useState } from 'react';
import { RecordPicker } from '../../../features/picker/RecordPicker';
import type { Learning } from './useLearning';
import { NewLearner } from './NewLearner';
import styles from './Learn.module.css';
import { t } from './text';

/** Selects who is learning; adds, renames and deletes learners. */
export function LearnerPicker({ learning }: { learning: Learning }) {
  const { learners, learner } = learning;
  const { modal } = App.useApp();
  const [adding, setAdding] = useState(false);
  if (!learner) return null;
  const remove = () => {
    void modal.confirm({
      title: t('learnerPicker.deleteAllProgress', { name: learner.name }),
      content: t('learnerPicker.canUndo'),
      okText: t('learnerPicker.takeAway'),
      onOk: () => learning.remove(learner),
    });
  };
  return (
    <div className={styles.picker}>
      <label htmlFor="learner">{t('learnerPicker.learning')}</label>
      <RecordPicker
        id="learner"
        records={learners}
        selected={learner}
        onChoose={learning.choose}
        width={180}
        menuLabel={t('learnerPicker.menu')}
        actions={[{ key: 'new', label: t('learnerPicker.newLearner'), onClick: () => setAdding(true) }]}
        renameTitle={t('learnerPicker.nameOfTheLearner')}
        onRename={(name) => learning.rename(learner.id, name)}
        onDelete={remove}
      />
      <NewLearner
        open={adding}
        onAdd={(name) => {
          learning.add(name);
          setAdding(false);
        }}
        onClose={() => setAdding(false)}
      />
    </div>
  );
}
