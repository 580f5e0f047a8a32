'use client';

import { Button, Switch } from 'antd';
import { useState, type KeyboardEvent } from 'react';
import { holderOf, pressedKey, SHORTCUTS, SINGLE_KEYS, type ShortcutId } from '../../features/shortcuts/shortcuts';
import { useKeymap } from '../../features/shortcuts/useKeymap';
import type { WorkspaceEdits } from '../../features/workspace/edits';
import type { Preferences, ShortcutSettings } from '../../records';
import { Note } from '../../ui/panel/Panel';
import { Table } from '../../ui/panel/Table';
import styles from './Settings.module.css';
import { t } from './text';

interface ShortcutsPanelProps {
  readonly preferences: Preferences;
  readonly edits: Pick<WorkspaceEdits, 'editPreferences'>;
}

/** Switches shortcuts of one key off, and gives them other keys. */
export function ShortcutsPanel({ preferences, edits }: ShortcutsPanelProps) {
  const settings: ShortcutSettings = preferences.shortcuts ?? {};
  const keymap = useKeymap();
  const [waiting, wait] = useState<ShortcutId>();
  const [refused, refuse] = useState('');
  const save = (id: ShortcutId, key: { readonly code: string; readonly shown: string } | undefined) => {
    edits.editPreferences(({ shortcuts: kept = {} }) => {
      const { [id]: _former, ...others } = kept.keys ?? {};
      return { shortcuts: { ...kept, keys: key ? { ...others, [id]: key } : others } };
    });
    wait(undefined);
    refuse('');
  };
  const press = (id: ShortcutId) => (event: KeyboardEvent) => {
    if (waiting !== id) return;
    event.preventDefault();
    event.stopPropagation();
    if (event.key === 'Escape') {
      wait(undefined);
      refuse('');
      return;
    }
    const pressed = pressedKey(event.nativeEvent);
    if (pressed.kind === 'nothing') return;
    if (pressed.kind !== 'key') {
      refuse(t(`shortcutsPanel.${pressed.kind}`, { key: event.key }));
      return;
    }
    const { code, shown } = pressed;
    const holder = holderOf(keymap, code, id);
    if (holder) refuse(t('shortcutsPanel.taken', { key: shown, action: SHORTCUTS[holder].what }));
    else save(id, code === SHORTCUTS[id].keys ? undefined : { code, shown });
  };
  return (
    <section className={styles.sheet} aria-label={t('shortcutsPanel.shortcuts')}>
      <h2>{t('shortcutsPanel.shortcuts')}</h2>
      <label className={styles.switch}>
        <Switch
          size="small"
          checked={settings.isOff !== true}
          onChange={(isOn) => edits.editPreferences(({ shortcuts }) => ({ shortcuts: { ...shortcuts, isOff: !isOn } }))}
        />{' '}
        {t('shortcutsPanel.singleKeys')}
      </label>
      <Note>{t('shortcutsPanel.why')}</Note>
      {settings.isOff !== true && (
        <details className={styles.keys}>
          <summary>{t('shortcutsPanel.each')}</summary>
          {refused !== '' && (
            <p role="alert" className={styles.refused} data-testid="key-refused">
              {refused}
            </p>
          )}
          <Table>
            <thead>
              <tr>
                <th scope="col">{t('shortcutsPanel.action')}</th>
                <th scope="col">{t('shortcutsPanel.key')}</th>
              </tr>
            </thead>
            <tbody>
              {SINGLE_KEYS.map((id) => (
                <tr key={id} data-shortcut={id}>
                  <th scope="row">{SHORTCUTS[id].what}</th>
                  <td>
                    <Button
                      size="small"
                      type={waiting === id ? 'primary' : 'default'}
                      aria-label={t('shortcutsPanel.change', {
                        action: SHORTCUTS[id].what,
                        key: keymap.get(id)?.shown ?? '',
                      })}
                      onClick={() => {
                        wait(id);
                        refuse('');
                      }}
                      onKeyDown={press(id)}
                      onBlur={() => wait((now) => (now === id ? undefined : now))}
                    >
                      {waiting === id ? t('shortcutsPanel.pressKey') : keymap.get(id)?.shown}
                    </Button>{' '}
                    {settings.keys?.[id] && (
                      <Button size="small" type="text" onClick={() => save(id, undefined)}>
                        {t('shortcutsPanel.usual', { key: SHORTCUTS[id].shown })}
                      </Button>
                    )}
                  </td>
                </tr>
              ))}
            </tbody>
          </Table>
        </details>
      )}
    </section>
  );
}
