import type { VisitDto } from '@huff/contract';
import { boundaryPorts, filterOutPressures, portOf, signedStaticInWc, type Conditions, type PortId } from '@huff/core';
import { useCallback, useState } from 'react';
import { v4 as uuid } from 'uuid';
import { useProbeAt } from '../../data/bridge/bridge';
import { Keypad } from '../../ui/keypad';
import { Sheet } from '../../ui/sheet';
import { CaptureLive } from '../instruments/CaptureLive';
import { withTrace } from '../instruments/withTrace';
import { AS_IT_RUNS, runState, withReading } from '../visitState/newVisit';
import type { Assessment } from '../visitState/useAssessment';

/** A port to read, as the unit runs or with the filter out. */
export interface AskedPort {
  readonly port: PortId;
  readonly filterOut: boolean;
}

interface PortKeypadProps {
  readonly visit: VisitDto;
  readonly assessment: Assessment;
  readonly asked?: AskedPort;
  readonly onVisit: (visit: VisitDto) => void;
  readonly onAsk: (asked: AskedPort | undefined) => void;
}

/** The keypad for a port: keeps the reading in the visit and moves on to the next. */
export function PortKeypad(props: PortKeypadProps) {
  const { asked, onAsk } = props;
  return (
    <Sheet bare open={asked !== undefined} onClose={() => onAsk(undefined)} title={`Read ${asked?.port ?? ''}`}>
      {asked && <Body key={String(asked.filterOut)} {...props} asked={asked} />}
    </Sheet>
  );
}

function Body({ visit, assessment, asked, onVisit, onAsk }: PortKeypadProps & { readonly asked: AskedPort }) {
  const { layout, counted: countedOf } = assessment;
  const last = visit.readings.at(-1)?.conditions ?? AS_IT_RUNS;
  const [conditions, setConditions] = useState<Conditions>({
    ...last,
    door: 'on',
    filter: asked.filterOut ? 'out' : 'in',
  });
  const probe = useProbeAt(asked.port);
  const plan = portOf(layout, asked.port);
  const retest = conditions.filter === 'out' && conditions.door === 'on';
  const asUsual = conditions.door === 'on' && conditions.filter === 'in';
  const standing = retest ? filterOutPressures(assessment.standing.map((s) => s.reading)) : countedOf;
  const counted = asUsual || retest ? standing.get(asked.port) : undefined;
  // The boundary ports not yet read in the same state, after this one.
  const next =
    asUsual || retest ? boundaryPorts(layout).find((id) => id !== asked.port && !standing.has(id)) : undefined;
  const { filterOut } = asked;
  const moveOn = useCallback(
    () => onAsk(next && { port: next, filterOut: filterOut || retest }),
    [onAsk, next, filterOut, retest],
  );
  if (!plan) return null;
  const keep = (staticInWc: number, byProbe = false) => {
    const now = new Date();
    const id = uuid();
    const taken = {
      id,
      port: asked.port,
      staticInWc,
      conditions: runState(visit, conditions),
      replacesId: counted?.id ?? null,
      byProbe,
    };
    const withIt = withReading(visit, taken, now);
    onVisit(byProbe ? withTrace(withIt, probe, id, now) : withIt);
    moveOn();
  };
  return (
    <Keypad
      key={plan.id}
      port={plan}
      before={layout.stages[plan.afterStage - 1]?.kind}
      after={layout.stages[plan.afterStage]?.kind}
      previousInWc={counted?.staticInWc}
      lastInWc={visit.readings.at(-1)?.value}
      conditions={conditions}
      onConditions={setConditions}
      nextPort={next}
      onKeep={keep}
      onSkip={moveOn}
      live={
        // The side decides the sign, whichever way the hoses are on the instrument.
        <CaptureLive
          key={asked.port}
          port={asked.port}
          onCapture={(shown) => keep(signedStaticInWc(plan.side, shown), true)}
        />
      }
    />
  );
}
