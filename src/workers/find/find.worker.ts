import type { Endpoint } from 'comlink';
import { writeForReader } from '../../formats/reader';
import { exposeWork } from './expose';
import { findWork } from './work';

writeForReader();
exposeWork(findWork, globalThis as unknown as Endpoint);
