import type { Metadata } from 'next';
import { LearnPlace } from './LearnPlace';

export const metadata: Metadata = { title: 'Learn' };

export default function LearnPage() {
  return <LearnPlace />;
}
