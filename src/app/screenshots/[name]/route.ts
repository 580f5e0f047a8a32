import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { MANIFEST_SCREENSHOTS } from '../../manifest-screenshots';

export const dynamic = 'force-static';
export const dynamicParams = false;

export function generateStaticParams() {
  return MANIFEST_SCREENSHOTS.map(({ name }) => ({ name }));
}

/** A picture of the app, which a device shows before it is installed: the same as in the README. */
export async function GET(_request: Request, { params }: { params: Promise<{ name: string }> }) {
  const { name } = await params;
  const picture = readFileSync(join(process.cwd(), 'docs/screenshots', name));
  return new Response(picture, { headers: { 'content-type': 'image/png' } });
}
