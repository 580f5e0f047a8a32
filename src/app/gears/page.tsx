import { GearsPlace } from './GearsPlace';

export default function GearsPage() {
  return <GearsPlace />;
}
