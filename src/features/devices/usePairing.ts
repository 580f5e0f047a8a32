'use client';

import { useEffect } from 'react';
import { readPairing, useLive, type RontelDatabase } from '../../store';
import { setOpenJob } from './pairing-status';

/** Who this browser is among paired ones: another name begins anew. Empty where it is not paired. */
const readIdentity = async (db: RontelDatabase) => {
  const pairing = await readPairing(db);
  return pairing ? `${pairing.deviceId} ${pairing.name} ${pairing.secret}` : '';
};

/** Exchanges changes with paired devices while the app is open. */
export function usePairing(db: RontelDatabase | undefined): void {
  const identity = useLive(db, readIdentity) ?? '';
  useEffect(() => {
    if (!db || identity === '') return undefined;
    let stop: (() => void) | undefined;
    let hasEnded = false;
    // Large, and needed by paired browsers only.
    void import('./run-pairing').then(({ runPairing }) => {
      if (!hasEnded) stop = runPairing(db);
    });
    return () => {
      hasEnded = true;
      stop?.();
    };
  }, [db, identity]);
}

/** Tells paired devices which job is open here. */
export function useOpenJob(jobId: string): void {
  useEffect(() => {
    setOpenJob(jobId);
    return () => setOpenJob('');
  }, [jobId]);
}
