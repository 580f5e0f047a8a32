'use client';

import { useEffect, useState } from 'react';

type Hello = { readonly kind: 'here' | 'too' | 'bye'; readonly jobId: string };

/** Whether another tab of this browser works on the same job. */
export function useOtherTab(jobId: string): boolean {
  const [others, setOthers] = useState(0);
  useEffect(() => {
    if (typeof BroadcastChannel === 'undefined') return;
    const channel = new BroadcastChannel('rontel-job');
    const say = (kind: Hello['kind']) => channel.postMessage({ kind, jobId } satisfies Hello);
    channel.onmessage = ({ data }: MessageEvent<Hello>) => {
      if (data.jobId !== jobId) return;
      if (data.kind === 'bye') return setOthers((count) => Math.max(0, count - 1));
      setOthers((count) => count + 1);
      if (data.kind === 'here') say('too');
    };
    say('here');
    const leave = () => say('bye');
    window.addEventListener('pagehide', leave);
    return () => {
      window.removeEventListener('pagehide', leave);
      leave();
      channel.close();
      setOthers(0);
    };
  }, [jobId]);
  return others > 0;
}
