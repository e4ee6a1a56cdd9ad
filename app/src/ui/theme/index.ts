export { BOLD, DRAWN_TEXT, FONT_FILES, REGULAR } from './fonts';
export { ATTIC, DAYLIGHT, type Palette } from './palette';
export { ThemeChoice, usePalette, useTheme } from './ThemeChoice';
export { useIsWide, WIDE } from './wide';
