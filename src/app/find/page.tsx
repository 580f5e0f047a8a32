import { FindPlace } from './FindPlace';

export default function FindPage() {
  return <FindPlace />;
}
