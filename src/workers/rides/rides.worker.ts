import type { Endpoint } from 'comlink';
import { exposeWork } from './expose';
import { rideWork } from './work';

exposeWork(rideWork, globalThis as unknown as Endpoint);
