import type { Metadata } from 'next';
import { ShelfStage } from '../../stages/shelf/ShelfStage';

export const metadata: Metadata = { title: 'Shelf' };

export default function ShelfPage() {
  return <ShelfStage />;
}
