import { proxy, transfer } from 'comlink';
import type { RideThrough } from '../../core/ride';
import { JobClient, untilOver } from '../job-client';
import type {
  FileRead,
  FileToRead,
  Progress,
  RiddenRequest,
  RiddenResponse,
  RideWork,
  GearUsageRequest,
  GearUsageResponse,
  WayToRide,
} from './protocol';
import { t } from '../words';

/** Runs ride jobs in a worker. */
export class RideClient extends JobClient<RideWork> {
  readFile(file: FileToRead, onProgress: Progress, signal?: AbortSignal): Promise<FileRead> {
    return this.run((work) => {
      const { progress, over } = untilOver(onProgress);
      return work.readFile(transfer(file, [file.bytes.buffer]), proxy(progress)).finally(over);
    }, signal);
  }

  gearUsage(rides: GearUsageRequest, onProgress: Progress, signal?: AbortSignal): Promise<GearUsageResponse> {
    return this.run((work) => {
      const { progress, over } = untilOver(onProgress);
      return work.gearUsage(rides, proxy(progress)).finally(over);
    }, signal);
  }

  ridden(rides: RiddenRequest, signal?: AbortSignal): Promise<RiddenResponse> {
    return this.run((work) => work.ridden(rides), signal);
  }

  rideThrough(way: WayToRide, signal?: AbortSignal): Promise<readonly RideThrough[]> {
    return this.run((work) => work.rideThrough(way), signal);
  }
}

let shared: RideClient | undefined;

/** The page's single client; its worker starts with the first call. */
export function rideClient(): RideClient {
  shared ??= new RideClient(
    () => new Worker(new URL('./rides.worker.ts', import.meta.url), { type: 'module' }),
    t('lateRides'),
  );
  return shared;
}
