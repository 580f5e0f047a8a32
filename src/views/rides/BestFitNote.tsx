'use client';

import { Button } from 'antd';
import { ROLLOUT_MM } from '../../core/gears';
import { within } from '../../core/numbers';
import type { BestFit } from '../../core/recording';
import { formatShorthand } from '../../formats/shorthand';
import { useReadyWorkspace } from '../../features/workspace/WorkspaceProvider';
import { fixed } from '../../ui/format';
import type { RideRecord } from '../../records';
import { change } from '../../store';
import styles from './Rides.module.css';
import { t } from './text';

/** What the recording fits better than what it is taken for, and the means to set it right. */
export function BestFitNote({ likelier, ride }: { likelier: BestFit; ride: RideRecord }) {
  const { workspace, workshop, edits } = useReadyWorkspace();
  const { bike } = workspace;
  const { rolloutMm, cogs } = likelier;
  if (cogs) {
    const setup = { ...ride.setup, cogs };
    return (
      <p className={styles.doubt} data-testid="likelier">
        {t('likelierNote.theRatiosFit')} <b>{formatShorthand(setup)}</b>{' '}
        {t('likelierNote.betterThanHasCassette', { setup: formatShorthand(ride.setup) })}{' '}
        <Button
          size="small"
          onClick={() =>
            edits.write(() =>
              change(
                workshop.db,
                { label: t('likelierNote.cassetteOfName', { name: ride.name }), now: Date.now() },
                (draft) => draft.update('rides', ride.id, (record) => ({ ...record, setup })),
              ),
            )
          }
        >
          {t('likelierNote.useRide')}
        </Button>
      </p>
    );
  }
  if (rolloutMm === undefined || !within(rolloutMm, ROLLOUT_MM)) return null;
  const measuredRolloutMm = Math.round(rolloutMm);
  return (
    <p className={styles.doubt} data-testid="likelier">
      {t('likelierNote.everyRatioOffSame')} <b>{fixed(measuredRolloutMm, 0)} mm</b>{' '}
      {t('likelierNote.betterMeasureItOr')}{' '}
      <Button
        size="small"
        onClick={() =>
          edits.editBike('measuredRolloutMm', (record) => ({
            ...record,
            wheelsets: record.wheelsets.map((one) =>
              one.id === ride.wheelsetId ? { ...one, measuredRolloutMm } : one,
            ),
          }))
        }
      >
        {t('likelierNote.useValueRide')}
      </Button>
      {bike.wheelsets.length > 1 && t('likelierNote.wasRideOtherWheels')}
    </p>
  );
}
