import type { Metadata } from 'next';
import { FindStage } from '../../stages/find/FindStage';

export const metadata: Metadata = { title: 'Find' };

export default function FindPage() {
  return <FindStage />;
}
