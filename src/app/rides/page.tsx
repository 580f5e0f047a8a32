import { RidesPlace } from './RidesPlace';

export default function RidesPage() {
  return <RidesPlace />;
}
