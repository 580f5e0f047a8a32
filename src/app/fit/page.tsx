import { FitPlace } from './FitPlace';

export default function FitPage() {
  return <FitPlace />;
}
