import type { Metadata } from 'next';
import { SwapPlace } from './SwapPlace';

export const metadata: Metadata = { title: 'Swap' };

export default function SwapPage() {
  return <SwapPlace />;
}
