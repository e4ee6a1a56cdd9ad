import type { VisitDto } from '@huff/contract';
import type { FactKind } from '@huff/core';
import { nextStep, type NextStep } from '../visitState/nextStep';
import type { StationId } from '../visitState/station';
import type { Assessment } from '../visitState/useAssessment';
import type { AskedPort } from './PortKeypad';

/** Where a step can lead. */
interface StepActs {
  readonly goTo: (station: StationId) => void;
  readonly askPort: (asked: AskedPort) => void;
  readonly askMethod: (method: FactKind) => void;
  readonly tellUnit: () => void;
  readonly onSave?: () => void;
}

type Measure = Extract<NextStep, { kind: 'measure' }>['measure'];

/** The one thing to do next at a visit, and how it is begun. */
export function useNextStep(visit: VisitDto, assessment: Assessment, acts: StepActs) {
  const { goTo, askPort, askMethod, tellUnit, onSave } = acts;
  const step = nextStep(visit, assessment, onSave === undefined);
  const measure = (next: Measure) => {
    switch (next.kind) {
      case 'port':
        goTo('pressure');
        return askPort({ port: next.port, filterOut: next.filterOut });
      case 'drop':
        goTo('drop');
        return askMethod('measuredDrop');
      case 'method':
        goTo('airflow');
        return askMethod(next.method);
      case 'motor':
        return askMethod('motorLoad');
      case 'rpm':
        return goTo('fix');
      case 'stop':
        return goTo(assessment.stop?.step ?? 'look');
      case 'question':
        return goTo('pressure');
      case 'gauges':
        return goTo('refrigerant');
      default:
        return goTo(next.kind === 'airflow' ? 'airflow' : 'look');
    }
  };
  const begin = () => {
    if (step?.kind === 'save') onSave?.();
    else if (step?.kind === 'measure') measure(step.measure);
    else if (step) tellUnit();
  };
  return { step, measure, begin };
}
