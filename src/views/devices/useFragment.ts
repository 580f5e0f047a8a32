'use client';

import { useSyncExternalStore } from 'react';

/** What a link from another device asks for. */
export type Asked = { readonly kind: 'pair' | 'take' | 'data'; readonly text: string } | { readonly kind: 'nothing' };

const follow = (follower: () => void) => {
  window.addEventListener('hashchange', follower);
  return () => window.removeEventListener('hashchange', follower);
};

/** Reads the fragment of the address, which servers never see, and clears it on request. */
export function useFragment(): { readonly asked: Asked; readonly clear: () => void } {
  const hash = useSyncExternalStore(
    follow,
    () => window.location.hash,
    () => '',
  );
  const [, kind, text] = /^#(pair|take|data)=(.*)$/.exec(hash) ?? [];
  return {
    asked: kind === undefined ? { kind: 'nothing' } : { kind: kind as 'pair' | 'take' | 'data', text: text ?? '' },
    clear: () => {
      window.history.replaceState(window.history.state, '', window.location.pathname);
      window.dispatchEvent(new HashChangeEvent('hashchange'));
    },
  };
}
