'use client';

import { useSearchParams } from 'next/navigation';
import { useEffect, useRef } from 'react';
import { useSteady } from '../useSteady';

interface InAddress<T extends string> {
  /** Its name in the address. */
  readonly name: string;
  readonly value: T;
  readonly values: readonly T[];
  /** What the value belongs to: where that changes, a new value is none that anybody chose. */
  readonly of?: string;
  readonly onAddress: (value: T) => void;
}

/**
 * Keeps what is looked at in the address, so that back, forward, reload and links lead to it. Each choice is a step of
 * the browser's history; the first one also writes down what was looked at before it.
 */
export function useInAddress<T extends string>({ name, value, values, of = '', onAddress }: InAddress<T>): void {
  const inAddress = useSearchParams().get(name);
  const asked = values.find((one) => one === inAddress);
  const last = useRef({ value, of });
  const show = useSteady(onAddress);

  useEffect(() => {
    const before = last.current;
    last.current = { value, of };
    if (before.of !== of || before.value === value) return;
    const now = new URLSearchParams(window.location.search).get(name);
    if (now === value) return;
    if (now === null) window.history.replaceState(null, '', addressWith(name, before.value));
    window.history.pushState(null, '', addressWith(name, value));
  }, [name, value, of]);

  useEffect(() => {
    if (asked !== undefined && asked !== last.current.value) show(asked);
  }, [asked, show]);
}

function addressWith(name: string, value: string): string {
  const url = new URL(window.location.href);
  url.searchParams.set(name, value);
  return `${url.pathname}${url.search}${url.hash}`;
}
