import type { Metadata } from 'next';
import { FindPlace } from './FindPlace';

export const metadata: Metadata = { title: 'Find' };

export default function FindPage() {
  return <FindPlace />;
}
