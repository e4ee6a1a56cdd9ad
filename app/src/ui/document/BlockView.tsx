import { VERDICT_TEXT } from '@huff/core';
import { SIGNATURE_SIDE, signaturePath, strokesOf } from '@huff/core/call';
import { figureBar, type Block, type OwnerFigure } from '@huff/paper';
import { Image, View } from 'react-native';
import Svg, { Path } from 'react-native-svg';
import { VerdictMark } from '../marks';
import { Heading, Txt } from '../text';
import { usePalette } from '../theme';
import { PaperDrawing } from './PaperDrawing';

interface BlockViewProps {
  readonly block: Block;
  readonly width: number;
  /** Where a photo is fetched from. */
  readonly photoUrl?: (id: string) => string;
}

/** A block of a document on the screen. The technician's photos are on paper alone: the stations show them here. */
export function BlockView({ block, width, photoUrl }: BlockViewProps) {
  switch (block.kind) {
    case 'heading':
      return <Heading size={17}>{block.text}</Heading>;
    case 'text':
      return <Txt color={block.soft ? 'softInk' : 'ink'}>{block.text}</Txt>;
    case 'list':
      return (
        <View style={{ gap: 4 }}>
          {block.items.map((item) => (
            <Txt key={item}>{`· ${item}`}</Txt>
          ))}
        </View>
      );
    case 'figures':
      return (
        <View>
          {block.rows.map((row) => (
            <FigureRow key={row.name} row={row} width={width} />
          ))}
        </View>
      );
    case 'drawing':
      return (
        <View style={{ backgroundColor: '#FFFFFF', padding: 8, borderRadius: 6 }}>
          <PaperDrawing drawing={block.drawing} width={width - 16} />
        </View>
      );
    case 'mark':
      return <MarkView block={block} />;
    case 'table':
      return <TableView block={block} />;
    case 'verdict':
      return (
        <View style={{ gap: 2 }}>
          <View style={{ flexDirection: 'row', gap: 8, alignItems: 'center' }}>
            <VerdictMark word={block.word} size={18} />
            <Txt bold style={{ flex: 1 }}>{`${block.name}: ${block.text}`}</Txt>
          </View>
          {block.lines.map((line) => (
            <Txt key={line} size={14} color="softInk">
              {line}
            </Txt>
          ))}
        </View>
      );
    case 'photoRow':
      return <PhotoRow block={block} photoUrl={photoUrl} />;
    case 'photo':
    case 'link':
      return null;
  }
}

/** A figure of the owner's page: before, now, its verdict, and a bar where it is known what is right. */
function FigureRow({ row, width }: { readonly row: OwnerFigure; readonly width: number }) {
  const palette = usePalette();
  const { name, under, before, now, word } = row;
  const bar = figureBar(row, width);
  return (
    <View style={{ borderTopWidth: 1, borderColor: palette.line, paddingVertical: 8, gap: 6 }}>
      <View
        accessible
        aria-label={`${name}: ${before === undefined ? '' : `${before} before, `}${now} ${under}. ${VERDICT_TEXT[word]}`}
        style={{ flexDirection: 'row', alignItems: 'center', gap: 8 }}
      >
        <View style={{ flex: 1 }}>
          <Txt>{name}</Txt>
          <Txt size={14} color="softInk" figures>
            {under}
          </Txt>
        </View>
        {before !== undefined && <Txt size={17} color="softInk" figures>{`${before} →`}</Txt>}
        <Txt size={24} bold figures>
          {now}
        </Txt>
        <VerdictMark word={word} size={20} />
      </View>
      {bar && <PaperDrawing drawing={bar} width={width} />}
    </View>
  );
}

interface PhotoRowProps {
  readonly block: Extract<Block, { kind: 'photoRow' }>;
  readonly photoUrl?: (id: string) => string;
}

/** What the owner is shown of what was found. */
function PhotoRow({ block, photoUrl }: PhotoRowProps) {
  if (!photoUrl) return null;
  return (
    <View style={{ flexDirection: 'row', gap: 8 }}>
      {block.photos.map(({ id, caption }) => (
        <View key={id} style={{ flex: 1, maxWidth: 200, gap: 4 }}>
          <Image
            source={{ uri: photoUrl(id) }}
            accessibilityLabel={caption}
            resizeMode="cover"
            style={{ width: '100%', height: 96, borderRadius: 6 }}
          />
          <Txt size={14} color="softInk">
            {caption}
          </Txt>
        </View>
      ))}
    </View>
  );
}

/** To whom it was handed over, with what was signed. */
function MarkView({ block }: { readonly block: Extract<Block, { kind: 'mark' }> }) {
  const palette = usePalette();
  const strokes = block.signature === undefined ? undefined : strokesOf(block.signature);
  const side = SIGNATURE_SIDE;
  return (
    <View style={{ gap: 4 }}>
      <Txt>{`Report received${block.name === undefined ? '' : ` by ${block.name}`}.`}</Txt>
      {strokes && (
        <Svg width={180} height={60} viewBox={`0 0 ${side} ${side / 3}`} role="img" aria-label="signed">
          <Path d={signaturePath(strokes, side, side / 3)} fill="none" stroke={palette.ink} strokeWidth={8} />
        </Svg>
      )}
    </View>
  );
}

/** A table with its columns in line, figures at the right. */
function TableView({ block: { head, rows, figures, shares } }: { readonly block: Extract<Block, { kind: 'table' }> }) {
  const palette = usePalette();
  const line = (cells: readonly string[], key: string, isHead: boolean) => (
    <View
      key={key}
      role="row"
      style={{ flexDirection: 'row', gap: 8, borderTopWidth: 1, borderColor: palette.line, paddingVertical: 5 }}
    >
      {cells.map((text, i) => (
        <View key={`${key} ${head[i] ?? i}`} role={isHead ? 'columnheader' : 'cell'} style={{ flex: shares?.[i] ?? 1 }}>
          <Txt
            size={isHead ? 14 : 15}
            color={isHead ? 'softInk' : 'ink'}
            figures
            align={figures?.includes(i) ? 'right' : undefined}
          >
            {text}
          </Txt>
        </View>
      ))}
    </View>
  );
  return (
    <View role="table">
      {head.length > 0 && line(head, 'head', true)}
      {rows.map((row, i) => line(row, `${i} ${row[0] ?? ''}`, false))}
    </View>
  );
}
