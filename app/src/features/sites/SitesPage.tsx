import type { UnitDto } from '@huff/contract';
import { tonsText } from '@huff/core';
import { router } from 'expo-router';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { useDraft } from '../../data/draft';
import { blowerTables, sites, units as unitRecords, visits } from '../../data/records';
import { Icon } from '../../ui/icons';
import { Page } from '../../ui/page';
import { Heading, Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';
import { MOTOR_TEXT } from '../check/motorText';
import { checkAt, isBegun } from '../check/newVisit';
import { AltitudeSheet, altitudeText } from './AltitudeSheet';

/** Units by site, in the order given. */
export function bySite(units: readonly UnitDto[]): [string, UnitDto[]][] {
  const sites = new Map<string, UnitDto[]>();
  for (const unit of units) sites.set(unit.siteName, [...(sites.get(unit.siteName) ?? []), unit]);
  return [...sites];
}

/** Sites and their units: a touch starts a check with all that is known of the unit. */
export function SitesPage() {
  const palette = usePalette();
  const { records: unitList, isError } = unitRecords.useList();
  const units = unitList.map((k) => k.record);
  const tables = blowerTables.useList().records.map((k) => k.record);
  const places = sites.useList().records.map((k) => k.record);
  const { draft, keep } = useDraft();
  const { mutate: save } = visits.useSave();
  const [editing, setEditing] = useState<string>();
  const start = (unit: UnitDto) => {
    // A check already open at this unit goes on; nothing read is thrown away.
    const open = draft && draft.unitId === unit.id && isBegun(draft);
    if (!open) {
      // What was read elsewhere is saved as it stands: nothing read is ever thrown away.
      if (draft && isBegun(draft)) save({ ...draft, savedAt: new Date().toISOString() });
      keep(
        checkAt(
          unit,
          tables.find((t) => t.id === unit.blowerTableId),
          places.find((place) => place.name === unit.siteName),
          new Date(),
        ),
      );
    }
    router.push('/quick');
  };
  const other = draft && isBegun(draft);
  return (
    <Page title="Sites" under="Start a check at a known unit">
      <View style={{ paddingHorizontal: 16, gap: 14 }}>
        {other && (
          <Txt size={15} color="softInk">
            A check is open at {draft.title}. Starting at another unit saves it as it stands.
          </Txt>
        )}
        {bySite(units).map(([site, list]) => (
          <View key={site}>
            <View style={{ flexDirection: 'row', alignItems: 'center' }}>
              <Heading size={16} style={{ flex: 1 }}>
                {site}
              </Heading>
              <Pressable
                role="button"
                aria-label={`Altitude of ${site}: ${altitudeText(places, site)}. Change`}
                onPress={() => setEditing(site)}
                style={{ minHeight: 48, justifyContent: 'center', paddingLeft: 12 }}
              >
                <Txt size={14} color="softInk" figures>
                  {altitudeText(places, site)}
                </Txt>
              </Pressable>
            </View>
            {list.map((unit) => (
              <Pressable
                key={unit.id}
                role="button"
                aria-label={`Check ${unit.name}`}
                onPress={() => start(unit)}
                style={{
                  minHeight: 62,
                  borderTopWidth: 1,
                  borderColor: palette.line,
                  flexDirection: 'row',
                  alignItems: 'center',
                  gap: 10,
                }}
              >
                <View style={{ flex: 1 }}>
                  <Txt size={17}>{unit.name}</Txt>
                  <Txt size={14} color="softInk">
                    {[
                      unit.tons ? `${tonsText(unit.tons)} t` : null,
                      MOTOR_TEXT[unit.motor],
                      unit.tap ? `tap ${unit.tap}` : null,
                    ]
                      .filter(Boolean)
                      .join(' · ')}
                  </Txt>
                </View>
                <Txt size={15} bold color="action">
                  check
                </Txt>
                <Icon name="chevron-right" color={palette.action} />
              </Pressable>
            ))}
          </View>
        ))}
        {units.length === 0 && (
          <Txt color="softInk">
            {isError
              ? 'The units have not been read from the server yet. A quick check under Today works without them.'
              : 'No unit yet. Start with a quick check under Today.'}
          </Txt>
        )}
      </View>
      <AltitudeSheet site={editing} places={places} onClose={() => setEditing(undefined)} />
    </Page>
  );
}
