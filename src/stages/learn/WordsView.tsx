'use client';

import { Input } from 'antd';
import { useState } from 'react';
import { termsWith } from '../../kit/glossary/find-terms';
import { Entry, NoWord } from '../../kit/glossary/GlossaryList';
import { TERMS_BY_NAME } from '../../kit/glossary/terms';
import { useShortcut } from '../../kit/shell/useShortcut';
import { Panel, PanelHead } from '../../kit/sheet/Panel';
import styles from './Learn.module.css';
import { WORDS } from './words/text';

/** Every word with its drawing, to leaf through. */
export function WordsView() {
  const [wanted, setWanted] = useState('');
  const [openId, setOpenId] = useState<string>();
  useShortcut('search', () => document.getElementById('words-search')?.focus());
  const shown = termsWith(wanted);
  return (
    <Panel aria-label={WORDS.wordsView.words}>
      <PanelHead>
        <h2>{WORDS.wordsView.countOfNAMECountWordsM(shown.length, TERMS_BY_NAME.length)}</h2>
        <Input
          id="words-search"
          allowClear
          placeholder={WORDS.wordsView.searchTheWords}
          aria-label={WORDS.wordsView.searchTheWords}
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
