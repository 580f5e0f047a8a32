import type { Metadata } from 'next';
import { LogStage } from '../../stages/log/LogStage';

export const metadata: Metadata = { title: 'Log' };

export default function LogPage() {
  return <LogStage />;
}
