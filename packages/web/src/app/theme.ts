import { theme, type ThemeConfig } from 'antd';
import { inksByDay, inksByNight } from './tokens.ts';

const font = "'Atkinson Hyperlegible Next Variable', 'Atkinson Hyperlegible Next', system-ui, sans-serif";

/** Ant Design through its tokens: warm paper, violet ink. */
export function themeFor({ dark, still }: { readonly dark: boolean; readonly still: boolean }): ThemeConfig {
  const inks = dark ? inksByNight : inksByDay;
  return {
    algorithm: dark ? theme.darkAlgorithm : theme.defaultAlgorithm,
    cssVar: { key: 'lupin' },
    token: {
      colorPrimary: inks.violet,
      colorInfo: inks.violet,
      colorSuccess: inks.leaf,
      colorWarning: inks.straw,
      colorError: inks.clay,
      colorBgBase: dark ? inks.paper : inks.card,
      colorBgContainer: inks.card,
      colorBgElevated: dark ? inks.shade : inks.card,
      colorTextBase: inks.ink,
      colorTextPlaceholder: inks['ink-soft'],
      colorBorder: inks['line-strong'],
      colorBorderSecondary: inks.line,
      fontFamily: font,
      fontSize: 15,
      borderRadius: 7,
      controlHeight: 34,
      wireframe: false,
      // It must know that nothing moves: what waits for the end of a movement that never begins neither opens nor closes.
      motion: !still,
      motionDurationMid: '0.12s',
      motionDurationSlow: '0.16s',
    },
    components: {
      Button: {
        fontWeight: 600,
        primaryColor: dark ? inks.paper : inks.card,
        primaryShadow: 'none',
        defaultShadow: 'none',
        dangerShadow: 'none',
      },
      Segmented: { trackBg: dark ? inks.card : inks.shade, itemColor: inks['ink-soft'] },
    },
  };
}
