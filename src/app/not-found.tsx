import Link from 'next/link';
import { WORDS } from './text';

export default function NotFound() {
  return (
    <div style={{ padding: 24, background: 'var(--sheet)' }}>
      <h1 style={{ fontSize: 'var(--text-5)', marginTop: 0 }}>{WORDS.notFound.thereIsNoSuchPage}</h1>
      <p>
        {WORDS.notFound.theWorkBeginsAt} <Link href="/gears">{WORDS.notFound.gears}</Link>.
      </p>
    </div>
  );
}
