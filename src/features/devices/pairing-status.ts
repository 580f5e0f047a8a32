import { useSyncExternalStore } from 'react';
import type { LineState } from '../../sync/relay-client';

/** What the exchange with paired devices is doing in this tab. */
interface PairingStatus {
  /** `elsewhere`: another tab of this browser does it. */
  readonly line: LineState | 'elsewhere';
  /** Why changes could not be taken in; undefined where they could. */
  readonly failure?: string | undefined;
}

const WAITING: PairingStatus = { line: 'connecting' };
let status = WAITING;
let openJobId = '';
const followers = new Set<() => void>();

function tellAll(): void {
  for (const follower of followers) follower();
}

export function follow(follower: () => void): () => void {
  followers.add(follower);
  return () => followers.delete(follower);
}

export function setPairingStatus(next: Partial<PairingStatus>): void {
  status = { ...status, ...next };
  tellAll();
}

export const usePairingStatus = (): PairingStatus =>
  useSyncExternalStore(
    follow,
    () => status,
    () => WAITING,
  );

/** The job that is open in this tab; empty where none is. Others are told. */
export const openJob = () => openJobId;

export function setOpenJob(jobId: string): void {
  if (jobId === openJobId) return;
  openJobId = jobId;
  tellAll();
}
