import type { useEarlierVisits } from '../../data/visits';
import { TextButton } from '../../ui/page';
import { Txt } from '../../ui/text';

interface EarlierProps {
  readonly begun: boolean;
  readonly earlier: ReturnType<typeof useEarlierVisits>;
  readonly onBegin: () => void;
}

/** The way back to visits of before the last days, a page at a time. */
export function Earlier({ begun, earlier, onBegin }: EarlierProps) {
  if (earlier.isFetching) return <Txt color="softInk">Loading earlier visits…</Txt>;
  if (earlier.isError) return <Txt color="softInk">Earlier visits are on the server. Try again with a signal.</Txt>;
  if (begun && !earlier.hasMore)
    return <Txt color="softInk">{earlier.visits.length > 0 ? 'No more visits.' : 'No earlier visit.'}</Txt>;
  return <TextButton onPress={begun ? earlier.more : onBegin}>Show earlier visits</TextButton>;
}
