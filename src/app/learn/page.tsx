import type { Metadata } from 'next';
import { LearnStage } from '../../stages/learn/LearnStage';

export const metadata: Metadata = { title: 'Learn' };

export default function LearnPage() {
  return <LearnStage />;
}
