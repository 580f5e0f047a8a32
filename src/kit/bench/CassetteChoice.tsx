'use client';

import { Radio } from 'antd';
import { cassettesOfRange, sameTeeth } from '../../core/parts/cassettes';
import { isProposed } from '../../core/parts/proposed-cogs';
import { useReadyBench } from './BenchProvider';
import { SetupMark } from './SetupMark';
import styles from './Bench.module.css';
import { WORDS } from './text';

/** The cogs of the setup in depth, and which cassette of its range is meant where there are several. */
export function CassetteChoice() {
  const { bench, edits } = useReadyBench();
  const { setup, place, fromLink } = bench;
  const alternatives = cassettesOfRange(setup.cogs[0]!, setup.cogs.at(-1)!);
  const chosen = alternatives.findIndex(({ cogs }) => sameTeeth(cogs, setup.cogs));
  return (
    <div className={styles.cassette}>
      <SetupMark place={place} />
      <span className={styles.cogs} data-testid="cogs">
        {setup.cogs.join('-')}
      </span>
      {chosen < 0 && isProposed(setup.cogs) && (
        <span className={styles.caption} data-testid="proposed">
          {WORDS.cassetteChoice.proposed}
        </span>
      )}
      {alternatives.length > (chosen < 0 ? 0 : 1) && (
        <>
          <span className={styles.caption} id="cassette-choice">
            {WORDS.cassetteChoice.countCassettesRun(alternatives.length)} {setup.cogs[0]}–{setup.cogs.at(-1)}:
          </span>
          <Radio.Group
            size="small"
            aria-labelledby="cassette-choice"
            value={chosen}
            disabled={fromLink}
            onChange={({ target }) => {
              const cassette = alternatives[Number(target.value)];
              if (cassette) edits.editSetup('cassette', (record) => ({ ...record, cogs: cassette.cogs }));
            }}
            options={alternatives.map(({ cogs }, i) => ({
              value: i,
              label: WORDS.cassetteChoice.countSpeedValue(cogs.length, i === 0 ? ', commonest' : ''),
            }))}
          />
        </>
      )}
    </div>
  );
}
