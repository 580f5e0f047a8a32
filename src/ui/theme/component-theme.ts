import { theme, type ThemeConfig } from 'antd';
import { DARK, FONT_FAMILY, LIGHT, type Palette } from './palette';

/** Theme of the component library. @param still turns motion off */
export function componentTheme(mode: 'light' | 'dark', still: boolean): ThemeConfig {
  const palette: Palette = mode === 'dark' ? DARK : LIGHT;
  return {
    algorithm: mode === 'dark' ? theme.darkAlgorithm : theme.defaultAlgorithm,
    token: {
      fontFamily: FONT_FAMILY,
      // The six sizes of global.css.
      fontSize: 13,
      fontSizeSM: 12,
      fontSizeLG: 16,
      fontSizeXL: 20,
      fontSizeHeading1: 20,
      fontSizeHeading2: 20,
      fontSizeHeading3: 16,
      fontSizeHeading4: 16,
      fontSizeHeading5: 13,
      borderRadius: 2,
      borderRadiusLG: 3,
      borderRadiusSM: 2,
      controlHeight: 30,
      controlHeightSM: 24,
      wireframe: false,
      colorPrimary: palette.mark,
      colorInfo: palette.mark,
      colorLink: palette.mark,
      colorError: palette.stop,
      colorText: palette.ink,
      colorTextSecondary: palette.inkSoft,
      colorTextDescription: palette.inkSoft,
      colorTextPlaceholder: palette.inkSoft,
      // What a link brings cannot be changed, but it is there to be read.
      colorTextDisabled: palette.inkSoft,
      colorBgBase: palette.sheet,
      colorBgContainer: palette.sheet,
      colorBgElevated: palette.sheet,
      colorBorder: palette.edge,
      colorBorderSecondary: palette.line,
      colorTextLightSolid: palette.onMark,
      motion: !still,
      motionDurationMid: '0.08s',
      motionDurationSlow: '0.12s',
      boxShadow: 'none',
      boxShadowSecondary: `0 2px 10px rgb(0 0 0 / ${mode === 'dark' ? 0.5 : 0.18})`,
    },
    components: {
      Button: { primaryShadow: 'none', dangerShadow: 'none', defaultShadow: 'none', fontWeight: 560 },
      Segmented: { itemSelectedBg: palette.sheet, trackBg: palette.shade, trackPadding: 2 },
      Select: { optionSelectedBg: palette.markWash },
      Tooltip: { colorBgSpotlight: palette.steel, colorTextLightSolid: palette.steelInk },
    },
  };
}
