import Link from 'next/link';
import { t } from './text';

export default function NotFound() {
  return (
    <div style={{ padding: 24, background: 'var(--sheet)' }}>
      <h1 style={{ fontSize: 'var(--text-5)', marginTop: 0 }}>{t('notFound.pageNotFound')}</h1>
      <p>
        {t('notFound.start')} <Link href="/gears">{t('notFound.gears')}</Link>.
      </p>
    </div>
  );
}
