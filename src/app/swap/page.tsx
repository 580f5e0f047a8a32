import { SwapPlace } from './SwapPlace';

export default function SwapPage() {
  return <SwapPlace />;
}
