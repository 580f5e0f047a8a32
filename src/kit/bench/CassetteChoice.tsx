'use client';

import { Select } from 'antd';
import { cassettesOfRange, sameTeeth } from '../../core/parts/cassettes';
import { isProposed } from '../../core/parts/proposed-cogs';
import { useReadyBench } from './BenchProvider';
import { SetupMark } from './SetupMark';
import styles from './Bench.module.css';
import { t } from './text';

/** The cogs of the setup in depth, and which cassette of its range is meant where there are several. */
export function CassetteChoice() {
  const { bench, edits } = useReadyBench();
  const { setup, place, fromLink } = bench;
  const [first, last] = [setup.cogs[0]!, setup.cogs.at(-1)!];
  const alternatives = cassettesOfRange(first, last);
  const chosen = alternatives.findIndex(({ cogs }) => sameTeeth(cogs, setup.cogs));
  return (
    <div className={styles.cassette}>
      <SetupMark place={place} />
      <span className={styles.cogs} data-testid="cogs">
        {setup.cogs.join('-')}
      </span>
      {chosen < 0 && isProposed(setup.cogs) && (
        <span className={styles.caption} data-testid="proposed">
          {t('cassetteChoice.proposed')}
        </span>
      )}
      {alternatives.length > (chosen < 0 ? 0 : 1) && (
        <Select
          id="cassette"
          size="small"
          aria-label={t('cassetteChoice.whichOf', { count: alternatives.length, first, last })}
          title={t('cassetteChoice.whichOf', { count: alternatives.length, first, last })}
          popupMatchSelectWidth={false}
          value={chosen < 0 ? undefined : chosen}
          placeholder={t('cassetteChoice.another')}
          disabled={fromLink}
          onChange={(at: number) => {
            const cassette = alternatives[at];
            if (cassette) edits.editSetup('cassette', (record) => ({ ...record, cogs: cassette.cogs }));
          }}
          options={alternatives.map(({ cogs }, i) => ({
            value: i,
            label: t('cassetteChoice.countSpeedValue', { count: cogs.length, isCommonest: i === 0 ? 'yes' : 'no' }),
          }))}
        />
      )}
    </div>
  );
}
