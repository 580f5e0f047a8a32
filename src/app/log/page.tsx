import { LogPlace } from './LogPlace';

export default function LogPage() {
  return <LogPlace />;
}
