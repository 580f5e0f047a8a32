import { create } from 'qrcode';
import styles from './Devices.module.css';
import { t } from './text';

/** Light squares around a code, which scanners need. */
const MARGIN = 4;

/** A text as a code for a camera, black on white in dark mode too. */
export function CodePicture({ text }: { text: string }) {
  const { modules } = create(text, { errorCorrectionLevel: 'L' });
  const { size } = modules;
  const squares = Array.from({ length: size * size }, (_, i) =>
    modules.get(Math.floor(i / size), i % size)
      ? `M${(i % size) + MARGIN} ${Math.floor(i / size) + MARGIN}h1v1h-1z`
      : '',
  ).join('');
  const side = size + 2 * MARGIN;
  return (
    <svg
      className={styles.code}
      viewBox={`0 0 ${side} ${side}`}
      role="img"
      aria-label={t('picture')}
      shapeRendering="crispEdges"
    >
      <rect width={side} height={side} className={styles.light} />
      <path d={squares} className={styles.dark} />
    </svg>
  );
}
