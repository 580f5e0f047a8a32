import { usePathname, useSearchParams } from 'next/navigation';
import { useEffect, useState, useSyncExternalStore } from 'react';
import { carriesSetup } from '../../formats/link';
import type { LinkResult } from '../../formats/read-link';
import { atBase } from '../../offline/base-path';
import { failureText } from './failure';
import { t } from './text';

type Link = LinkResult | { readonly kind: 'reading' };

function followFragment(changed: () => void): () => void {
  window.addEventListener('hashchange', changed);
  return () => window.removeEventListener('hashchange', changed);
}

/** Takes what a link carries out of the address. */
export function leaveLink(pathname: string): void {
  window.history.replaceState(null, '', atBase(pathname));
  window.dispatchEvent(new HashChangeEvent('hashchange'));
}

/**
 * What the page's address carries: behind its #, which no server hears of, or as its query in links of before. Its reader is loaded for an address that carries something.
 */
export function useLink(): Link {
  const search = useSearchParams().toString();
  // Kept for other pages, whose address has no fragment.
  usePathname();
  const fragment = useSyncExternalStore(
    followFragment,
    () => window.location.hash.slice(1),
    () => '',
  );
  const query = carriesSetup(search) ? search : fragment;
  const [read, setRead] = useState<{ readonly query: string; readonly result: LinkResult }>();
  const carries = carriesSetup(query);
  useEffect(() => {
    if (!carries) return undefined;
    let current = true;
    const found = (result: LinkResult) => {
      if (current) setRead({ query, result });
    };
    import('../../formats/read-link').then(
      ({ readLink }) => found(readLink(new URLSearchParams(query))),
      (error: unknown) =>
        found({
          kind: 'broken',
          message: t('useLink.thisLinkCannotBeOpened', { failure: failureText(error) }),
        }),
    );
    return () => {
      current = false;
    };
  }, [carries, query]);
  if (!carries) return { kind: 'none' };
  return read?.query === query ? read.result : { kind: 'reading' };
}
