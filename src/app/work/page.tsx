import { WorkPlace } from './WorkPlace';

export default function WorkPage() {
  return <WorkPlace />;
}
