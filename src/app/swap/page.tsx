import type { Metadata } from 'next';
import { SwapStage } from '../../stages/swap/SwapStage';

export const metadata: Metadata = { title: 'Swap' };

export default function SwapPage() {
  return <SwapStage />;
}
