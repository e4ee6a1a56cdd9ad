import { svgOf, type Drawing, type VisitDocument } from '@huff/paper';
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
  return (
    <View>
      {drawingsOf(document).map(([name, drawing]) => (
        <DrawingRow key={name} name={name} drawing={drawing} />
      ))}
    </View>
  );
}

function DrawingRow({ name, drawing }: { readonly name: string; readonly drawing: Drawing }) {
  const palette = usePalette();
  const saveSvg = () => saveFile(`${fileName(name)}.svg`, 'image/svg+xml', svgOf(drawing));
  const savePng = () =>
    void pngOf({ ...drawing, markup: svgOf(drawing) }).then(
      (blob) => saveBlob(`${fileName(name)}.png`, blob),
      // A browser that makes no pictures still has the drawing.
      saveSvg,
    );
  return (
    <View
      style={{
        flexDirection: 'row',
        alignItems: 'center',
        columnGap: 24,
        borderTopWidth: 1,
        borderColor: palette.line,
      }}
    >
      <Txt style={{ flex: 1 }}>{name}</Txt>
      <TextButton onPress={saveSvg}>SVG</TextButton>
      <TextButton onPress={savePng}>PNG</TextButton>
    </View>
  );
}
