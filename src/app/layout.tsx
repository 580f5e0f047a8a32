import '@fontsource-variable/archivo/wdth.css';
import './global.css';
import { AntdRegistry } from '@ant-design/nextjs-registry';
import type { Metadata, Viewport } from 'next';
import { Suspense, type ReactNode } from 'react';
import { WorkspaceProvider } from '../features/workspace/WorkspaceProvider';
import { OfflineProvider } from '../features/offline/OfflineProvider';
import { KeymapProvider } from '../features/shortcuts/useKeymap';
import { Shell } from '../features/shell/Shell';
import { RecordsProvider } from '../features/workshop/RecordsProvider';
import { atBase } from '../offline/base-path';
import { ICONS, iconPath } from '../offline/icons';
import { DARK, LIGHT, paletteCss } from '../ui/theme/palette';
import { THEME_SCRIPT } from '../ui/theme/theme-memory';
import { ThemeProvider } from '../features/theme/ThemeProvider';
import { StoreProvider } from '../store';
import { t } from './text';

export const metadata: Metadata = {
  description: t('manifest.description'),
  icons: {
    apple: ICONS.filter(({ purpose }) => purpose === 'apple').map(({ name, sidePx }) => ({
      url: atBase(iconPath(name)),
      sizes: `${sidePx}x${sidePx}`,
    })),
  },
};

export const viewport: Viewport = {
  width: 'device-width',
  initialScale: 1,
  themeColor: [
    { media: '(prefers-color-scheme: light)', color: LIGHT.steel },
    { media: '(prefers-color-scheme: dark)', color: DARK.steel },
  ],
};

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
                      <KeymapProvider>
                        <Shell>{children}</Shell>
                      </KeymapProvider>
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
