import type { Metadata } from 'next';
import { SchedulePlace } from './SchedulePlace';

export const metadata: Metadata = { title: 'Schedule' };

export default function SchedulePage() {
  return <SchedulePlace />;
}
