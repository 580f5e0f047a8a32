import type { Metadata } from 'next';
import { BriefStage } from '../../stages/brief/BriefStage';

export const metadata: Metadata = { title: 'Brief' };

export default function BriefPage() {
  return <BriefStage />;
}
