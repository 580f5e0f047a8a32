import type { Metadata } from 'next';
import { WorkStage } from '../../stages/work/WorkStage';

export const metadata: Metadata = { title: 'Workshop' };

export default function WorkPage() {
  return <WorkStage />;
}
