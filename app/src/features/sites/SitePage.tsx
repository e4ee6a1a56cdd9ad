import { type ErasedCounts, LIMITS, may, type SiteDto, type UnitDto } from '@huff/contract';
import { shownWords } from '@huff/core';
import { router, useLocalSearchParams } from 'expo-router';
import { useState } from 'react';
import { Linking, View } from 'react-native';
import { TextInput } from 'react-native-paper';
import { v4 as uuid } from 'uuid';
import { sites, units as unitRecords, type Kept } from '../../data/records';
import { useSession } from '../../data/session';
import { useRules } from '../../data/useRules';
import { ListSection } from '../../ui/list';
import { ActionButton, Page, PageFoot, TextButton } from '../../ui/page';
import { Sheet } from '../../ui/sheet';
import { Txt } from '../../ui/text';
import { UnitRow } from '../units/UnitRow';
import { siteTarget } from '../visitState/newVisit';
import { ErasedPage, EraseSite } from './EraseSite';
import { SiteSheet } from './SiteSheet';

/** A site: how one gets in, who is there, its units. */
export function SitePage() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const { records, isPending } = sites.useList();
  const kept = records.find(({ record }) => record.id === id);
  const [erased, setErased] = useState<{ readonly name: string; readonly counts: ErasedCounts }>();
  if (erased) return <ErasedPage {...erased} />;
  if (!kept)
    return (
      <Page title="Site" back="/sites">
        <View style={{ padding: 16 }}>
          <Txt>{isPending ? 'Loading site…' : 'No such site on this phone.'}</Txt>
        </View>
      </Page>
    );
  return (
    <Site
      kept={kept}
      others={records.map(({ record }) => record).filter((one) => one.id !== id)}
      onErased={(counts) => setErased({ name: kept.record.name, counts })}
    />
  );
}

const lines = (site: SiteDto): [string, string][] =>
  (
    [
      ['Address', site.address],
      ['Access', site.accessNotes],
      ['Contact', [site.contact, site.phone, site.email].filter(Boolean).join(', ')],
      ['Altitude', site.altitudeFt == null ? null : shownWords(site.altitudeFt, 'ft')],
      ['Climate', site.climate],
    ] as const
  ).flatMap(([name, value]) => (value ? [[name, value] as [string, string]] : []));

interface SiteProps {
  readonly kept: Kept<SiteDto>;
  readonly others: readonly SiteDto[];
  readonly onErased: (counts: ErasedCounts) => void;
}

function Site({ kept, others, onErased }: SiteProps) {
  const site = kept.record;
  const { records: unitList } = unitRecords.useList();
  const [changing, setChanging] = useState(false);
  const [adding, setAdding] = useState(false);
  const [erasing, setErasing] = useState(false);
  const { session } = useSession();
  const mayErase = session?.person != null && may(session.person.role, 'erase');
  const here = unitList
    .map(({ record }) => record)
    .filter((unit) => unit.siteId === site.id)
    .sort((a, b) => a.name.localeCompare(b.name));
  const live = here.filter((unit) => !unit.archivedAt);
  const out = here.filter((unit) => unit.archivedAt);
  const archive = () =>
    sites.change(
      kept,
      { ...site, archivedAt: site.archivedAt ? null : new Date().toISOString() },
      site.archivedAt ? `${site.name} is back.` : `${site.name} is archived.`,
    );
  const foot = (
    <PageFoot>
      <ActionButton onPress={() => setAdding(true)}>Add a unit</ActionButton>
    </PageFoot>
  );
  return (
    <Page
      title={site.name}
      under={site.archivedAt ? 'archived' : `${live.length} ${live.length === 1 ? 'unit' : 'units'}`}
      back="/sites"
      foot={foot}
    >
      <View style={{ paddingHorizontal: 16, gap: 12 }}>
        {lines(site).map(([name, value]) => (
          <View key={name}>
            <Txt size={14} color="softInk">
              {name}
            </Txt>
            <Txt>{value}</Txt>
          </View>
        ))}
        <View style={{ flexDirection: 'row', columnGap: 24, flexWrap: 'wrap' }}>
          <TextButton onPress={() => setChanging(true)}>
            {lines(site).length > 0 ? 'Change' : 'Add address and access'}
          </TextButton>
          {live.length > 1 && <TextButton onPress={() => router.push(`/sites/${site.id}/roof`)}>Roof sheet</TextButton>}
          <TextButton onPress={() => void Linking.openURL(`/api/sites/${site.id}/bundle?photos=yes`)}>
            Export site
          </TextButton>
          <TextButton onPress={archive}>{site.archivedAt ? 'Restore' : 'Archive'}</TextButton>
          {mayErase && <TextButton onPress={() => setErasing(true)}>Erase…</TextButton>}
        </View>
        <ListSection title="Units">
          {live.map((unit) => (
            <UnitRow key={unit.id} unit={unit} />
          ))}
          {live.length === 0 && <Txt color="softInk">No unit here yet.</Txt>}
        </ListSection>
        {out.length > 0 && (
          <ListSection title="Archived">
            {out.map((unit) => (
              <UnitRow key={unit.id} unit={unit} />
            ))}
          </ListSection>
        )}
      </View>
      <SiteSheet
        site={changing ? site : undefined}
        title={site.name}
        others={others}
        onKeep={(next) => {
          sites.change(kept, next, `${next.name} changed.`);
          setChanging(false);
        }}
        onClose={() => setChanging(false)}
      />
      {erasing && <EraseSite site={site} onErased={onErased} onClose={() => setErasing(false)} />}
      <Sheet open={adding} onClose={() => setAdding(false)} title="New unit">
        {adding && <NewUnit site={site} there={live} />}
      </Sheet>
    </Page>
  );
}

/** A name is enough: what stands there is said on the unit's page, now or at the first visit. */
function NewUnit({ site, there }: { readonly site: SiteDto; readonly there: readonly UnitDto[] }) {
  const rules = useRules();
  const [name, setName] = useState('');
  const [asked, setAsked] = useState(false);
  const twin = there.find((unit) => unit.name.trim().toLowerCase() === name.trim().toLowerCase());
  const blank = name.trim() === '';
  const make = () => {
    if (blank || (twin && !asked)) return setAsked(true);
    const id = uuid();
    unitRecords.create({
      id,
      siteId: site.id,
      name: name.trim(),
      layout: 'airHandler',
      motor: 'psc',
      tons: null,
      maxTespInWc: null,
      cfmPerTon: siteTarget(site, rules),
      tap: null,
      setup: { unsaid: ['layout', 'motor'] },
      blowerTableId: null,
    });
    router.push(`/units/${id}?tell=1`);
  };
  return (
    <View style={{ gap: 10 }}>
      <TextInput
        mode="outlined"
        label="Location or tag"
        accessibilityLabel="Unit name"
        value={name}
        maxLength={LIMITS.nameLength.max}
        onChangeText={(text) => {
          setName(text);
          setAsked(false);
        }}
        onSubmitEditing={make}
      />
      {asked && (blank || twin) && (
        <Txt role="alert">
          {blank
            ? 'Enter a name: location or tag.'
            : `There is a unit ${twin!.name} here already. Add a second one with this name?`}
        </Txt>
      )}
      <ActionButton onPress={make}>{asked && twin ? 'Add second unit' : 'Add unit'}</ActionButton>
    </View>
  );
}
