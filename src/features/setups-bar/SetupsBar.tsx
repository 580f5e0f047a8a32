'use client';

import { DownOutlined } from '@ant-design/icons';
import { useState } from 'react';
import { formatShorthand } from '../../formats/shorthand';
import { useReadyWorkspace } from '../workspace/WorkspaceProvider';
import { BikePicker } from './BikePicker';
import { CassetteChoice } from './CassetteChoice';
import { RiderLine } from './RiderLine';
import { useInAddress } from '../../ui/react/useInAddress';
import { signOf } from '../setup-mark/setup-sign';
import { SetupMark } from '../setup-mark/SetupMark';
import { SetupRow } from './SetupRow';
import { WheelFields } from './WheelFields';
import { WheelSummary } from './WheelSummary';
import styles from './SetupsBar.module.css';
import { t } from './text';

/**
 * The setups bar: the bike, its wheels and its rider in one line, each a summary of what can be typed; below it the
 * setups. On a small screen it is one line, with the bike and the setup in depth, which opens the rest.
 * @param shows all of it, the same above the columns of a page, or the bike alone where a page is about no setup
 */
export function Workspace({ shows }: { shows: 'all' | 'columns' | 'bike' }) {
  const [isOpen, setOpen] = useState(false);
  const [showsWheels, setShowsWheels] = useState(false);
  if (shows === 'bike') {
    return (
      <section className={styles.workspace} aria-label={t('workspace.workspace')}>
        <div className={styles.barLine}>
          <BikePicker />
        </div>
      </section>
    );
  }
  return (
    <section
      className={styles.workspace}
      aria-label={t('workspace.workspace')}
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

/** Keeps the selected setup in the address, by its letter; `setup` there is used by shared links. */
function SetupInAddress() {
  const { workspace, edits } = useReadyWorkspace();
  const { bike, setup, setups, place, fromLink } = workspace;
  useInAddress(
    'show',
    fromLink ? undefined : signOf(place),
    (asked) => {
      const found = setups.find((_, at) => signOf(at) === asked);
      if (found && found.id !== setup.id && !fromLink) edits.chooseSetup(found.id);
    },
    // Moving or deleting setups changes letters, which is no selection.
    [bike.id, ...setups.map(({ id }) => id)].join(' '),
  );
  return null;
}

/** The selected setup on a small screen; it opens the setups and the bike's fields. */
function SetupSummary({ isOpen, onClick }: { isOpen: boolean; onClick: () => void }) {
  const { setup, place } = useReadyWorkspace().workspace;
  return (
    <button
      type="button"
      className={styles.setupSummary}
      aria-expanded={isOpen}
      title={t('workspace.opensSetups')}
      data-bar="setups"
      onClick={onClick}
    >
      <SetupMark place={place} />
      <b>{formatShorthand(setup)}</b>
      <DownOutlined className={styles.caret} />
    </button>
  );
}
