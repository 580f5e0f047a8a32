import { useSearchParams } from 'next/navigation';
import { useEffect, useState } from 'react';
import { carriesSetup } from '../../formats/link';
import type { LinkResult } from '../../formats/read-link';
import { failureText } from './failure';
import { WORDS } from './text';

export type Link = LinkResult | { readonly kind: 'reading' };

/** What the page's address carries. Its reader is loaded for an address that carries something. */
export function useLink(): Link {
  const query = useSearchParams().toString();
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
          message: WORDS.useLink.thisLinkCannotBeOpened(failureText(error)),
        }),
    );
    return () => {
      current = false;
    };
  }, [carries, query]);
  if (!carries) return { kind: 'none' };
  return read?.query === query ? read.result : { kind: 'reading' };
}
