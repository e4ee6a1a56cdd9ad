import { LIMITS, type SiteDto, type UnitDto, type VisitDto } from '@huff/contract';
import { splitTitle } from '@huff/contract/spine';
import { useMemo, useState } from 'react';
import { Pressable, View } from 'react-native';
import { TextInput } from 'react-native-paper';
import { v4 as uuid } from 'uuid';
import { sites, units } from '../../data/records';
import { ActionButton } from '../../ui/page';
import { Sheet } from '../../ui/sheet';
import { Heading, Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';
import { findPlaces } from '../places/findPlaces';
import { unitFrom } from './learnt';

interface KeepAsUnitProps {
  readonly open: boolean;
  readonly visit: VisitDto;
  readonly onVisit: (visit: VisitDto) => void;
  readonly onClose: () => void;
}

/** Makes a quick check the visit of a unit: one that is known, or a new one at a site that is known or new. */
export function KeepAsUnit(props: KeepAsUnitProps) {
  return (
    <Sheet open={props.open} onClose={props.onClose} title="Save as unit">
      {props.open && <Body {...props} />}
    </Sheet>
  );
}

const same = (a: string, b: string) => a.trim().toLowerCase() === b.trim().toLowerCase();

function Body({ visit, onVisit, onClose }: KeepAsUnitProps) {
  const { records: siteList } = sites.useList();
  const { records: unitList } = units.useList();
  // A check at a known address is kept there.
  const [siteName, setSiteName] = useState(splitTitle(visit.title).site ?? '');
  const [unitName, setUnitName] = useState('');
  const [sure, setSure] = useState(false);
  const places = useMemo(
    () => ({
      sites: siteList.map((kept) => kept.record),
      units: unitList.map((kept) => kept.record),
    }),
    [siteList, unitList],
  );
  const found = useMemo(() => findPlaces(places, siteName).slice(0, 5), [places, siteName]);
  const site = places.sites.find((one) => !one.archivedAt && same(one.name, siteName));
  const there = site ? places.units.filter((one) => one.siteId === site.id && !one.archivedAt) : [];
  const twin = there.find((one) => same(one.name, unitName));
  const { max } = LIMITS.nameLength;
  const lacks =
    siteName.trim() === ''
      ? 'Enter the site.'
      : unitName.trim() === ''
        ? 'Enter the unit: location or tag.'
        : undefined;
  const join = (unit: UnitDto, at: SiteDto | undefined) => {
    onVisit({ ...visit, unitId: unit.id, title: at ? `${at.name}, ${unit.name}` : unit.name });
    onClose();
  };
  const keep = () => {
    if (lacks) return setSure(true);
    if (twin && !sure) return setSure(true);
    const at: SiteDto = site ?? {
      id: uuid(),
      name: siteName.trim(),
      altitudeFt: visit.setup?.altitudeFt ?? null,
    };
    if (!site) sites.create(at);
    const unit = unitFrom(visit, { id: uuid(), siteId: at.id, name: unitName.trim() });
    units.create(unit);
    join(unit, at);
  };
  return (
    <View style={{ gap: 10 }}>
      <TextInput
        mode="outlined"
        label="Site"
        accessibilityLabel="Site"
        value={siteName}
        maxLength={max}
        onChangeText={setSiteName}
      />
      {!site &&
        found.map((place) => (
          <PlaceRow
            key={place.id}
            name={place.name}
            under={place.of === 'unit' ? `unit at ${place.siteName ?? 'a site'}. This visit belongs to it` : 'site'}
            onPress={() => {
              if (place.of === 'site') return setSiteName(place.name);
              const unit = places.units.find((one) => one.id === place.id)!;
              join(
                unit,
                places.sites.find((one) => one.id === unit.siteId),
              );
            }}
          />
        ))}
      {site && there.length > 0 && (
        <View>
          <Heading size={15} color="softInk">
            Units there: touch the right one
          </Heading>
          {there.map((unit) => (
            <PlaceRow key={unit.id} name={unit.name} onPress={() => join(unit, site)} />
          ))}
        </View>
      )}
      <TextInput
        mode="outlined"
        label="Unit"
        accessibilityLabel="Unit"
        value={unitName}
        maxLength={max}
        onChangeText={(text) => {
          setUnitName(text);
          setSure(false);
        }}
      />
      {sure && (lacks ?? twin) && (
        <Txt role="alert" size={15}>
          {lacks ??
            `There is a unit ${twin!.name} at this site already. Touch it above, or save a second one with this name.`}
        </Txt>
      )}
      <ActionButton onPress={keep} aside={site ? undefined : siteName.trim() ? 'a new site' : undefined}>
        {twin && sure ? 'Save second unit' : 'Save new unit'}
      </ActionButton>
    </View>
  );
}

function PlaceRow({
  name,
  under,
  onPress,
}: {
  readonly name: string;
  readonly under?: string;
  readonly onPress: () => void;
}) {
  const palette = usePalette();
  return (
    <Pressable
      role="button"
      onPress={onPress}
      style={{ minHeight: 48, justifyContent: 'center', borderTopWidth: 1, borderColor: palette.line }}
    >
      <Txt>{name}</Txt>
      {under !== undefined && (
        <Txt size={14} color="softInk">
          {under}
        </Txt>
      )}
    </Pressable>
  );
}
