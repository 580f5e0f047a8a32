import type { Metadata } from 'next';
import { ComparePlace } from './ComparePlace';

export const metadata: Metadata = { title: 'Compare' };

export default function ComparePage() {
  return <ComparePlace />;
}
