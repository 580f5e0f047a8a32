'use client';

import { App, ConfigProvider } from 'antd';
import { createContext, useContext, useEffect, useMemo, type ReactNode } from 'react';
import type { Preferences } from '../../records';
import { useThemeChoice } from '../../store';
import { componentTheme } from '../../ui/theme/component-theme';
import { DARK, LIGHT, type Palette } from '../../ui/theme/palette';
import { THEME_MEMORY_KEY } from '../../ui/theme/theme-memory';
import { DARK_SYSTEM, LESS_MOTION, useMedia } from '../../ui/theme/useMedia';

const PaletteContext = createContext<Palette>(LIGHT);

/** Light or dark, as the user chose or as the system is set. */
export function ThemeProvider({ children }: { children: ReactNode }) {
  const chosen = useThemeChoice();
  const systemDark = useMedia(DARK_SYSTEM);
  const still = useMedia(LESS_MOTION);
  const mode = chosen === 'dark' || (chosen !== 'light' && systemDark) ? 'dark' : 'light';
  useEffect(() => {
    if (chosen === undefined) return;
    document.documentElement.dataset.theme = chosen;
    localStorage.setItem(THEME_MEMORY_KEY, chosen);
  }, [chosen]);
  useEffect(() => {
    if (chosen !== undefined) colourSystemBars(chosen);
  }, [chosen]);
  const theme = useMemo(() => componentTheme(mode, still), [mode, still]);
  return (
    <ConfigProvider theme={theme}>
      <PaletteContext value={mode === 'dark' ? DARK : LIGHT}>
        <App>{children}</App>
      </PaletteContext>
    </ConfigProvider>
  );
}

/** Colours what the system draws around the page by the theme on it; the page's head has both of the system's. */
function colourSystemBars(chosen: Preferences['theme']): void {
  for (const meta of document.querySelectorAll<HTMLMetaElement>('meta[name=theme-color]')) {
    const isDark = chosen === 'system' ? meta.media === DARK_SYSTEM : chosen === 'dark';
    meta.content = (isDark ? DARK : LIGHT).steel;
  }
}

/** The colours as values, for what is drawn on a canvas; style sheets use the variables. */
export function usePalette(): Palette {
  return useContext(PaletteContext);
}
