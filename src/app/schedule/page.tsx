import type { Metadata } from 'next';
import { ScheduleStage } from '../../stages/schedule/ScheduleStage';

export const metadata: Metadata = { title: 'Schedule' };

export default function SchedulePage() {
  return <ScheduleStage />;
}
