import '@fontsource-variable/archivo/wdth.css';
import './global.css';
import { AntdRegistry } from '@ant-design/nextjs-registry';
import type { Metadata, Viewport } from 'next';
import { Suspense, type ReactNode } from 'react';
import { WorkspaceProvider } from '../features/workspace/WorkspaceProvider';
import { OfflineProvider } from '../features/offline/OfflineProvider';
import { Shell } from '../features/shell/Shell';
import { RecordsProvider } from '../features/workshop/RecordsProvider';
import { paletteCss } from '../ui/theme/palette';
import { THEME_SCRIPT } from '../ui/theme/theme-memory';
import { ThemeProvider } from '../features/theme/ThemeProvider';
import { StoreProvider } from '../store';
import { t } from './text';

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
        <noscript>{t('noScript')}</noscript>
        <AntdRegistry>
          <StoreProvider>
            <ThemeProvider>
              <Suspense>
                <WorkspaceProvider>
                  <RecordsProvider>
                    <OfflineProvider>
                      <Shell>{children}</Shell>
                    </OfflineProvider>
                  </RecordsProvider>
                </WorkspaceProvider>
              </Suspense>
            </ThemeProvider>
          </StoreProvider>
        </AntdRegistry>
      </body>
    </html>
  );
}
