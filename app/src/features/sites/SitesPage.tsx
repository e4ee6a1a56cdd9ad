import type { SiteDto, UnitDto } from '@huff/contract';
import { router, useLocalSearchParams } from 'expo-router';
import { memo, useDeferredValue, useMemo, useState, type ReactNode } from 'react';
import { FlatList, Pressable, SectionList, View } from 'react-native';
import { v4 as uuid } from 'uuid';
import { sites, units as unitRecords, type Kept } from '../../data/records';
import { SearchField } from '../../ui/form';
import { Icon } from '../../ui/icons';
import { ActionButton, Page, PageFoot, TextButton } from '../../ui/page';
import { Heading, Txt, yearDateText } from '../../ui/text';
import { usePalette } from '../../ui/theme';
import type { FoundPlace } from '../places/findPlaces';
import { UnitRow } from '../units/UnitRow';
import { SiteSheet } from './SiteSheet';
import { useFound } from './useFound';

/** A site with its units. */
export interface SiteSection {
  readonly siteId: string;
  /** Absent while the site's own record has not come. */
  readonly site?: Kept<SiteDto>;
  readonly data: readonly UnitDto[];
}

/** Units under their sites, both by name; sites without a unit among them. @param archived what is out of the lists, instead */
export function bySite(units: readonly UnitDto[], places: readonly Kept<SiteDto>[], archived = false): SiteSection[] {
  const known = new Map(places.map((site) => [site.record.id, site]));
  const isOut = (unit: UnitDto) => Boolean(unit.archivedAt ?? known.get(unit.siteId)?.record.archivedAt);
  const grouped = new Map<string, UnitDto[]>();
  for (const { record } of places) if (Boolean(record.archivedAt) === archived) grouped.set(record.id, []);
  for (const unit of units) {
    if (isOut(unit) !== archived) continue;
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

interface SitesPageProps {
  /** Beside it, where there is room, what is opened here is shown: the desk. */
  readonly desk?: {
    readonly unitId?: string;
    readonly onUnit: (unitId: string) => void;
    readonly onVisit: (visitId: string) => void;
    readonly around: (list: ReactNode) => ReactNode;
    readonly actions: ReactNode;
  };
}

/** Sites and their units, found as one types. */
export function SitesPage({ desk }: SitesPageProps) {
  const { find } = useLocalSearchParams<{ find?: string }>();
  const { records: unitList, isError, isPending } = unitRecords.useList();
  const { records: siteList } = sites.useList();
  const [sought, setSought] = useState('');
  const [archived, setArchived] = useState(false);
  const [making, setMaking] = useState<SiteDto>();
  const units = useMemo(() => unitList.map((kept) => kept.record), [unitList]);
  const places = useMemo(() => ({ sites: siteList.map((kept) => kept.record), units }), [siteList, units]);
  // Keys are followed at once; what is found comes in the next pass.
  const text = useDeferredValue(sought);
  const found = useFound(text);
  const sections = useMemo(() => bySite(units, siteList, archived), [units, siteList, archived]);
  const outCount = useMemo(
    () => units.filter((unit) => unit.archivedAt).length + places.sites.filter((site) => site.archivedAt).length,
    [units, places],
  );
  const none = !isPending && (
    <Txt color="softInk" style={{ paddingTop: 12 }}>
      {isError
        ? 'The units have not loaded yet. A quick check under Today works without them.'
        : archived
          ? 'Nothing is archived.'
          : 'No site yet. Add one here, or save a quick check as a unit.'}
    </Txt>
  );
  const foot = (
    <PageFoot>
      <ActionButton quiet onPress={() => setMaking({ id: uuid(), name: '' })}>
        Add a site
      </ActionButton>
    </PageFoot>
  );
  const many = units.length + siteList.length > 4;
  const list = (
    <View style={{ flex: 1, maxWidth: 760 }}>
      {many && (
        <View style={{ marginHorizontal: 16, marginBottom: 8 }}>
          <SearchField
            label="Find anything"
            value={sought}
            onChange={setSought}
            autoFocus={find !== undefined}
            key={find}
          />
        </View>
      )}
      {sought.trim() !== '' ? (
        <Found found={found} text={text} desk={desk} />
      ) : (
        <SectionList
          style={{ flex: 1 }}
          contentContainerStyle={{ paddingHorizontal: 16, paddingBottom: 24 }}
          sections={sections}
          keyExtractor={({ id }) => id}
          // Two thousand units are drawn as they come into sight.
          initialNumToRender={24}
          maxToRenderPerBatch={24}
          windowSize={5}
          stickySectionHeadersEnabled={false}
          ListEmptyComponent={none || null}
          ListFooterComponent={
            outCount > 0 || archived ? (
              <TextButton onPress={() => setArchived(!archived)}>
                {archived ? 'Show active' : `Archived: ${outCount}`}
              </TextButton>
            ) : null
          }
          renderSectionHeader={({ section }) => <SiteHead section={section} />}
          renderItem={({ item }) => (
            <UnitRow unit={item} onOpen={desk?.onUnit} isOpen={desk !== undefined && item.id === desk.unitId} />
          )}
        />
      )}
    </View>
  );
  return (
    <Page title="Sites" under="Sites and their units" foot={desk ? undefined : foot} actions={desk?.actions} panes>
      {desk
        ? desk.around(
            <>
              {list}
              {foot}
            </>,
          )
        : list}
      <SiteSheet
        site={making}
        title="Add a site"
        others={places.sites}
        onKeep={(site) => {
          sites.create(site);
          setMaking(undefined);
          router.push(`/sites/${site.id}`);
        }}
        onClose={() => setMaking(undefined)}
      />
    </Page>
  );
}

interface FoundProps extends SitesPageProps {
  readonly found: readonly FoundPlace[];
  readonly text: string;
}

function Found({ found, text, desk }: FoundProps) {
  return (
    <FlatList
      style={{ flex: 1 }}
      contentContainerStyle={{ paddingHorizontal: 16, paddingBottom: 24 }}
      data={found}
      keyExtractor={({ of, id }) => `${of} ${id}`}
      ListEmptyComponent={<Txt color="softInk">No match for “{text.trim()}”.</Txt>}
      renderItem={({ item }) => <FoundRow place={item} desk={desk} />}
    />
  );
}

const ADDRESS: Readonly<Record<FoundPlace['of'], (id: string) => string>> = {
  site: (id) => `/sites/${id}`,
  unit: (id) => `/units/${id}`,
  visit: (id) => `/visits/${id}`,
  part: () => '/settings/stock',
};

function FoundRow({
  place: { of, id, name, siteName, words, at },
  desk,
}: SitesPageProps & { readonly place: FoundPlace }) {
  const palette = usePalette();
  const under = {
    site: 'site',
    unit: siteName ?? 'unit',
    visit: [at && `visit of ${yearDateText(at)}`, words].filter(Boolean).join(': '),
    part: 'part on the truck',
  }[of];
  return (
    <Pressable
      role="button"
      onPress={() => {
        if (desk && of === 'unit') desk.onUnit(id);
        else if (desk && of === 'visit') desk.onVisit(id);
        else router.push(ADDRESS[of](id));
      }}
      style={{ minHeight: 58, justifyContent: 'center', borderTopWidth: 1, borderColor: palette.line }}
    >
      <Txt size={17} bold={of === 'site'}>
        {name}
      </Txt>
      <Txt size={14} color="softInk">
        {under}
      </Txt>
    </Pressable>
  );
}

const SiteHead = memo(function SiteHead({ section: { siteId, site } }: { readonly section: SiteSection }) {
  const palette = usePalette();
  const name = site?.record.name ?? 'A site not synced yet';
  const told = site?.record.address ?? undefined;
  return (
    <Pressable
      role="button"
      aria-label={`Site ${name}`}
      disabled={!site}
      onPress={() => router.push(`/sites/${siteId}`)}
      style={{ flexDirection: 'row', alignItems: 'center', paddingTop: 14, minHeight: 56, gap: 8 }}
    >
      <View style={{ flex: 1 }}>
        <Heading size={17}>{name}</Heading>
        {told !== undefined && (
          <Txt size={14} color="softInk" numberOfLines={1}>
            {told}
          </Txt>
        )}
      </View>
      {site && site.sending !== 'sent' && site.sending !== 'waiting' && <Icon name="alert-outline" size={20} />}
      {site && <Icon name="chevron-right" size={20} color={palette.softInk} />}
    </Pressable>
  );
});
