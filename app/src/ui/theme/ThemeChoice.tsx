import { createContext, useContext, useMemo, useState, type ReactNode } from 'react';
import { useColorScheme } from 'react-native';
import { ATTIC, DAYLIGHT, type Palette } from './palette';

interface Choice {
  readonly palette: Palette;
  /** Switches to the other theme and remembers it on this device. */
  readonly switchTheme: () => void;
}

const KEY = 'huff-theme';
const Context = createContext<Choice>({ palette: DAYLIGHT, switchTheme: () => {} });

/** Storage may be switched off in the browser: the choice then lasts until the page is closed. */
function remembered(): string | null {
  try {
    return localStorage.getItem(KEY);
  } catch {
    return null;
  }
}
function remember(name: string) {
  try {
    localStorage.setItem(KEY, name);
  } catch {
    // nothing to do: see above
  }
}

/** The theme: follows the system until it is switched by hand. */
export function ThemeChoice({ children }: { readonly children: ReactNode }) {
  const system = useColorScheme();
  const [chosen, setChosen] = useState(remembered);
  const palette = (chosen ?? (system === 'dark' ? 'attic' : 'daylight')) === 'attic' ? ATTIC : DAYLIGHT;
  const choice = useMemo<Choice>(
    () => ({
      palette,
      switchTheme: () => {
        const next = palette === ATTIC ? DAYLIGHT.name : ATTIC.name;
        remember(next);
        setChosen(next);
      },
    }),
    [palette],
  );
  return <Context value={choice}>{children}</Context>;
}

export const useTheme = () => useContext(Context);
export const usePalette = () => useContext(Context).palette;
