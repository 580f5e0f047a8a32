import { findSetups, type FindInput, type FindResult } from '../../core/find';

/** Runs one search; the pool loads this file by its name and calls it on a thread. */
// ts-unused-exports:disable-next-line
export default function find(input: FindInput): FindResult {
  return findSetups(input);
}
