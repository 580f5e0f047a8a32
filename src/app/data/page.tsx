import type { Metadata } from 'next';
import { DataPlace } from './DataPlace';

export const metadata: Metadata = { title: 'Data' };

export default function DataPage() {
  return <DataPlace />;
}
