import { t } from '../../features/devices/text';
import { nextStep } from '../../core/job';
import { stepTitle } from '../../messages/job';
import type { JobRecord } from '../../records';
import { readPairing, useDb, useLive } from '../../store';
import { timeText } from '../../ui/format';
import { Note } from '../../ui/panel/Panel';
import type { JobAndCard } from './useJobs';

interface OtherDevicesProps {
  readonly job: JobRecord;
  readonly steps: JobAndCard['steps'];
}

/** Which paired device has the job open, and at which step it is. */
export function OtherDevices({ job, steps }: OtherDevicesProps) {
  const pairing = useLive(useDb(), readPairing);
  const there = (pairing?.others ?? []).filter(({ jobId }) => jobId === job.id);
  if (there.length === 0 || job.state === 'done') return null;
  const at = steps.find(({ id }) => id === job.at) ?? nextStep(steps, job.progress);
  const rings = job.work.kind === 'swap' ? job.work.to.setup.chainrings.length : 2;
  return there.map(({ deviceId, name, seenAtMs }) => (
    <Note key={deviceId} role="status" data-testid="on-device">
      {at
        ? t('elsewhere', {
            device: name,
            step: steps.indexOf(at) + 1,
            count: steps.length,
            title: stepTitle(at.id, rings),
            time: timeText(seenAtMs),
          })
        : t('elsewherePlain', { device: name, time: timeText(seenAtMs) })}
    </Note>
  ));
}
