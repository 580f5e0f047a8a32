import type { Metadata } from 'next';
import { FitStage } from '../../stages/fit/FitStage';

export const metadata: Metadata = { title: 'Fit' };

export default function FitPage() {
  return <FitStage />;
}
