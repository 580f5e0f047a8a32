import { parentPort } from 'node:worker_threads';
import { findSetups, type FindInput } from '../../core/find';

// One search per thread: one request, one response, then the thread is terminated.
parentPort?.once('message', (input: FindInput) => parentPort?.postMessage(findSetups(input)));
