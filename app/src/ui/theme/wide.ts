import { useWindowDimensions } from 'react-native';

/** From this width on, places are a left rail and pages use two panes. */
export const WIDE = 1000;

export const useIsWide = () => useWindowDimensions().width >= WIDE;
