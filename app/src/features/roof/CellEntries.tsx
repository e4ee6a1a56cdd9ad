import { currentPart } from '@huff/contract';
import { assessCallOf } from '@huff/contract/call';
import type { PortId } from '@huff/core';
import { CALL_CAUTIONS, checkPoint, checkText, roofCaution, roofEntries } from '@huff/core/call';
import { useMemo, useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { useRules } from '../../data/useRules';
import { useVisit } from '../../data/visits';
import { Airway } from '../../ui/airway';
import { Choice } from '../../ui/form';
import { ActionButton } from '../../ui/page';
import { Txt } from '../../ui/text';
import { PointSheet } from '../call/PointSheet';
import { DRILL_CARE } from '../stations/pressure/drillCare';
import { MethodSheet } from '../visit/MethodSheet';
import { PortKeypad, type AskedPort } from '../visit/PortKeypad';
import { StopNotice } from '../visitState/StopNotice';
import { withFact } from '../visitState/newFact';
import { assess, useAssessment } from '../visitState/useAssessment';
import type { RoofCell } from './RoofTable';
import type { RoundVisit } from './useRound';
import { WholeVisit } from '../visitState/WholeVisit';

interface CellEntriesProps {
  readonly cell: RoofCell;
  readonly round: RoundVisit;
  /** The visit that read it last: what was read then lies dashed behind. */
  readonly beforeId?: string;
  readonly width: number;
  /** Nothing of today stands in it yet. */
  readonly asks: boolean;
  /** Told once the cell has what belongs in it. */
  readonly onDone: () => void;
}

/** What is recorded in a cell, on today's visit of its unit: looks are touched, pressures typed on the drawing. */
export function CellEntries({ cell, round: { visit, onVisit }, beforeId, width, asks, onDone }: CellEntriesProps) {
  const assessment = useAssessment(visit);
  const [asked, setAsked] = useState<AskedPort>();
  const [sheet, setSheet] = useState<'drop' | 'point'>();
  const rules = useRules();
  const call = useMemo(() => assessCallOf(visit, assessment, rules), [visit, assessment, rules]);
  const caution = CALL_CAUTIONS.find(({ id }) => id === roofCaution(cell.column))?.words;
  const entries = roofEntries(cell.column, visit);
  const ports = entries.flatMap((entry) => (entry.kind === 'port' ? [entry.port] : []));
  const point = entries.find((entry) => entry.kind === 'point')?.point;
  const onPorts = (next: AskedPort | undefined) => {
    setAsked(next);
    if (!next && asked && ports.at(-1) === asked.port) onDone();
  };
  const { judgement, layout, pressures, stop } = assessment;
  const next = ports.find((port) => !pressures.has(port));
  if (entries.length === 0)
    return (
      <Txt color="softInk">
        {cell.column === 'airflow'
          ? 'Calculated from static, tap and table, or measured at the unit.'
          : 'This unit has none.'}
      </Txt>
    );
  return (
    <View style={{ gap: 14 }}>
      {stop && <StopNotice stop={stop} />}
      {(caution ?? (ports.length > 0 && pressures.size === 0)) && (
        <Txt size={14} color="softInk">
          {caution ?? DRILL_CARE}
        </Txt>
      )}
      {entries.map((entry) =>
        entry.kind === 'look' ? (
          <View key={entry.look.id} style={{ gap: 6 }}>
            <Txt size={15} bold>
              {entry.look.name}
            </Txt>
            <Choice
              label={entry.look.name}
              options={entry.look.states}
              chosen={assessment.recorded.get(entry.look.id)?.state ?? null}
              onChoose={(state) => {
                onVisit(withFact(visit, 'look', { item: entry.look.id, state }, new Date()));
                if (entry === entries.at(-1)) onDone();
              }}
            />
          </View>
        ) : null,
      )}
      {ports.length > 0 && (
        <>
          <Before visitId={beforeId}>
            {(ghost) => (
              <Airway
                layout={layout}
                sections={judgement.sections}
                pressures={pressures}
                ghost={ghost}
                width={width}
                next={next}
                liftInWc={judgement.tespInWc}
                onPort={(port: PortId) => setAsked({ port, filterOut: false })}
              />
            )}
          </Before>
          <ActionButton quiet={!asks || !next} onPress={() => setAsked({ port: next ?? ports[0]!, filterOut: false })}>
            {next ? `Read ${next}` : `Read ${ports[0]} again`}
          </ActionButton>
          <PortKeypad visit={visit} assessment={assessment} asked={asked} onVisit={onVisit} onAsk={onPorts} />
        </>
      )}
      {entries.some(({ kind }) => kind === 'drop') && (
        <ActionButton quiet={!asks} onPress={() => setSheet('drop')}>
          Enter temperatures
        </ActionButton>
      )}
      {point !== undefined && (
        <ActionButton
          quiet={!asks}
          onPress={() => setSheet('point')}
          aside={call.checks.has(point) ? checkText(call.checks.get(point)!) : undefined}
        >
          {checkPoint(point)!.name}
        </ActionButton>
      )}
      <MethodSheet
        visit={visit}
        assessment={assessment}
        method={sheet === 'drop' ? 'measuredDrop' : undefined}
        onVisit={(changed) => {
          onVisit(changed);
          onDone();
        }}
        onClose={() => setSheet(undefined)}
      />
      <WholeVisit
        visit={visit}
        onVisit={(changed) => {
          onVisit(changed);
          onDone();
        }}
      >
        <PointSheet asked={sheet === 'point' ? point : undefined} call={call} onClose={() => setSheet(undefined)} />
      </WholeVisit>
    </View>
  );
}

interface BeforeProps {
  readonly visitId?: string;
  readonly children: (pressures: ReadonlyMap<PortId, number> | undefined) => ReactNode;
}

/** What was read at the ports at an earlier visit, once this phone has it. */
function Before({ visitId, children }: BeforeProps) {
  return visitId === undefined ? children(undefined) : <Known visitId={visitId}>{children}</Known>;
}

function Known({ visitId, children }: BeforeProps & { readonly visitId: string }) {
  const { kept } = useVisit(visitId);
  const before = kept?.record;
  const pressures = useMemo(() => (before ? assess(currentPart(before)).pressures : undefined), [before]);
  return children(pressures && pressures.size > 0 ? pressures : undefined);
}
