'use client';

import { App, Button } from 'antd';
import Link from 'next/link';
import type { FoundFacts } from '../../core/find';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { LETTERS } from '../../kit/bench/setup-sign';
import { SETUPS_MAX } from '../../records';
import { setupName } from './part-words';
import type { Find } from './useFind';

/** Lays a setup on the bench as a candidate. */
export function LayButton({ find, found }: { find: Find; found: FoundFacts }) {
  const { bench, edits } = useReadyBench();
  const { message } = App.useApp();
  const isThere = bench.setups.some(
    ({ chainrings, cogs }) =>
      chainrings.join() === found.chainrings.join() && cogs.join() === found.cassette.cogs.join(),
  );
  const text = isThere ? 'On the bench' : 'To the bench';
  const lay = () =>
    edits.write(async () => {
      const place = await find.layOnBench(found);
      if (place === undefined) {
        void message.warning(`The bench is full: it has room for ${SETUPS_MAX}. Take one off first.`);
        return;
      }
      void message.success(
        <>
          {setupName(found)} lies on the bench as {LETTERS[place]}. <Link href="/compare">Compare</Link>
        </>,
      );
    });
  return (
    <Button
      size="small"
      disabled={bench.fromLink || isThere}
      onClick={lay}
      title={isThere ? 'It lies on the bench already' : 'Lay it on the bench as a candidate'}
      aria-label={`${text}: ${setupName(found)}`}
    >
      {text}
    </Button>
  );
}
