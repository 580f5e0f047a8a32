'use client';

import { MoreOutlined } from '@ant-design/icons';
import { App, Button, Dropdown, Select } from 'antd';
import { useState } from 'react';
import { RenameDialog } from '../../kit/bench/RenameDialog';
import type { Learning } from './useLearning';
import { NewLearner } from './NewLearner';
import styles from './Learn.module.css';
import { t } from './words/text';

/** Who is learning; new, renamed and removed from here. */
export function LearnerPicker({ learning }: { learning: Learning }) {
  const { learners, learner } = learning;
  const { modal } = App.useApp();
  const [dialog, setDialog] = useState<'new' | 'rename'>();
  if (!learner) return null;
  const remove = () => {
    void modal.confirm({
      title: t('learnerPicker.takeNameAwayWithAll', { name: learner.name }),
      content: t('learnerPicker.undoBringsBothBack'),
      okText: t('learnerPicker.takeAway'),
      onOk: () => learning.remove(learner),
    });
  };
  return (
    <div className={styles.picker}>
      <label htmlFor="learner">{t('learnerPicker.learning')}</label>
      <Select
        id="learner"
        style={{ width: 180 }}
        value={learner.id}
        options={learners.map(({ id, name }) => ({ value: id, label: name }))}
        onChange={learning.choose}
      />
      <Dropdown
        trigger={['click']}
        menu={{
          items: [
            { key: 'new', label: t('learnerPicker.newLearner'), onClick: () => setDialog('new') },
            {
              key: 'rename',
              label: t('learnerPicker.rename', { name: learner.name }),
              onClick: () => setDialog('rename'),
            },
            { key: 'remove', label: t('learnerPicker.takeNameAway', { name: learner.name }), onClick: remove },
          ],
        }}
      >
        <Button icon={<MoreOutlined />} aria-label={t('learnerPicker.learners')} title={t('learnerPicker.learners')} />
      </Dropdown>
      <RenameDialog
        id="learner-name"
        title={t('learnerPicker.nameOfTheLearner')}
        owner={learner.id}
        name={learner.name}
        open={dialog === 'rename'}
        onCommit={(name) => learning.rename(learner.id, name)}
        onClose={() => setDialog(undefined)}
      />
      <NewLearner
        open={dialog === 'new'}
        onAdd={(name) => {
          learning.add(name);
          setDialog(undefined);
        }}
        onClose={() => setDialog(undefined)}
      />
    </div>
  );
}
