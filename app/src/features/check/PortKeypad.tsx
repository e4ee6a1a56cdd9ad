import type { VisitDto } from '@huff/contract';
import { LAYOUTS, portOf, type Conditions, type PortId } from '@huff/core';
import { useCallback, useState } from 'react';
import { Keypad } from '../../ui/keypad';
import { Sheet } from '../../ui/page';
import { AS_IT_RUNS, withReading } from './newVisit';
import type { Assessment } from './useAssessment';

interface PortKeypadProps {
  readonly visit: VisitDto;
  readonly assessment: Assessment;
  readonly port?: PortId;
  readonly onVisit: (visit: VisitDto) => void;
  readonly onPort: (port: PortId | undefined) => void;
}

/** The boundary ports not yet read, after this one. */
function following(visit: VisitDto, assessment: Assessment, port: PortId): PortId | undefined {
  const { inletPort, outletPort } = LAYOUTS[visit.layout];
  return [inletPort, outletPort].find((id) => id !== port && !assessment.counted.has(id));
}

/** The keypad for a port: keeps the reading in the visit and moves on to the next. */
export function PortKeypad({ visit, assessment, port, onVisit, onPort }: PortKeypadProps) {
  const [conditions, setConditions] = useState<Conditions>(visit.readings.at(-1)?.conditions ?? AS_IT_RUNS);
  const layout = LAYOUTS[visit.layout];
  const plan = port && portOf(layout, port);
  const next = port && following(visit, assessment, port);
  const counted = port && assessment.counted.get(port);
  const asUsual = conditions.door === 'on' && conditions.filter === 'in';
  const keep = (staticInWc: number) => {
    if (!port) return;
    onVisit(
      withReading(visit, { port, staticInWc, conditions, replacesId: (asUsual && counted?.id) || null }, new Date()),
    );
    onPort(asUsual ? next : undefined);
  };
  const skip = useCallback(() => onPort(next), [onPort, next]);
  return (
    <Sheet bare open={plan !== undefined} onClose={() => onPort(undefined)} title={`Read ${port ?? ''}`}>
      {plan && (
        <Keypad
          key={plan.id}
          port={plan}
          before={layout.stages[plan.afterStage - 1]?.kind}
          after={layout.stages[plan.afterStage]?.kind}
          previousInWc={asUsual ? counted?.staticInWc : undefined}
          lastInWc={visit.readings.at(-1)?.value}
          conditions={conditions}
          onConditions={setConditions}
          nextPort={asUsual ? next : undefined}
          onKeep={keep}
          onSkip={skip}
        />
      )}
    </Sheet>
  );
}
