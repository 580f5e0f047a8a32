import type { Endpoint } from 'comlink';
import { exposeWork } from './expose';
import { findWork } from './work';

exposeWork(findWork, globalThis as unknown as Endpoint);
