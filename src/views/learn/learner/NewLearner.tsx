'use client';

import { Button, Input, Modal } from 'antd';
import { useState, type SyntheticEvent } from 'react';
import { readName } from '../../../features/workspace/read-name';
import { Field } from '../../../ui/fields/Field';
import styles from './Learn.module.css';
import { t } from './text';

/** A new learner in a dialogue. */
export function NewLearner({
  open,
  onAdd,
  onClose,
}: {
  open: boolean;
  onAdd: (name: string) => void;
  onClose: () => void;
}) {
  return (
    <Modal title={t('newLearner.newLearner')} open={open} onCancel={onClose} footer={null} destroyOnHidden width={420}>
      <LearnerForm onAdd={onAdd} />
    </Modal>
  );
}

/** The name of a learner, and a button. */
export function LearnerForm({ onAdd }: { onAdd: (name: string) => void }) {
  const [text, setText] = useState('');
  const [problem, setProblem] = useState<string>();
  const send = (event: SyntheticEvent) => {
    event.preventDefault();
    const read = readName(text);
    if (read.ok) onAdd(read.value);
    else setProblem(read.message);
  };
  return (
    <form className={styles.learnerForm} onSubmit={send}>
      <Field
        id="new-learner"
        label={t('newLearner.name')}
        problem={problem === undefined ? undefined : { message: problem, unfinished: false }}
      >
        <Input
          id="new-learner"
          value={text}
          autoFocus
          autoComplete="off"
          onChange={({ target }) => {
            setText(target.value);
            setProblem(undefined);
          }}
          aria-invalid={problem !== undefined}
        />
      </Field>
      <Button type="primary" htmlType="submit">
        {t('newLearner.begin')}
      </Button>
    </form>
  );
}
