'use client';

import {
  BookOutlined,
  LinkOutlined,
  QuestionOutlined,
  RedoOutlined,
  SettingOutlined,
  UndoOutlined,
} from '@ant-design/icons';
import { App, Button, Tooltip } from 'antd';
import dynamic from 'next/dynamic';
import Link from 'next/link';
import { usePathname } from 'next/navigation';
import type { ReactNode } from 'react';
import { useState } from 'react';
import { writeLink } from '../../formats/link';
import type { Preferences } from '../../records';
import { useWorkspace } from '../workspace/WorkspaceProvider';
import { useGlossary } from '../glossary/Glossary';
import { useStableCallback } from '../../ui/react/useStableCallback';
import type { ShortcutId } from '../shortcuts/shortcuts';
import { useWithKey } from '../shortcuts/useKeymap';
import styles from './Shell.module.css';
import { useShortcut } from '../shortcuts/useShortcut';
import { t } from './text';
import { atBase } from '../../offline/base-path';
import { defined } from '../../core/optional';

const ShortcutHelp = dynamic(() => import('./ShortcutHelp').then((module) => module.ShortcutHelp), { ssr: false });
const LinkDialog = dynamic(() => import('./LinkDialog').then((module) => module.LinkDialog), { ssr: false });

/** Undo, redo, share, theme and keyboard shortcuts; on every page. */
export function Toolbar() {
  const withKey = useWithKey();
  const state = useWorkspace();
  const { message } = App.useApp();
  const glossary = useGlossary();
  const isInSettings = usePathname().startsWith('/settings');
  // Undefined until first opened: the code loads then, and the dialog stays mounted so that focus can return.
  const [help, setHelp] = useState<boolean>();
  const [linkToShow, setLinkToShow] = useState<{ readonly link: string; readonly isOpen: boolean }>();
  const ready = state.kind === 'ready' ? state : undefined;
  const edits = ready?.edits;
  const history = ready?.workshop.history;

  const copyLink = useStableCallback(() => {
    if (!ready?.workspace) return;
    const { bike, wheelset, setup } = ready.workspace;
    const link = `${window.location.origin}${atBase('/gears')}#${writeLink(bike, wheelset, setup)}`;
    copyText(link).then(
      () => message.success(t('toolbar.linkCopiedItCarriesThe')),
      () => setLinkToShow({ link, isOpen: true }),
    );
  });
  useShortcut('undo', () => edits?.undo());
  useShortcut('redo', () => edits?.redo());
  useShortcut('link', copyLink);
  useShortcut('help', () => setHelp(true));

  return (
    <div className={styles.tools}>
      <Tool
        id="undo"
        text={history?.undo ? t('toolbar.undo', { undo: history.undo }) : t('toolbar.nothingToUndo')}
        disabled={!history?.undo}
        onClick={() => edits?.undo()}
      >
        <UndoOutlined />
      </Tool>
      <Tool
        id="redo"
        text={history?.redo ? t('toolbar.redo', { redo: history.redo }) : t('toolbar.nothingToRedo')}
        disabled={!history?.redo}
        onClick={() => edits?.redo()}
      >
        <RedoOutlined />
      </Tool>
      <Tool id="link" text={t('toolbar.copyALinkToThis')} disabled={!ready?.workspace} onClick={copyLink}>
        <LinkOutlined />
      </Tool>
      <Tool id="glossary" text={t('toolbar.words')} onClick={() => glossary()}>
        <BookOutlined />
      </Tool>
      <ThemeTool theme={ready?.preferences.theme ?? 'system'} onChoose={(theme) => edits?.editPreferences({ theme })} />
      <Tool id="help" text={t('toolbar.keys')} onClick={() => setHelp(true)}>
        <QuestionOutlined />
      </Tool>
      <Link
        href="/settings"
        className={styles.tool}
        aria-label={t('shell.settings')}
        title={withKey(t('shell.settings'), 'settings')}
        aria-current={isInSettings ? 'page' : undefined}
        data-tool="settings"
      >
        <SettingOutlined />
      </Link>
      {help !== undefined && <ShortcutHelp open={help} onClose={() => setHelp(false)} />}
      {linkToShow && (
        <LinkDialog
          link={linkToShow.link}
          open={linkToShow.isOpen}
          onClose={() => setLinkToShow({ ...linkToShow, isOpen: false })}
        />
      )}
    </div>
  );
}

interface ToolProps {
  readonly id: ShortcutId | 'theme';
  readonly text: string;
  readonly disabled?: boolean;
  readonly onClick: () => void;
  readonly children: ReactNode;
}

function Tool({ id, text, disabled, onClick, children }: ToolProps) {
  const withKey = useWithKey();
  return (
    <Tooltip title={id === 'theme' ? text : withKey(text, id)}>
      <Button
        type="text"
        {...defined({ className: styles.tool, icon: children, disabled })}
        onClick={onClick}
        aria-label={text}
        data-tool={id}
      />
    </Tooltip>
  );
}

const NEXT_THEME = { system: 'light', light: 'dark', dark: 'system' } as const;
const THEME_TEXT = { system: t('toolbar.matchSystem'), light: t('toolbar.light'), dark: t('toolbar.dark') } as const;

function ThemeTool({
  theme,
  onChoose,
}: {
  theme: Preferences['theme'];
  onChoose: (theme: Preferences['theme']) => void;
}) {
  const next = NEXT_THEME[theme];
  return (
    <Tool
      id="theme"
      text={t('toolbar.themeSwitch', { theme: THEME_TEXT[theme], theme2: THEME_TEXT[next] })}
      onClick={() => onChoose(next)}
    >
      <svg viewBox="0 0 16 16" width="16" height="16" aria-hidden>
        <circle
          cx="8"
          cy="8"
          r="6.2"
          fill={theme === 'dark' ? 'currentColor' : 'none'}
          stroke="currentColor"
          strokeWidth="1.5"
        />
        {theme === 'system' && <path d="M8 1.8a6.2 6.2 0 0 1 0 12.4z" fill="currentColor" />}
      </svg>
    </Tool>
  );
}

/** Copies text. The clipboard needs a secure context; without one, as on a phone by plain HTTP, this fails. */
function copyText(text: string): Promise<void> {
  const { clipboard } = navigator as { readonly clipboard?: Clipboard };
  return clipboard ? clipboard.writeText(text) : Promise.reject(new Error('no clipboard'));
}
