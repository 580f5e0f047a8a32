'use client';

import { usePathname } from 'next/navigation';
import { useEffect, useRef } from 'react';
import { useStableCallback } from './useStableCallback';

const asked = (name: string) => new URLSearchParams(window.location.search).get(name) ?? undefined;

/** Updates the address without navigation. */
function write(kind: 'pushState' | 'replaceState', name: string, value: string | undefined): void {
  const address = new URL(window.location.href);
  if (value === undefined) address.searchParams.delete(name);
  else address.searchParams.set(name, value);
  window.history[kind](null, '', address);
}

/**
 * Keeps a value in the address, so that back, forward, reload and links restore it.
 * @param value undefined if unknown or none; then the address omits it
 * @param apply restores a value from the address; ignores one that does not exist
 * @param scope what the value belongs to: if that changes, the new value replaces the history entry
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
