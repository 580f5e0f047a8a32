import type { Metadata } from 'next';
import { RidesPlace } from './RidesPlace';

export const metadata: Metadata = { title: 'Rides' };

export default function RidesPage() {
  return <RidesPlace />;
}
