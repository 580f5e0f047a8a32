import type { Metadata } from 'next';
import { GearsStage } from '../../stages/gears/GearsStage';

export const metadata: Metadata = { title: 'Gears' };

export default function GearsPage() {
  return <GearsStage />;
}
