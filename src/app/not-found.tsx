import Link from 'next/link';

export default function NotFound() {
  return (
    <div style={{ padding: 24, background: 'var(--sheet)' }}>
      <h1 style={{ fontSize: 18, marginTop: 0 }}>There is no such page</h1>
      <p>
        The work begins at <Link href="/gears">Gears</Link>.
      </p>
    </div>
  );
}
