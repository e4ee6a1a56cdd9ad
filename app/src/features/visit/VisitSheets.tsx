import type { VisitDto } from '@huff/contract';
import type { FactKind } from '@huff/core';
import { WorkingSheet } from '../../ui/working';
import { OwnFindingSheet } from '../call/OwnFindingSheet';
import type { NextStep } from '../visitState/nextStep';
import type { Assessment } from '../visitState/useAssessment';
import { MethodSheet } from './MethodSheet';
import { PortKeypad } from './PortKeypad';
import type { OpenSheets } from './useVisitSheets';
import { VisitUnitSheet } from './VisitUnitSheet';

interface VisitSheetsProps {
  readonly open: OpenSheets;
  readonly visit: VisitDto;
  readonly assessment: Assessment;
  readonly isPlanned: boolean;
  readonly step?: NextStep;
  readonly onVisit: (visit: VisitDto) => void;
  readonly onMethodDone: (method: FactKind) => void;
  readonly onStep: () => void;
}

/** What opens over a visit, whatever its step: keypad, method, finding, working, the unit. */
export function VisitSheets({
  open,
  visit,
  assessment,
  isPlanned,
  step,
  onVisit,
  onMethodDone,
  onStep,
}: VisitSheetsProps) {
  const shared = { visit, assessment, onVisit };
  const { method, working } = open;
  return (
    <>
      <PortKeypad {...shared} asked={open.asked} onAsk={open.askFor} />
      <MethodSheet
        {...shared}
        method={method}
        onClose={() => {
          open.closeMethod();
          if (method) onMethodDone(method);
        }}
      />
      {open.isAddingFinding && <OwnFindingSheet writing="new" onClose={open.closeFinding} />}
      <WorkingSheet title={working?.title ?? ''} verdict={working?.verdict} onClose={open.closeWorking} />
      {open.isTelling && (
        <VisitUnitSheet
          {...shared}
          step={step}
          isPlanned={isPlanned}
          onStep={() => {
            open.closeUnit();
            if (step?.kind === 'measure' || step?.kind === 'save') onStep();
          }}
          onClose={open.closeUnit}
        />
      )}
    </>
  );
}
