import { SchedulePlace } from './SchedulePlace';

export default function SchedulePage() {
  return <SchedulePlace />;
}
