export { BOLD, DRAWN_TEXT, REGULAR, useFonts } from './fonts';
export { ATTIC, DAYLIGHT, type Palette } from './palette';
export { ThemeChoice, usePalette, useTheme } from './ThemeChoice';
export { useIsWide, WIDE } from './wide';
