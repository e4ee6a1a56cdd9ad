import 'reflect-metadata';
import { QueryClientProvider } from '@tanstack/react-query';
import { Slot, usePathname } from 'expo-router';
import { useEffect, useState } from 'react';
import { View } from 'react-native';
import { useMeasures } from '../data/measures';
import { endOpening } from '../data/openingDay';
import { queryClient } from '../data/queryClient';
import { useServiceWorker } from '../data/serviceWorker';
import { isNewHere, spine } from '../data/theSpine';
import { fetchPages, lazyPart } from '../features/lazyPage';
import { AtTheDoor } from '../features/people/AtTheDoor';
import { Shortcuts } from '../features/shortcuts/Shortcuts';
import { UndoBar } from '../features/undo/UndoBar';
import { Guard } from '../ui/guard';
import { PaperRoot, PlacesBar } from '../ui/page';
import { ThemeChoice, useFonts, useIsWide, usePalette } from '../ui/theme';

const ShortcutSheet = lazyPart<{ readonly onClose: () => void }>('ShortcutSheet');

// The phone's store opens while the fonts load.
spine();

function Places() {
  const wide = useIsWide();
  const palette = usePalette();
  const { measures } = useMeasures();
  const address = usePathname();
  useOpeningEnds(address);
  return (
    <View style={{ flex: 1, flexDirection: wide ? 'row-reverse' : 'column', backgroundColor: palette.paper }}>
      {/* Other units: everything is drawn anew. */}
      <View key={JSON.stringify(measures)} style={{ flex: 1 }}>
        <Guard what="This page" on={[address]}>
          <Slot />
        </Guard>
        <UndoBar />
        <Shortcuts list={ShortcutSheet} />
        <AtTheDoor />
      </View>
      <PlacesBar />
    </View>
  );
}

/** The opening goes when Today has its visits, or when another page stands; whatever happens, it does not stay. */
const OPENING_AT_MOST_MS = 1500;

function useOpeningEnds(address: string): void {
  useEffect(() => {
    if (address !== '/') endOpening();
  }, [address]);
  useEffect(() => {
    const timer = setTimeout(endOpening, OPENING_AT_MOST_MS);
    return () => clearTimeout(timer);
  }, []);
}

/** Fonts that are on the phone are there by then; over a poor signal the page does not wait for them. */
const FONTS_WITHIN_MS = 150;

function useWaited(ms: number): boolean {
  // On a phone that has nothing of Huff yet they cannot be there.
  const [waited, setWaited] = useState(isNewHere);
  useEffect(() => {
    const timer = setTimeout(() => setWaited(true), ms);
    return () => clearTimeout(timer);
  }, [ms]);
  return waited;
}

export default function RootLayout() {
  const hasFonts = useFonts();
  useServiceWorker();
  useEffect(fetchPages, []);
  const waited = useWaited(FONTS_WITHIN_MS);
  if (!hasFonts && !waited) return null;
  return (
    <QueryClientProvider client={queryClient}>
      <ThemeChoice>
        <PaperRoot>
          <Places />
        </PaperRoot>
      </ThemeChoice>
    </QueryClientProvider>
  );
}
