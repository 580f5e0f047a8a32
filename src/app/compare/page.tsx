import { ComparePlace } from './ComparePlace';

export default function ComparePage() {
  return <ComparePlace />;
}
