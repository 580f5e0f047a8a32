'use client';

import { Input } from 'antd';
import { useState } from 'react';
import { termsWith } from '../../features/glossary/find-terms';
import { Entry, NoWord } from '../../features/glossary/GlossaryList';
import { TERMS_BY_NAME } from '../../features/glossary/terms';
import { useShortcut } from '../../features/shortcuts/useShortcut';
import { Panel, PanelHead } from '../../ui/panel/Panel';
import styles from './learner/Learn.module.css';
import { t } from './learner/text';

/** Every word with its drawing, to leaf through. */
export function WordsView() {
  const [wanted, setWanted] = useState('');
  const [openId, setOpenId] = useState<string>();
  useShortcut('search', () => document.getElementById('words-search')?.focus());
  const shown = termsWith(wanted);
  return (
    <Panel aria-label={t('wordsView.words')}>
      <PanelHead>
        <h2>{t('wordsView.countOfNAMECountWordsM', { count: shown.length, NAMECount: TERMS_BY_NAME.length })}</h2>
        <Input
          id="words-search"
          allowClear
          placeholder={t('wordsView.searchTheWords')}
          aria-label={t('wordsView.searchTheWords')}
          style={{ width: 220 }}
          value={wanted}
          onChange={({ target }) => {
            setWanted(target.value);
            setOpenId(undefined);
          }}
        />
      </PanelHead>
      <div className={styles.words}>
        {shown.map((term) => (
          <Entry
            key={term.id}
            term={term}
            isOpen={term.id === openId}
            onShow={(id) => {
              setWanted('');
              setOpenId(id);
            }}
          />
        ))}
      </div>
      {shown.length === 0 && <NoWord wanted={wanted} />}
    </Panel>
  );
}
