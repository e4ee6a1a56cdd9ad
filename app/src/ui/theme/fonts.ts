import { AtkinsonHyperlegibleNext_400Regular } from '@expo-google-fonts/atkinson-hyperlegible-next/400Regular';
import { AtkinsonHyperlegibleNext_700Bold } from '@expo-google-fonts/atkinson-hyperlegible-next/700Bold';
import { Asset } from 'expo-asset';
import { useEffect, useState } from 'react';

export const REGULAR = 'AtkinsonHyperlegibleNext_400Regular';
export const BOLD = 'AtkinsonHyperlegibleNext_700Bold';

/** The two weights that ship with the app; imported by their own paths so that no other weight comes along. */
const FILES = [
  [REGULAR, AtkinsonHyperlegibleNext_400Regular],
  [BOLD, AtkinsonHyperlegibleNext_700Bold],
] as const;

let loading: Promise<unknown> | undefined;

/** Fetches the fonts, once. By the browser's own interface: a style written into the page would have to be let through for every other one. */
function loadFonts(): Promise<unknown> {
  if (typeof FontFace === 'undefined') return Promise.resolve();
  return (loading ??= Promise.all(
    FILES.map(([family, file]) => {
      // Over a poor signal the words stand at once in the phone's own font: nobody waits for letters.
      const face = new FontFace(family, `url(${JSON.stringify(Asset.fromModule(file).uri)})`, { display: 'swap' });
      document.fonts.add(face);
      return face.load();
    }),
  ));
}

/** Whether the fonts are there, or cannot be had. */
export function useFonts(): boolean {
  const [isDone, setDone] = useState(false);
  useEffect(() => {
    const done = () => setDone(true);
    loadFonts().then(done, done);
  }, []);
  return isDone;
}

/** The least size of words on a drawing, px: read at arm’s length, in the sun. */
export const DRAWN_TEXT = 15;
