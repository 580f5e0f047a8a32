import '@fontsource-variable/archivo/wdth.css';
import './global.css';
import { AntdRegistry } from '@ant-design/nextjs-registry';
import type { Metadata, Viewport } from 'next';
import { headers } from 'next/headers';
import { connection } from 'next/server';
import { Suspense, type ReactNode } from 'react';
import { BenchProvider } from '../kit/bench/BenchProvider';
import { OfflineProvider } from '../kit/offline/OfflineProvider';
import { Shell } from '../kit/shell/Shell';
import { ShopProvider } from '../kit/shop/ShopProvider';
import { paletteCss } from '../kit/theme/palette';
import { THEME_SCRIPT } from '../kit/theme/theme-memory';
import { ThemeProvider } from '../kit/theme/ThemeProvider';
import { StoreProvider } from '../store';
import { NONCE_HEADER } from './_policy/content-policy';

export const metadata: Metadata = {
  title: { default: 'Rontel', template: '%s · Rontel' },
  description: 'Plan a bicycle drivetrain: gears, steps, capacity, chain and swap.',
};

export const viewport: Viewport = { width: 'device-width', initialScale: 1 };

export default async function RootLayout({ children }: { children: ReactNode }) {
  // Whether a new browser starts on the demo workshop is settled when the server starts, not when it is built.
  await connection();
  const nonce = (await headers()).get(NONCE_HEADER) ?? undefined;
  const firstStart = process.env.RONTEL_FIRST_START === 'demo' ? 'demo' : 'empty';
  return (
    <html lang="en" suppressHydrationWarning>
      <head>
        <style dangerouslySetInnerHTML={{ __html: paletteCss() }} />
        <script nonce={nonce} suppressHydrationWarning dangerouslySetInnerHTML={{ __html: THEME_SCRIPT }} />
      </head>
      <body>
        <AntdRegistry>
          <StoreProvider firstStart={firstStart}>
            <ThemeProvider>
              <Suspense>
                <BenchProvider>
                  <ShopProvider>
                    <OfflineProvider>
                      <Shell>{children}</Shell>
                    </OfflineProvider>
                  </ShopProvider>
                </BenchProvider>
              </Suspense>
            </ThemeProvider>
          </StoreProvider>
        </AntdRegistry>
      </body>
    </html>
  );
}
