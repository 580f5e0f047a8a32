import type { Metadata } from 'next';
import { GearsPlace } from './GearsPlace';

export const metadata: Metadata = { title: 'Gears' };

export default function GearsPage() {
  return <GearsPlace />;
}
