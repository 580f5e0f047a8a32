import '@fontsource-variable/archivo/wdth.css';
import './global.css';
import { AntdRegistry } from '@ant-design/nextjs-registry';
import type { Metadata, Viewport } from 'next';
import { Suspense, type ReactNode } from 'react';
import { BenchProvider } from '../kit/bench/BenchProvider';
import { OfflineProvider } from '../kit/offline/OfflineProvider';
import { Shell } from '../kit/shell/Shell';
import { ShopProvider } from '../kit/shop/ShopProvider';
import { paletteCss } from '../kit/theme/palette';
import { THEME_SCRIPT } from '../kit/theme/theme-memory';
import { ThemeProvider } from '../kit/theme/ThemeProvider';
import { StoreProvider } from '../store';

export const metadata: Metadata = {
  description: 'Plan a bicycle drivetrain: gears, steps, capacity, chain and swap.',
};

export const viewport: Viewport = { width: 'device-width', initialScale: 1 };

/** The same for everybody, so that it is drawn once, when the app is built: all data are in the browser. */
export default function RootLayout({ children }: { children: ReactNode }) {
  return (
    <html lang="en" suppressHydrationWarning>
      <head>
        <style dangerouslySetInnerHTML={{ __html: paletteCss() }} />
        <script suppressHydrationWarning dangerouslySetInnerHTML={{ __html: THEME_SCRIPT }} />
      </head>
      <body>
        <AntdRegistry>
          <StoreProvider>
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
