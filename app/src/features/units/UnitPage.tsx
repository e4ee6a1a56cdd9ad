import type { SiteDto, UnitDto, UnitFactsDto } from '@huff/contract';
import { useLocalSearchParams } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { blowerTables, sites, units, type Kept } from '../../data/records';
import { ListSection } from '../../ui/list';
import { ActionButton, Page, PageFoot, TextButton } from '../../ui/page';
import { dateText, Txt, yearDateText } from '../../ui/text';
import { useIsWide } from '../../ui/theme';
import { useStartVisit } from '../visitState/useStartVisit';
import { EquipmentView } from '../equipment';
import { addPicture } from '../photos/addPicture';
import { useTrends } from '../visitState/useTrends';
import { CarriedOver } from './CarriedOver';
import { LastState } from './LastState';
import { PortMap } from './PortMap';
import { UnitDetails } from './UnitDetails';
import { UnitNameSheet } from './UnitNameSheet';
import { unitFactsLine } from './UnitRow';
import { UnitTrendCharts } from './UnitTrendCharts';
import { UnitVisits } from './UnitVisits';

/** A unit: how it was proven last, its visits, what it is, and the way to start. */
export function UnitPage() {
  const { id, tell } = useLocalSearchParams<{ id: string; tell?: string }>();
  const { records, isPending } = units.useList();
  const kept = records.find(({ record }) => record.id === id);
  if (!kept)
    return (
      <Page title="Unit" back="/sites">
        <View style={{ padding: 16 }}>
          <Txt>{isPending ? 'Loading unit…' : 'No such unit on this phone.'}</Txt>
        </View>
      </Page>
    );
  return <Unit key={id} kept={kept} tell={tell !== undefined} />;
}

function Unit({ kept, tell }: { readonly kept: Kept<UnitDto>; readonly tell: boolean }) {
  const unit = kept.record;
  const site = sites.useList().records.find(({ record }) => record.id === unit.siteId)?.record;
  const table = blowerTables.useList().records.find(({ record }) => record.id === unit.blowerTableId)?.record;
  const { start, openAt } = useStartVisit();
  const wide = useIsWide();
  const [telling, setTelling] = useState(tell);
  const trends = useTrends(unit.id, unit.proven?.at);
  const due = trends.filter?.due;
  const change = (to: UnitDto) => units.change(kept, to, `${unit.name} changed.`);
  const foot = (
    <PageFoot>
      {openAt !== undefined && (
        <Txt size={14} color="softInk" numberOfLines={1}>
          A check is open at {openAt}. Starting here saves it first.
        </Txt>
      )}
      <ActionButton onPress={() => start(unit)} aside={due && `filter due ${dateText(due.atMs)}`}>
        Start a visit
      </ActionButton>
    </PageFoot>
  );
  return (
    <Page
      title={unit.name}
      under={[site?.name, unitFactsLine(unit)].filter(Boolean).join(' · ')}
      underAction={{ label: `${unitFactsLine(unit)}. Set up equipment`, onPress: () => setTelling(true) }}
      back={site ? `/sites/${site.id}` : '/sites'}
      foot={foot}
      broad
    >
      <View style={{ paddingHorizontal: 16, gap: 16 }}>
        {unit.archivedAt && (
          <Txt role="status">Archived {yearDateText(unit.archivedAt)}: hidden from lists, nothing is deleted.</Txt>
        )}
        <View style={wide ? { flexDirection: 'row', gap: 40 } : { gap: 16 }}>
          <View style={{ flex: wide ? 1 : undefined, gap: 16 }}>
            <LastState unit={unit} />
            <UnitTrendCharts {...trends} />
            <UnitVisits unitId={unit.id} />
            <CarriedOver unitId={unit.id} />
            <UnitActions kept={kept} site={site} />
          </View>
          <View style={{ flex: wide ? 1 : undefined, gap: 16 }}>
            <UnitDetails unit={unit} table={table} onTell={() => setTelling(true)} />
            <PortMap unit={unit} onUnit={change} />
          </View>
        </View>
      </View>
      <EquipmentView
        open={telling}
        onClose={() => setTelling(false)}
        unit={unit}
        onUnit={(facts: UnitFactsDto) => change({ ...unit, ...facts })}
        table={table}
        onTable={(picked) =>
          change({
            ...unit,
            blowerTableId: picked?.id ?? null,
            ...(picked ? { motor: picked.motor, tons: unit.tons ?? picked.tons ?? null } : { tap: null }),
          })
        }
        hasFlow={Boolean(unit.proven)}
        onPlatePhoto={(picture) => addPicture({ unitId: unit.id, item: 'plate' }, picture)}
        go={{ words: 'Back to the unit', onPress: () => setTelling(false) }}
      />
    </Page>
  );
}

/** Naming, moving and archiving; each can be taken back. */
function UnitActions({ kept, site }: { readonly kept: Kept<UnitDto>; readonly site?: SiteDto }) {
  const unit = kept.record;
  const [moving, setMoving] = useState(false);
  const [naming, setNaming] = useState(false);
  const there = units
    .useList()
    .records.map(({ record }) => record)
    .filter((one) => one.siteId === unit.siteId && one.id !== unit.id && !one.archivedAt);
  const others = sites
    .useList()
    .records.map(({ record }) => record)
    .filter((one) => one.id !== site?.id && !one.archivedAt)
    .sort((a, b) => a.name.localeCompare(b.name));
  const archive = () =>
    units.change(
      kept,
      { ...unit, archivedAt: unit.archivedAt ? null : new Date().toISOString() },
      unit.archivedAt ? `${unit.name} is back.` : `${unit.name} is archived.`,
    );
  const move = (to: SiteDto) => {
    units.change(kept, { ...unit, siteId: to.id }, `${unit.name} is now at ${to.name}.`);
    setMoving(false);
  };
  return (
    <View>
      <View style={{ flexDirection: 'row', columnGap: 24, flexWrap: 'wrap' }}>
        <TextButton onPress={() => setNaming(true)}>Edit details</TextButton>
        <TextButton onPress={() => setMoving(!moving)}>Move to another site</TextButton>
        <TextButton onPress={archive}>{unit.archivedAt ? 'Restore' : 'Archive'}</TextButton>
      </View>
      <UnitNameSheet
        open={naming}
        unit={unit}
        others={there.map(({ name }) => name)}
        onKeep={(next) => {
          units.change(kept, next, `${next.name} changed.`);
          setNaming(false);
        }}
        onClose={() => setNaming(false)}
      />
      {moving && (
        <ListSection title="Choose site">
          {others.map((one) => (
            <TextButton key={one.id} onPress={() => move(one)}>
              {one.name}
            </TextButton>
          ))}
          {others.length === 0 && <Txt color="softInk">There is no other site. Add one under Sites.</Txt>}
        </ListSection>
      )}
    </View>
  );
}
