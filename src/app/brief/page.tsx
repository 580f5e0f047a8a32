import { BriefPlace } from './BriefPlace';

export default function BriefPage() {
  return <BriefPlace />;
}
