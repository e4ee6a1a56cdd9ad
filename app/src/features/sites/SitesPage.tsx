import type { SiteDto, UnitDto } from '@huff/contract';
import { tonsText } from '@huff/core';
import { router } from 'expo-router';
import { memo, useCallback, useMemo, useState } from 'react';
import { Pressable, SectionList, View } from 'react-native';
import { blowerTables, sites, units as unitRecords, type Kept } from '../../data/records';
import { drafts, useDraft } from '../../data/visits';
import { Icon } from '../../ui/icons';
import { Page } from '../../ui/page';
import { Heading, Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';
import { MOTOR_TEXT } from '../check/motorText';
import { checkAt, isBegun } from '../check/newVisit';
import { AltitudeSheet, altitudeText } from './AltitudeSheet';

/** A site with its units. */
export interface SiteSection {
  readonly siteId: string;
  /** Absent while the site's own record has not come. */
  readonly site?: Kept<SiteDto>;
  readonly data: readonly UnitDto[];
}

/** Units under their sites, both by name. */
export function bySite(units: readonly UnitDto[], places: readonly Kept<SiteDto>[]): SiteSection[] {
  const known = new Map(places.map((site) => [site.record.id, site]));
  const grouped = new Map<string, UnitDto[]>();
  for (const unit of units) {
    const group = grouped.get(unit.siteId);
    if (group) group.push(unit);
    else grouped.set(unit.siteId, [unit]);
  }
  const nameOf = (section: SiteSection) => section.site?.record.name ?? '';
  return [...grouped]
    .map(([siteId, data]): SiteSection => ({
      siteId,
      site: known.get(siteId),
      data: data.sort((a, b) => a.name.localeCompare(b.name)),
    }))
    .sort((a, b) => nameOf(a).localeCompare(nameOf(b)));
}

/** Sites and their units: a touch starts a check with all that is known of the unit. */
export function SitesPage() {
  const { records: unitList, isError, isPending } = unitRecords.useList();
  const { records: tables } = blowerTables.useList();
  const { records: places } = sites.useList();
  const draft = useDraft();
  const [editing, setEditing] = useState<string>();
  const sections = useMemo(
    () =>
      bySite(
        unitList.map((kept) => kept.record),
        places,
      ),
    [unitList, places],
  );
  const start = useCallback(
    (unit: UnitDto) => {
      // A check already open at this unit goes on; one that is open elsewhere is saved as it stands.
      if (!(draft && draft.unitId === unit.id && isBegun(draft))) {
        const table = tables.find(({ record }) => record.id === unit.blowerTableId)?.record;
        const site = places.find(({ record }) => record.id === unit.siteId)?.record;
        drafts.open(checkAt(unit, table, site, new Date()));
      }
      router.push('/quick');
    },
    [draft, tables, places],
  );
  const head = draft && isBegun(draft) && (
    <Txt size={15} color="softInk" style={{ paddingBottom: 8 }}>
      A check is open at {draft.title}. Starting at another unit saves it as it stands.
    </Txt>
  );
  const none = !isPending && (
    <Txt color="softInk">
      {isError
        ? 'The units have not been read from the server yet. A quick check under Today works without them.'
        : 'No unit yet. Start with a quick check under Today.'}
    </Txt>
  );
  return (
    <Page title="Sites" under="Start a check at a known unit" panes>
      <SectionList
        style={{ flex: 1, maxWidth: 760 }}
        contentContainerStyle={{ paddingHorizontal: 16, paddingBottom: 24 }}
        sections={sections}
        keyExtractor={({ id }) => id}
        // Two thousand units are drawn as they come into sight.
        initialNumToRender={24}
        maxToRenderPerBatch={24}
        windowSize={5}
        stickySectionHeadersEnabled={false}
        ListHeaderComponent={head || null}
        ListEmptyComponent={none || null}
        renderSectionHeader={({ section }) => <SiteHead section={section} onAltitude={setEditing} />}
        renderItem={({ item }) => <UnitRow unit={item} onCheck={start} />}
      />
      <AltitudeSheet site={places.find(({ record }) => record.id === editing)} onClose={() => setEditing(undefined)} />
    </Page>
  );
}

interface SiteHeadProps {
  readonly section: SiteSection;
  readonly onAltitude: (siteId: string) => void;
}

const SiteHead = memo(function SiteHead({ section: { siteId, site }, onAltitude }: SiteHeadProps) {
  const name = site?.record.name ?? 'A site that is still to come';
  return (
    <View style={{ flexDirection: 'row', alignItems: 'center', paddingTop: 14 }}>
      <Heading size={16} style={{ flex: 1 }}>
        {name}
      </Heading>
      {site && (
        <Pressable
          role="button"
          aria-label={`Altitude of ${name}: ${altitudeText(site.record)}. Change`}
          onPress={() => onAltitude(siteId)}
          style={{ minHeight: 48, flexDirection: 'row', alignItems: 'center', gap: 6, paddingLeft: 12 }}
        >
          {(site.sending === 'refused' || site.sending === 'conflict') && <Icon name="alert-outline" size={20} />}
          <Txt size={14} color="softInk" figures>
            {altitudeText(site.record)}
          </Txt>
        </Pressable>
      )}
    </View>
  );
});

interface UnitRowProps {
  readonly unit: UnitDto;
  readonly onCheck: (unit: UnitDto) => void;
}

const UnitRow = memo(function UnitRow({ unit, onCheck }: UnitRowProps) {
  const palette = usePalette();
  const { name, tons, motor, tap } = unit;
  return (
    <Pressable
      role="button"
      aria-label={`Check ${name}`}
      onPress={() => onCheck(unit)}
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
        <Txt size={17}>{name}</Txt>
        <Txt size={14} color="softInk">
          {[tons ? `${tonsText(tons)} t` : null, MOTOR_TEXT[motor], tap ? `tap ${tap}` : null]
            .filter(Boolean)
            .join(' · ')}
        </Txt>
      </View>
      <Txt size={15} bold color="action">
        check
      </Txt>
      <Icon name="chevron-right" color={palette.action} />
    </Pressable>
  );
});
