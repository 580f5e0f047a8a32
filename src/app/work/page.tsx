import type { Metadata } from 'next';
import { WorkPlace } from './WorkPlace';

export const metadata: Metadata = { title: 'Workshop' };

export default function WorkPage() {
  return <WorkPlace />;
}
