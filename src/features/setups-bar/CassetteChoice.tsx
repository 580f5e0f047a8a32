'use client';

import { Select } from 'antd';
import { cassettesOfRange, sameTeeth } from '../../core/catalog/cassettes';
import { isProposed } from '../../core/catalog/proposed-cogs';
import { useReadyWorkspace } from '../workspace/WorkspaceProvider';
import { SetupMark } from '../setup-mark/SetupMark';
import styles from './SetupsBar.module.css';
import { t } from './text';
import { defined } from '../../core/optional';
import { firstOf, lastOf } from '../../core/items';

/** The cogs of the selected setup, and a choice where several cassettes have its range. */
export function CassetteChoice() {
  const { workspace, edits } = useReadyWorkspace();
  const { setup, place, fromLink } = workspace;
  const [first, last] = [firstOf(setup.cogs), lastOf(setup.cogs)];
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
          {...defined({ value: chosen < 0 ? undefined : chosen })}
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
