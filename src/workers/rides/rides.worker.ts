import type { Endpoint } from 'comlink';
import { writeForReader } from '../reader';
import { exposeWork } from './expose';
import { rideWork } from './work';

writeForReader();
exposeWork(rideWork, globalThis as unknown as Endpoint);
