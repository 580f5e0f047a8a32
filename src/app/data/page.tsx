import type { Metadata } from 'next';
import { DataStage } from '../../stages/data/DataStage';

export const metadata: Metadata = { title: 'Data' };

export default function DataPage() {
  return <DataStage />;
}
