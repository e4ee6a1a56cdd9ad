import { UNIT_PHOTO_ITEMS, type BlowerTableDto, type UnitDto } from '@huff/contract';
import { typedOf } from '@huff/contract/spine';
import { LAYOUTS, PLATE_FORM, staticWords, toolFigure, toolText } from '@huff/core';
import { View } from 'react-native';
import { useUnitPhotos } from '../../data/visits';
import { ListSection } from '../../ui/list';
import { Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';
import { lineOf } from './UnitNameSheet';
import { filterWords } from '../equipment/filterWords';
import { PhotoRow } from '../photos/PhotoRow';

interface UnitDetailsProps {
  readonly unit: UnitDto;
  readonly table?: BlowerTableDto;
  readonly onTell: () => void;
}

/** What stands on the plate, in the order of its form. */
function plateLines(plate: UnitDto['plate']): [string, string][] {
  return Object.entries(PLATE_FORM.fields).flatMap(([id, field]): [string, string][] => {
    const value = plate?.[id];
    if (value === undefined || value === null) return [];
    if (field.kind === 'choice')
      return [[field.label, field.options.find((option) => option.id === value)?.text ?? '']];
    if (field.kind === 'number' && typeof value === 'number') return [[field.label, toolText(value, field.unit)]];
    if (field.kind === 'list' && Array.isArray(value))
      return [[field.label, value.map((one: number) => toolFigure(one, field.unit)).join(', ')]];
    return typeof value === 'string' ? [[field.label, value]] : [];
  });
}

/** What a unit is, as far as it was said. */
export function UnitDetails({ unit, table, onTell }: UnitDetailsProps) {
  const palette = usePalette();
  const photos = useUnitPhotos(unit.id).filter(({ item }) => UNIT_PHOTO_ITEMS.some((one) => one === item));
  const saidLayout = !(unit.setup?.unsaid ?? []).includes('layout');
  const lines: [string, string][] = [
    ...(saidLayout ? [['Air path', LAYOUTS[unit.layout].name] as [string, string]] : []),
    ...(table ? [['Blower table', table.name] as [string, string]] : []),
    ...(unit.maxTespInWc ? [['Nameplate max static', staticWords(unit.maxTespInWc)] as [string, string]] : []),
    ...(filterWords(unit.setup) ? [['Filter', filterWords(unit.setup)!] as [string, string]] : []),
    ...plateLines(unit.plate),
    ...(unit.neededHours ? [['Hours in use', unit.neededHours.replace('-', '–')] as [string, string]] : []),
    ...typedOf('unit').flatMap(([field, label]): [string, string][] => {
      const said = lineOf(unit, field);
      return said === '' ? [] : [[label, said]];
    }),
  ];
  return (
    <ListSection title="Equipment" add="Change" onAdd={onTell}>
      {lines.map(([name, value]) => (
        <View
          key={name}
          style={{
            flexDirection: 'row',
            justifyContent: 'space-between',
            gap: 12,
            borderTopWidth: 1,
            borderColor: palette.line,
            paddingVertical: 8,
          }}
        >
          <Txt color="softInk">{name}</Txt>
          <Txt figures align="right" style={{ flexShrink: 1 }}>
            {value}
          </Txt>
        </View>
      ))}
      {lines.length === 0 && (
        <Txt color="softInk">No equipment data yet. Touch Change to enter it, or enter it at the first visit.</Txt>
      )}
      {photos.length > 0 && (
        <View style={{ paddingTop: 10 }}>
          <PhotoRow label="Unit photos" photos={photos} nameOf={({ item }) => `Photo: ${item}`} side={96} />
        </View>
      )}
    </ListSection>
  );
}
