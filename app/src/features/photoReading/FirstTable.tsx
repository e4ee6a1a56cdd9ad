import type { PhotoTable } from '@huff/core/photo';
import { ScrollView, View } from 'react-native';
import { Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';

const CELL_WIDTH = 53;
const NAME_WIDTH = 84;

/** What the first reading made of a table, while its cells are read again: to see early whether it is the right one. */
export function FirstTable({ table }: { readonly table: PhotoTable }) {
  const palette = usePalette();
  const line = (name: string, texts: readonly string[], isHead: boolean) => (
    <View
      key={name}
      style={{
        flexDirection: 'row',
        borderBottomWidth: isHead ? 2 : 1,
        borderColor: isHead ? palette.ink : palette.line,
      }}
    >
      <Txt size={15} bold numberOfLines={1} style={{ width: NAME_WIDTH, paddingVertical: 6 }}>
        {name}
      </Txt>
      {texts.map((text, i) => (
        <Txt
          key={i}
          size={15}
          figures
          align="right"
          color={isHead ? 'softInk' : 'ink'}
          style={{ width: CELL_WIDTH, paddingVertical: 6 }}
        >
          {text === '' ? '·' : text}
        </Txt>
      ))}
    </View>
  );
  return (
    <ScrollView horizontal tabIndex={0} aria-label="First reading">
      <View>
        {line(
          table.isByRpm ? 'airflow' : 'tap',
          table.statics.map(({ printed }) => String(printed)),
          true,
        )}
        {table.rows.map(({ name, cells }, i) =>
          line(
            name || String(i + 1),
            cells.map(({ text }) => text),
            false,
          ),
        )}
      </View>
    </ScrollView>
  );
}
