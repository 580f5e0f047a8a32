import { ImageResponse } from 'next/og';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { entryOf } from '../../../core/items';
import { ICONS } from '../../../offline/icons';
import { LIGHT } from '../../../ui/theme/palette';

export const dynamic = 'force-static';
export const dynamicParams = false;

export function generateStaticParams() {
  return ICONS.map(({ name }) => ({ name }));
}

/** The icon of the app as a PNG, drawn from the one of browsers when the app is built. */
export async function GET(_request: Request, { params }: { params: Promise<{ name: string }> }) {
  const { name } = await params;
  const { sidePx, marginShare } = entryOf(new Map(ICONS.map((icon) => [icon.name, icon])), name);
  const drawing = readFileSync(join(process.cwd(), 'src/app/icon.svg')).toString('base64');
  const markPx = Math.round(sidePx * (1 - 2 * marginShare));
  return new ImageResponse(
    <div
      style={{
        display: 'flex',
        width: '100%',
        height: '100%',
        alignItems: 'center',
        justifyContent: 'center',
        // The ground of the drawing goes on to the edge where the system cuts the shape.
        backgroundColor: marginShare > 0 ? LIGHT.steel : 'transparent',
      }}
    >
      {/* eslint-disable-next-line @next/next/no-img-element, jsx-a11y/alt-text -- drawn into a file, not into a page */}
      <img src={`data:image/svg+xml;base64,${drawing}`} width={markPx} height={markPx} />
    </div>,
    { width: sidePx, height: sidePx },
  );
}
