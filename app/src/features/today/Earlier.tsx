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
  if (earlier.isFetching) return <Txt color="softInk">Reading earlier visits.</Txt>;
  if (earlier.isError)
    return (
      <Txt color="softInk">Earlier visits are at the server, and it does not answer. Try again with a signal.</Txt>
    );
  if (begun && !earlier.hasMore)
    return <Txt color="softInk">{earlier.visits.length > 0 ? 'That is all.' : 'No earlier visit.'}</Txt>;
  return <TextButton onPress={begun ? earlier.more : onBegin}>Earlier visits</TextButton>;
}
