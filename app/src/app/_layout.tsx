import 'reflect-metadata';
import { PersistQueryClientProvider } from '@tanstack/react-query-persist-client';
import { useFonts } from 'expo-font';
import { Slot } from 'expo-router';
import { useEffect } from 'react';
import { View } from 'react-native';
import { persistOptions, queryClient } from '../data/queryClient';
import '../data/records';
import { useServiceWorker } from '../data/serviceWorker';
import { fetchPages } from '../features/lazyPage';
import { PaperRoot, PlacesBar } from '../ui/page';
import { FONT_FILES, ThemeChoice, useIsWide, usePalette } from '../ui/theme';

/** Sends what was stored unsent in an earlier run, then reads everything anew. */
const onRestored = () => void queryClient.resumePausedMutations().then(() => queryClient.invalidateQueries());

function Places() {
  const wide = useIsWide();
  const palette = usePalette();
  return (
    <View style={{ flex: 1, flexDirection: wide ? 'row-reverse' : 'column', backgroundColor: palette.paper }}>
      <View style={{ flex: 1 }}>
        <Slot />
      </View>
      <PlacesBar />
    </View>
  );
}

export default function RootLayout() {
  const [loaded, failed] = useFonts(FONT_FILES);
  useServiceWorker();
  useEffect(fetchPages, []);
  if (!loaded && !failed) return null;
  return (
    <PersistQueryClientProvider client={queryClient} persistOptions={persistOptions} onSuccess={onRestored}>
      <ThemeChoice>
        <PaperRoot>
          <Places />
        </PaperRoot>
      </ThemeChoice>
    </PersistQueryClientProvider>
  );
}
