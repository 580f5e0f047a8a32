'use client';

import { Button } from 'antd';
import { within, ROLLOUT_MM } from '../../core/gears';
import type { BestFit } from '../../core/recording';
import { formatShorthand } from '../../formats/shorthand';
import { useReadyBench } from '../../kit/bench/BenchProvider';
import { fixed } from '../../kit/format';
import type { RideRecord } from '../../records';
import { change } from '../../store';
import styles from './Rides.module.css';
import { t } from './words/text';

/** What the recording fits better than what it is taken for, and the means to set it right. */
export function BestFitNote({ likelier, ride }: { likelier: BestFit; ride: RideRecord }) {
  const { bench, workshop, edits } = useReadyBench();
  const { bike } = bench;
  const { rolloutMm, cogs } = likelier;
  if (cogs) {
    const setup = { ...ride.setup, cogs };
    return (
      <p className={styles.doubt} data-testid="likelier">
        {t('likelierNote.theRatiosFit')} <b>{formatShorthand(setup)}</b>{' '}
        {t('likelierNote.betterThanSetupIsAnother', { setup: formatShorthand(ride.setup) })}{' '}
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
          {t('likelierNote.tellThisRideSo')}
        </Button>
      </p>
    );
  }
  if (rolloutMm === undefined || !within(rolloutMm, ROLLOUT_MM)) return null;
  const measuredRolloutMm = Math.round(rolloutMm);
  return (
    <p className={styles.doubt} data-testid="likelier">
      {t('likelierNote.allRatiosAreOffBy')} <b>{fixed(measuredRolloutMm, 0)} mm</b>{' '}
      {t('likelierNote.betterMeasureItOr')}{' '}
      <Button
        size="small"
        onClick={() =>
          edits.editBike('rollout', (record) => ({
            ...record,
            wheelsets: record.wheelsets.map((one) =>
              one.id === ride.wheelsetId ? { ...one, measuredRolloutMm } : one,
            ),
          }))
        }
      >
        {t('likelierNote.takeItFromThisRide')}
      </Button>
      {bike.wheelsets.length > 1 && t('likelierNote.orWasItRiddenOn')}
    </p>
  );
}
