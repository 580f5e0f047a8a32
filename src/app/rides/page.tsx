import type { Metadata } from 'next';
import { RidesStage } from '../../stages/rides/RidesStage';

export const metadata: Metadata = { title: 'Rides' };

export default function RidesPage() {
  return <RidesStage />;
}
