'use client';

import { App, Button } from 'antd';
import Link from 'next/link';
import type { FoundFacts } from '../../core/find';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { letterOf } from '../../kit/bench/setup-sign';
import { SETUPS_MAX } from '../../records';
import { setupName } from '../../kit/finding/part-words';
import type { Find } from './useFind';
import { t } from './words/text';

/** Lays a setup on the bench as a candidate. */
export function LayButton({ find, found }: { find: Find; found: FoundFacts }) {
  const { bench, edits } = useReadyBench();
  const { message } = App.useApp();
  const isThere = bench.setups.some(
    ({ chainrings, cogs }) =>
      chainrings.join() === found.chainrings.join() && cogs.join() === found.cassette.cogs.join(),
  );
  const text = isThere ? t('layButton.onTheBench') : t('layButton.toTheBench');
  const lay = () =>
    edits.write(async () => {
      const place = await find.layOnBench(found);
      if (place === undefined) {
        void message.warning(t('layButton.theBenchIsFullIt', { setupsMax: SETUPS_MAX }));
        return;
      }
      void message.success(
        <>
          {t('layButton.setupNameLiesOnTheBench', { setupName: setupName(found) })} {letterOf(place)}.{' '}
          <Link href="/compare">{t('layButton.compare')}</Link>
        </>,
      );
    });
  return (
    <Button
      size="small"
      disabled={bench.fromLink || isThere}
      onClick={lay}
      title={isThere ? t('layButton.itLiesOnTheBench') : t('layButton.layItOnTheBench')}
      aria-label={`${text}: ${setupName(found)}`}
    >
      {text}
    </Button>
  );
}
