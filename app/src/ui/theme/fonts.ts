import { FontDisplay } from 'expo-font';
import { AtkinsonHyperlegibleNext_400Regular } from '@expo-google-fonts/atkinson-hyperlegible-next/400Regular';
import { AtkinsonHyperlegibleNext_700Bold } from '@expo-google-fonts/atkinson-hyperlegible-next/700Bold';

/** The two weights that ship with the app; imported by their own paths so that no other weight comes along. */
// Over a poor signal the words stand at once in the phone's own font: nobody waits for letters.
const shown = (uri: number) => ({ uri, display: FontDisplay.SWAP });
export const FONT_FILES = {
  AtkinsonHyperlegibleNext_400Regular: shown(AtkinsonHyperlegibleNext_400Regular),
  AtkinsonHyperlegibleNext_700Bold: shown(AtkinsonHyperlegibleNext_700Bold),
};

export const REGULAR = 'AtkinsonHyperlegibleNext_400Regular';
export const BOLD = 'AtkinsonHyperlegibleNext_700Bold';

/** The least size of words on a drawing, px: read at arm’s length, in the sun. */
export const DRAWN_TEXT = 15;
