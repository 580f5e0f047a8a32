import { stepTitle } from '../../messages/job';
import type { JobRecord } from '../../records';
import { readPairing, useDb, useLive } from '../../store';
import { t } from './text';

/** Says in a list of jobs which paired device has one of them open, and at which step; nothing for the others. */
export function OnDevice({ job }: { job: JobRecord }) {
  const pairing = useLive(useDb(), readPairing);
  const device = (pairing?.others ?? []).find(({ jobId }) => jobId === job.id)?.name;
  if (device === undefined || job.state === 'done') return null;
  const rings = job.work.kind === 'swap' ? job.work.to.setup.chainrings.length : 2;
  return (
    <span data-testid="job-on-device">
      {job.at === undefined ? t('onDevice', { device }) : t('onDeviceAt', { device, title: stepTitle(job.at, rings) })}
    </span>
  );
}
