import { parentPort } from 'node:worker_threads';
import { findSetups, type FindInput } from '../../core/find';

// One search for each thread: it is asked once, answers once, and is ended.
parentPort?.once('message', (input: FindInput) => parentPort?.postMessage(findSetups(input)));
