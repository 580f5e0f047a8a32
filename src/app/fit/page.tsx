import type { Metadata } from 'next';
import { FitPlace } from './FitPlace';

export const metadata: Metadata = { title: 'Fit' };

export default function FitPage() {
  return <FitPlace />;
}
