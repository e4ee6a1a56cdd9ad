import { router } from 'expo-router';
import { useMemo, useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { sites, units } from '../../data/records';
import { useStands } from '../../data/useStands';
import { useUnitVisits, useVisitList } from '../../data/visits';
import { Choice } from '../../ui/form';
import { ActionButton, Page, TextButton } from '../../ui/page';
import { Panes } from '../../ui/panes';
import { Heading, momentText, Txt } from '../../ui/text';
import { useIsWide } from '../../ui/theme';
import { SitesPage } from '../sites/SitesPage';
import { CarriedOver } from '../units/CarriedOver';
import { LastState } from '../units/LastState';
import { unitFactsLine } from '../units/UnitRow';
import { UnitTrendCharts } from '../units/UnitTrendCharts';
import { noVisitWords, UnitVisits } from '../units/UnitVisits';
import { useStartVisit } from '../visitState/useStartVisit';
import { useTrends } from '../visitState/useTrends';
import { unitLines } from './unitRows';
import { UnitTable } from './UnitTable';
import { VisitPaper } from './VisitPaper';

/** Sites: a list on the phone; on a wide screen the desk, with what is opened beside it. */
export function SitesPlace() {
  const wide = useIsWide();
  return wide ? <Desk /> : <SitesPage />;
}

const LOOKS = [
  { id: 'panes', text: 'split view' },
  { id: 'table', text: 'table' },
] as const;
type Look = (typeof LOOKS)[number]['id'];
/** Widths of the panes as they begin, px. */
const BEGIN = [340, 400];

/** Sites → unit → visit beside each other, or every unit in a table. */
function Desk() {
  const [look, setLook] = useState<Look>('panes');
  const [chosenId, setUnitId] = useState<string>();
  const { visits } = useVisitList();
  // Until one is chosen, the unit that was visited last: half the window would be empty.
  const [latest] = visits.flatMap(({ summary }) => summary?.unitId ?? []);
  const first = units.useList().records.find(({ record }) => !record.archivedAt)?.record.id;
  const unitId = chosenId ?? latest ?? first;
  const [visitId, setVisitId] = useState<string>();
  const openUnit = (id: string) => {
    setUnitId(id);
    setVisitId(undefined);
  };
  const actions = (
    <View style={{ paddingRight: 12 }}>
      <Choice label="View" options={LOOKS} chosen={look} onChoose={setLook} />
    </View>
  );
  if (look === 'table') return <TablePage actions={actions} />;
  const around = (list: ReactNode) => (
    <Panes
      name="desk"
      begin={BEGIN}
      panes={[
        { label: 'Sites', content: list, scrolls: false },
        {
          label: 'Unit',
          content: unitId ? (
            <UnitPane key={unitId} unitId={unitId} visitId={visitId} onVisit={setVisitId} />
          ) : (
            <Txt color="softInk">Add a site and its units: what was verified, trends and visits are shown here.</Txt>
          ),
        },
        { label: 'Visit', content: <VisitPane unitId={unitId} visitId={visitId} /> },
      ]}
    />
  );
  return <SitesPage desk={{ unitId, onUnit: openUnit, onVisit: setVisitId, around, actions }} />;
}

interface UnitPaneProps {
  readonly unitId: string;
  readonly visitId?: string;
  readonly onVisit: (visitId: string) => void;
}

function UnitPane({ unitId, visitId, onVisit }: UnitPaneProps) {
  const unit = units.useList().records.find(({ record }) => record.id === unitId)?.record;
  const site = sites.useList().records.find(({ record }) => record.id === unit?.siteId)?.record;
  const trends = useTrends(unitId, unit?.proven?.at);
  const { start } = useStartVisit();
  if (!unit) return <Txt>No such unit.</Txt>;
  return (
    <View style={{ gap: 16 }}>
      <View>
        <Heading size={20}>{unit.name}</Heading>
        <Txt size={14} color="softInk">
          {[site?.name, unitFactsLine(unit)].filter(Boolean).join(' · ')}
        </Txt>
        <View style={{ flexDirection: 'row', columnGap: 24 }}>
          <TextButton onPress={() => router.push(`/units/${unit.id}`)}>Open unit</TextButton>
          {site && <TextButton onPress={() => router.push(`/sites/${site.id}/roof`)}>Roof sheet</TextButton>}
        </View>
      </View>
      <LastState unit={unit} />
      <UnitVisits unitId={unit.id} onOpen={onVisit} openId={visitId} />
      <CarriedOver unitId={unit.id} />
      <UnitTrendCharts {...trends} />
      <ActionButton quiet onPress={() => start(unit)}>
        Start a visit
      </ActionButton>
    </View>
  );
}

/** The visit that was chosen, else the unit’s last. */
function VisitPane({ unitId, visitId }: { readonly unitId?: string; readonly visitId?: string }) {
  const { visits, ...asking } = useUnitVisits(unitId);
  const [width, setWidth] = useState(0);
  const shown = visitId ?? visits[0]?.id;
  return (
    <View onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)} testID="visit-pane">
      {shown === undefined ? (
        <Txt color="softInk">{unitId ? noVisitWords(asking) : 'The findings of a visit are shown here.'}</Txt>
      ) : (
        width > 0 && <VisitPaper key={shown} visitId={shown} width={width} />
      )}
    </View>
  );
}

function TablePage({ actions }: { readonly actions: ReactNode }) {
  const { records: unitList } = units.useList();
  const { records: siteList } = sites.useList();
  const { stands, isError, saidAt } = useStands();
  const lines = useMemo(
    () =>
      unitLines(
        unitList.map(({ record }) => record),
        siteList.map(({ record }) => record),
        stands,
      ),
    [unitList, siteList, stands],
  );
  return (
    <Page
      title="Sites"
      under={
        saidAt
          ? `No signal. Data from ${momentText(saidAt)}`
          : isError
            ? 'The unit list is on the server. Try again with a signal.'
            : 'Every unit at its last visit'
      }
      actions={actions}
      panes
    >
      <UnitTable lines={lines} />
    </Page>
  );
}
