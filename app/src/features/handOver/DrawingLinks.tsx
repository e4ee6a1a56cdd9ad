import type { Drawing, VisitDocument } from '@huff/paper';
import { View } from 'react-native';
import { pngOf, saveBlob, saveFile } from '../../data/saveFile';
import { TextButton } from '../../ui/page';
import { Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';

/** The drawings of the technician’s pages, each under the heading it stands under. */
function drawingsOf({ technician }: VisitDocument): readonly (readonly [name: string, drawing: Drawing])[] {
  return technician.flatMap((block, i) => {
    const before = technician[i - 1];
    return block.kind === 'drawing' ? [[before?.kind === 'heading' ? before.text : 'Drawing', block.drawing]] : [];
  });
}

const fileName = (name: string) => `huff-${name.toLowerCase().replace(/[^a-z]+/g, '-')}`;

/** Each drawing of the visit as SVG or PNG, made here. */
export function DrawingLinks({ document }: { readonly document: VisitDocument }) {
  const palette = usePalette();
  return (
    <View>
      {drawingsOf(document).map(([name, drawing]) => (
        <View
          key={name}
          style={{
            flexDirection: 'row',
            alignItems: 'center',
            columnGap: 24,
            borderTopWidth: 1,
            borderColor: palette.line,
          }}
        >
          <Txt style={{ flex: 1 }}>{name}</Txt>
          <TextButton onPress={() => saveFile(`${fileName(name)}.svg`, 'image/svg+xml', drawing.markup)}>
            SVG
          </TextButton>
          <TextButton
            onPress={() =>
              void pngOf(drawing).then(
                (blob) => saveBlob(`${fileName(name)}.png`, blob),
                () => saveFile(`${fileName(name)}.svg`, 'image/svg+xml', drawing.markup),
              )
            }
          >
            PNG
          </TextButton>
        </View>
      ))}
    </View>
  );
}
