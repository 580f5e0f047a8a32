'use client';

import { Button, Input, Modal } from 'antd';
import { useState, type SubmitEvent } from 'react';
import { parseShorthand } from '../../formats/shorthand';
import { addBike } from '../../store';
import { Field } from '../../ui/fields/Field';
import { useReadyWorkspace } from '../workspace/WorkspaceProvider';
import { readName } from '../workspace/read-name';
import styles from './SetupsBar.module.css';
import { t } from './text';

/** A second bike from nothing: its name and what is on it. It shares no part with any other bike. */
export function NewBikeDialog({ open, onClose }: { open: boolean; onClose: () => void }) {
  return (
    <Modal title={t('newBike.title')} open={open} onCancel={onClose} footer={null} destroyOnHidden width={460}>
      <NewBikeForm onClose={onClose} />
    </Modal>
  );
}

function NewBikeForm({ onClose }: { onClose: () => void }) {
  const { workshop, edits } = useReadyWorkspace();
  const [name, setName] = useState('');
  const [text, setText] = useState('');
  const [tried, setTried] = useState(false);
  const read = parseShorthand(text);
  const named = readName(name);
  const add = (event: SubmitEvent<HTMLFormElement>) => {
    event.preventDefault();
    setTried(true);
    if (!read.ok || !named.ok) return;
    edits.write(() => addBike(workshop.db, { bike: { name: named.value }, setup: read.setup }, Date.now()));
    onClose();
  };
  const setupProblem =
    !read.ok && (tried || (!read.unfinished && text !== ''))
      ? { message: read.message, unfinished: read.unfinished }
      : undefined;
  const nameProblem = tried && !named.ok ? { message: named.message, unfinished: false } : undefined;
  return (
    <form className={styles.details} onSubmit={add}>
      <Field id="new-bike-name" label={t('newBike.name')} problem={nameProblem}>
        <Input
          id="new-bike-name"
          autoFocus
          placeholder={t('newBike.nameExample')}
          value={name}
          onChange={({ target }) => setName(target.value)}
        />
      </Field>
      <Field id="new-bike-setup" label={t('newBike.setup')} problem={setupProblem}>
        <Input
          id="new-bike-setup"
          className={styles.shorthand}
          placeholder={t('newBike.setupExample')}
          autoComplete="off"
          spellCheck={false}
          value={text}
          onChange={({ target }) => setText(target.value)}
        />
      </Field>
      <p>{t('newBike.ownParts')}</p>
      <Button type="primary" htmlType="submit">
        {t('newBike.add')}
      </Button>
    </form>
  );
}
