'use client';

import { Input } from 'antd';
import { useState } from 'react';
import { Entry } from '../../kit/glossary/GlossaryList';
import { TERMS_BY_NAME } from '../../kit/glossary/terms';
import { hasWords } from '../../kit/search';
import { useShortcut } from '../../kit/shell/useShortcut';
import styles from './Learn.module.css';

/** Every word with its drawing, to leaf through. */
export function WordsView() {
  const [wanted, setWanted] = useState('');
  const [openId, setOpenId] = useState<string>();
  useShortcut('search', () => document.getElementById('words-search')?.focus());
  const shown = TERMS_BY_NAME.filter(({ name, also, text }) => hasWords([name, ...also, text].join(' '), wanted));
  return (
    <section className={styles.panel} aria-label="Words">
      <div className={styles.panelHead}>
        <h2>
          {shown.length} of {TERMS_BY_NAME.length} words. M opens those of any page; a marked word is explained where it
          stands.
        </h2>
        <Input
          id="words-search"
          allowClear
          placeholder="Search the words"
          aria-label="Search the words"
          style={{ width: 220 }}
          value={wanted}
          onChange={({ target }) => {
            setWanted(target.value);
            setOpenId(undefined);
          }}
        />
      </div>
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
      {shown.length === 0 && <p>No word has “{wanted}” in it. Try a part of it, or fewer letters.</p>}
    </section>
  );
}
