'use client';

import { Drawer, Input } from 'antd';
import { useMemo, useState } from 'react';
import { termsIn } from './find-terms';
import type { OpenGlossary } from './Glossary';
import { GlossaryList } from './GlossaryList';
import { t } from './text';

interface GlossarySheetProps {
  /** Undefined while it is closed. */
  readonly opened: OpenGlossary | undefined;
  readonly onClose: () => void;
}

/** The list of terms with its search, at the side of the page. */
export function GlossarySheet({ opened, onClose }: GlossarySheetProps) {
  return (
    <Drawer
      title={t('glossary.words')}
      size={420}
      open={opened !== undefined}
      onClose={onClose}
      destroyOnHidden
      data-testid="glossary"
    >
      {opened && <Terms key={`${opened.id ?? ''} ${opened.pageText}`} opened={opened} />}
    </Drawer>
  );
}

function Terms({ opened }: { opened: OpenGlossary }) {
  const [wanted, setWanted] = useState('');
  const [openId, setOpenId] = useState(opened.id);
  const onPage = useMemo(() => termsIn(opened.pageText), [opened.pageText]);
  return (
    <>
      <Input
        id="glossary-search"
        allowClear
        placeholder={t('glossary.searchTheWords')}
        aria-label={t('glossary.searchTheWords')}
        value={wanted}
        onChange={({ target }) => {
          setWanted(target.value);
          // A search has left the open term, which must not take the focus back.
          setOpenId(undefined);
        }}
      />
      <GlossaryList
        wanted={wanted}
        openId={openId}
        onPage={onPage}
        onShow={(id) => {
          setWanted('');
          setOpenId(id);
        }}
      />
    </>
  );
}
