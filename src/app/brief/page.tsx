import type { Metadata } from 'next';
import { BriefPlace } from './BriefPlace';

export const metadata: Metadata = { title: 'Brief' };

export default function BriefPage() {
  return <BriefPlace />;
}
