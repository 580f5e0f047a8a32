'use client';

import { App, ConfigProvider } from 'antd';
import { createContext, useContext, useEffect, useMemo, useSyncExternalStore, type ReactNode } from 'react';
import { useWorkshop } from '../../store';
import { componentTheme } from './component-theme';
import { DARK, LIGHT, type Palette } from './palette';
import { THEME_MEMORY_KEY } from './theme-memory';

const PaletteContext = createContext<Palette>(LIGHT);

const DARK_QUERY = '(prefers-color-scheme: dark)';
const followSystem = (changed: () => void) => {
  const query = window.matchMedia(DARK_QUERY);
  query.addEventListener('change', changed);
  return () => query.removeEventListener('change', changed);
};
const systemIsDark = () => window.matchMedia(DARK_QUERY).matches;

/** Light or dark as this person chose, or as the system says. */
export function ThemeProvider({ children }: { children: ReactNode }) {
  const workshop = useWorkshop();
  const chosen = workshop.kind === 'ready' ? workshop.preferences.theme : undefined;
  const systemDark = useSyncExternalStore(followSystem, systemIsDark, () => false);
  const mode = chosen === 'dark' || (chosen !== 'light' && systemDark) ? 'dark' : 'light';
  useEffect(() => {
    if (chosen === undefined) return;
    document.documentElement.dataset.theme = chosen;
    localStorage.setItem(THEME_MEMORY_KEY, chosen);
  }, [chosen]);
  const theme = useMemo(() => componentTheme(mode), [mode]);
  return (
    <ConfigProvider theme={theme}>
      <PaletteContext value={mode === 'dark' ? DARK : LIGHT}>
        <App>{children}</App>
      </PaletteContext>
    </ConfigProvider>
  );
}

/** The colours as values, for what is drawn on a canvas; style sheets use the variables. */
export function usePalette(): Palette {
  return useContext(PaletteContext);
}
