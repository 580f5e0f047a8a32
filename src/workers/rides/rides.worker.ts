import type { Endpoint } from 'comlink';
import { writeForReader } from '../../formats/reader';
import { exposeWork } from './expose';
import { rideWork } from './work';

writeForReader();
exposeWork(rideWork, globalThis as unknown as Endpoint);
