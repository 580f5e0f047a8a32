import type { Metadata } from 'next';
import { LogPlace } from './LogPlace';

export const metadata: Metadata = { title: 'Log' };

export default function LogPage() {
  return <LogPlace />;
}
