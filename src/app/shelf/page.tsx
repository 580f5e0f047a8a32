import { ShelfPlace } from './ShelfPlace';

export default function ShelfPage() {
  return <ShelfPlace />;
}
