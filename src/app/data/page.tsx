import { DataPlace } from './DataPlace';

export default function DataPage() {
  return <DataPlace />;
}
