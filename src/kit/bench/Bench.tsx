'use client';

import { DownOutlined } from '@ant-design/icons';
import { useState } from 'react';
import { formatShorthand } from '../../formats/shorthand';
import { useReadyBench } from './BenchProvider';
import { BikePicker } from './BikePicker';
import { CassetteChoice } from './CassetteChoice';
import { RiderLine } from './RiderLine';
import { useInAddress } from '../shell/useInAddress';
import { signOf } from './setup-sign';
import { SetupMark } from './SetupMark';
import { SetupRow } from './SetupRow';
import { WheelFields } from './WheelFields';
import { WheelSummary } from './WheelSummary';
import styles from './Bench.module.css';
import { t } from './text';

/**
 * The setups bar: the bike, its wheels and its rider in one line, each a summary of what can be typed; below it the
 * setups. On a small screen it is one line, with the bike and the setup in depth, which opens the rest.
 * @param shows all of it, the same above the columns of a page, or the bike alone where a page is about no setup
 */
export function Bench({ shows }: { shows: 'all' | 'columns' | 'bike' }) {
  const [isOpen, setOpen] = useState(false);
  const [showsWheels, setShowsWheels] = useState(false);
  if (shows === 'bike') {
    return (
      <section className={styles.bench} aria-label={t('bench.bench')}>
        <div className={styles.barLine}>
          <BikePicker />
        </div>
      </section>
    );
  }
  return (
    <section
      className={styles.bench}
      aria-label={t('bench.bench')}
      data-open={isOpen}
      data-columns={shows === 'columns'}
    >
      <div className={styles.barLine}>
        <BikePicker />
        <SetupSummary isOpen={isOpen} onClick={() => setOpen(!isOpen)} />
        <div className={styles.summaries}>
          <WheelSummary isOpen={showsWheels} onClick={() => setShowsWheels(!showsWheels)} />
          <RiderLine />
          <CassetteChoice />
        </div>
      </div>
      {showsWheels && (
        <div className={styles.row} id="wheel-fields">
          <WheelFields />
        </div>
      )}
      <SetupRow />
      <SetupInAddress />
    </section>
  );
}

/** Keeps the setup in depth in the address, by its letter; “setup” there is the name of what a shared link carries. */
function SetupInAddress() {
  const { bench, edits } = useReadyBench();
  const { bike, setup, setups, place, fromLink } = bench;
  useInAddress(
    'show',
    fromLink ? undefined : signOf(place),
    (asked) => {
      const found = setups.find((_, at) => signOf(at) === asked);
      if (found && found.id !== setup.id && !fromLink) edits.chooseSetup(found.id);
    },
    // Setups that are moved or taken away change letters: nobody chose that.
    [bike.id, ...setups.map(({ id }) => id)].join(' '),
  );
  return null;
}

/** The setup in depth, on a small screen: it opens the setups and what is typed about the bike. */
function SetupSummary({ isOpen, onClick }: { isOpen: boolean; onClick: () => void }) {
  const { setup, place } = useReadyBench().bench;
  return (
    <button
      type="button"
      className={styles.setupSummary}
      aria-expanded={isOpen}
      title={t('bench.opensSetups')}
      data-bar="setups"
      onClick={onClick}
    >
      <SetupMark place={place} />
      <b>{formatShorthand(setup)}</b>
      <DownOutlined className={styles.caret} />
    </button>
  );
}
