import { useMemo, type ReactNode } from 'react';
import { PaperProvider } from 'react-native-paper';
import { Icon, type IconName } from '../icons';
import { usePalette } from '../theme';
import { paperTheme } from '../theme/paperTheme';
import { useSpaceKey } from './useSpaceKey';

const settings = {
  icon: ({ name, color, size }: { name: IconName; color?: string; size: number }) => (
    <Icon name={name} color={color} size={size} />
  ),
};

/** React Native Paper in our theme, with our icons. */
export function PaperRoot({ children }: { readonly children: ReactNode }) {
  useSpaceKey();
  const palette = usePalette();
  const theme = useMemo(() => paperTheme(palette), [palette]);
  return (
    <PaperProvider theme={theme} settings={settings}>
      {children}
    </PaperProvider>
  );
}
