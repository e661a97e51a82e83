import { type ThemeConfig, theme } from "antd";

/** Tones of the drawing sheet. The same names stand in styles.css as custom properties. */
export const tones = {
  light: { paper: "#eceee6", sheet: "#f8f9f4", ink: "#1c2a2b", soft: "#55625f", line: "#b9c0b5", accent: "#1d5f59" },
  dark: { paper: "#141b1c", sheet: "#1c2526", ink: "#e6ebe2", soft: "#a3afa9", line: "#3b4848", accent: "#7cc4b8" },
} as const;

export type Mode = keyof typeof tones;

export const sheetTheme = (mode: Mode): ThemeConfig => {
  const t = tones[mode];
  return {
    algorithm: [mode === "dark" ? theme.darkAlgorithm : theme.defaultAlgorithm, theme.compactAlgorithm],
    token: {
      colorPrimary: t.accent,
      colorInfo: t.accent,
      colorBgBase: t.sheet,
      colorTextBase: t.ink,
      colorBgContainer: t.sheet,
      colorBgElevated: t.sheet,
      colorBorder: mode === "dark" ? "#6d7b79" : "#7d8983",
      colorTextPlaceholder: t.soft,
      colorTextDescription: t.soft,
      borderRadius: 2,
      fontFamily: "'Instrument Sans Variable', sans-serif",
      fontSize: 14,
      controlHeight: 30,
      motion: false,
      boxShadow: "none",
      boxShadowSecondary: `0 0 0 1px ${t.line}, 0 6px 18px rgb(0 0 0 / 12%)`,
    },
    components: {
      Segmented: {
        trackBg: t.paper,
        itemSelectedBg: t.accent,
        itemSelectedColor: mode === "dark" ? "#0d1414" : "#ffffff",
        itemColor: t.ink,
      },
      Button: { primaryShadow: "none", defaultShadow: "none", primaryColor: mode === "dark" ? "#0d1414" : "#ffffff" },
    },
  };
};
