import { LearnPlace } from './LearnPlace';

export default function LearnPage() {
  return <LearnPlace />;
}
