import type { Metadata } from 'next';
import { ShelfPlace } from './ShelfPlace';

export const metadata: Metadata = { title: 'Shelf' };

export default function ShelfPage() {
  return <ShelfPlace />;
}
