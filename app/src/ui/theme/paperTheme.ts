import { configureFonts, MD3DarkTheme, MD3LightTheme, type MD3Theme } from 'react-native-paper';
import { REGULAR } from './fonts';
import type { Palette } from './palette';

/** React Native Paper dressed in one of our palettes. */
export function paperTheme(palette: Palette): MD3Theme {
  const base = palette.name === 'attic' ? MD3DarkTheme : MD3LightTheme;
  return {
    ...base,
    roundness: 1.5,
    fonts: configureFonts({ config: { fontFamily: REGULAR } }),
    colors: {
      ...base.colors,
      primary: palette.action,
      onPrimary: palette.onAction,
      primaryContainer: palette.outside,
      onPrimaryContainer: palette.ink,
      secondaryContainer: palette.edge,
      onSecondaryContainer: palette.ink,
      background: palette.paper,
      onBackground: palette.ink,
      surface: palette.sheet,
      onSurface: palette.ink,
      surfaceVariant: palette.sheet,
      onSurfaceVariant: palette.softInk,
      outline: palette.softInk,
      outlineVariant: palette.line,
      error: palette.action,
      onError: palette.onAction,
      inverseSurface: palette.ink,
      inverseOnSurface: palette.paper,
      inversePrimary: palette.edge,
      elevation: {
        level0: 'transparent',
        level1: palette.sheet,
        level2: palette.sheet,
        level3: palette.sheet,
        level4: palette.sheet,
        level5: palette.sheet,
      },
    },
  };
}
