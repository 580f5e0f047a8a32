'use client';

import { usePathname } from 'next/navigation';
import { useEffect, useRef } from 'react';
import { useStableCallback } from '../useStableCallback';

const asked = (name: string) => new URLSearchParams(window.location.search).get(name) ?? undefined;

/** Writes an address, and loads nothing for it. */
function write(kind: 'pushState' | 'replaceState', name: string, value: string | undefined): void {
  const address = new URL(window.location.href);
  if (value === undefined) address.searchParams.delete(name);
  else address.searchParams.set(name, value);
  window.history[kind](null, '', address);
}

/**
 * Keeps in the address what is looked at, so that back, forward, a reload and a link lead to it.
 * @param value what is looked at; undefined while that is not known, or where nothing is, which the address leaves out
 * @param apply looks at what the address asks for; what is not there is left
 * @param scope what the value belongs to: where that changes, the new value is no step to go back from
 */
export function useInAddress(
  name: string,
  value: string | undefined,
  apply: (value: string | undefined) => void,
  scope = '',
): void {
  const pathname = usePathname();
  const look = useStableCallback(apply);
  const before = useRef<{ readonly at: string; readonly value: string | undefined }>(undefined);
  useEffect(() => {
    const follow = () => look(asked(name));
    if (asked(name) !== undefined) follow();
    window.addEventListener('popstate', follow);
    return () => window.removeEventListener('popstate', follow);
  }, [name, look]);
  useEffect(() => {
    const at = `${pathname} ${scope}`;
    const isStep = before.current?.at === at && before.current.value !== value;
    const isFirst = before.current === undefined;
    before.current = { at, value };
    const inAddress = asked(name);
    if (inAddress === value || (isFirst && inAddress !== undefined)) return;
    write(isStep ? 'pushState' : 'replaceState', name, value);
  }, [name, value, scope, pathname]);
}
