'use client';

import { nanoid } from 'nanoid';
import { useEffect, useState } from 'react';

const CHANNEL = 'rontel-job';

/**
 * Whether another tab of this browser works on the same job. Each tab holds a lock of its own for as long as it shows
 * the job: the browser releases it when the tab closes, however it closes, so no count can be left over.
 */
export function useOtherTab(jobId: string): boolean {
  const [others, setOthers] = useState<ReadonlySet<string>>(() => new Set());
  useEffect(() => {
    if (typeof BroadcastChannel === 'undefined' || !('locks' in navigator)) return;
    const prefix = `${CHANNEL} ${jobId} `;
    const own = `${prefix}${nanoid()}`;
    const left = new AbortController();
    const channel = new BroadcastChannel(CHANNEL);
    const waitedFor = new Set<string>();
    // Granted when the other tab has let its lock go: then it is gone.
    const waitFor = (lock: string) => {
      if (waitedFor.has(lock)) return;
      waitedFor.add(lock);
      navigator.locks
        .request(lock, { signal: left.signal }, () => {
          waitedFor.delete(lock);
          setOthers((before) => new Set([...before].filter((one) => one !== lock)));
        })
        .catch(() => undefined);
    };
    const look = async () => {
      const { held = [] } = await navigator.locks.query();
      if (left.signal.aborted) return;
      const found = held.flatMap(({ name }) => (name?.startsWith(prefix) && name !== own ? [name] : []));
      setOthers(new Set(found));
      found.forEach(waitFor);
    };
    let release: () => void = () => undefined;
    const untilLeft = new Promise<void>((resolve) => {
      release = resolve;
    });
    navigator.locks
      .request(own, { signal: left.signal }, () => {
        channel.postMessage(jobId);
        void look();
        return untilLeft;
      })
      .catch(() => undefined);
    channel.onmessage = ({ data }: MessageEvent<string>) => {
      if (data === jobId) void look();
    };
    return () => {
      left.abort();
      release();
      channel.close();
      setOthers(new Set());
    };
  }, [jobId]);
  return others.size > 0;
}
