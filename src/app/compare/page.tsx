import type { Metadata } from 'next';
import { CompareStage } from '../../stages/compare/CompareStage';

export const metadata: Metadata = { title: 'Compare' };

export default function ComparePage() {
  return <CompareStage />;
}
