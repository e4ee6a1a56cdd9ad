import type { CsvFault } from '@huff/contract/csv';
import { View } from 'react-native';
import { Heading, Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';

const SHOWN = 12;

const placeOf = ({ line, column }: CsvFault) =>
  [line && `line ${line}`, column && `column ${column}`].filter(Boolean).join(', ');

/** What keeps a file from being read, by line and column. */
export function FaultList({ faults }: { readonly faults: readonly CsvFault[] }) {
  const palette = usePalette();
  const more = faults.length - SHOWN;
  return (
    <View role="alert" style={{ backgroundColor: palette.outside, borderRadius: 6, padding: 14, gap: 10 }}>
      <Heading size={17}>
        {faults.length === 1 ? 'One thing to correct' : `${faults.length} things to correct`}, then read it again
      </Heading>
      {faults.slice(0, SHOWN).map((fault, i) => (
        <View key={i}>
          {placeOf(fault) !== '' && (
            <Txt size={15} bold figures>
              {placeOf(fault)}
              {fault.found ? `: “${fault.found.slice(0, 24)}”` : ''}
            </Txt>
          )}
          <Txt size={15}>{fault.message}</Txt>
        </View>
      ))}
      {more > 0 && <Txt size={15}>and {more} more.</Txt>}
    </View>
  );
}
