import { theme, type ThemeConfig } from 'antd';

const font = "'Atkinson Hyperlegible Next Variable', 'Atkinson Hyperlegible Next', system-ui, sans-serif";

/** Ant Design through its tokens: warm paper, violet ink. The same values stand as CSS variables in styles.css. */
export const themeFor = (dark: boolean): ThemeConfig => ({
  algorithm: dark ? theme.darkAlgorithm : theme.defaultAlgorithm,
  cssVar: { key: 'lupin' },
  token: {
    colorPrimary: dark ? '#b39ae8' : '#5b3f9a',
    colorInfo: dark ? '#b39ae8' : '#5b3f9a',
    colorSuccess: dark ? '#8cc398' : '#3f7048',
    colorWarning: dark ? '#e0b65a' : '#a36a00',
    colorError: dark ? '#ea9a80' : '#a5402a',
    colorBgBase: dark ? '#1d1822' : '#fffdf8',
    colorBgContainer: dark ? '#272030' : '#fffdf8',
    colorBgElevated: dark ? '#2e2638' : '#fffdf8',
    colorTextBase: dark ? '#f1eaf6' : '#2b2236',
    colorBorder: dark ? '#4a4056' : '#cfc4ae',
    colorBorderSecondary: dark ? '#3a3145' : '#e4dccb',
    fontFamily: font,
    fontSize: 15,
    borderRadius: 7,
    controlHeight: 34,
    wireframe: false,
    motionDurationMid: '0.12s',
    motionDurationSlow: '0.16s',
  },
  components: {
    Button: {
      fontWeight: 600,
      primaryColor: dark ? '#1d1822' : '#fffdf8',
      primaryShadow: 'none',
      defaultShadow: 'none',
      dangerShadow: 'none',
    },
    Segmented: { trackBg: dark ? '#272030' : '#f1e9da', itemColor: dark ? '#c9bfd5' : '#554c61' },
  },
});
