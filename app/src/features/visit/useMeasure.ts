import type { FactKind, NextMeasure } from '@huff/core';
import { useCallback } from 'react';
import type { StationId } from '../visitState/station';
import type { AskedPort } from './PortKeypad';

/** Where one thing to read or to look at is done. */
interface MeasureActs {
  readonly goTo: (station: StationId) => void;
  readonly askPort: (asked: AskedPort) => void;
  readonly askMethod: (method: FactKind) => void;
  /** The step where the open stop is ended. */
  readonly stopStep: StationId | undefined;
}

/** Begins what is to be done next, where it is done. */
export function useMeasure({ goTo, askPort, askMethod, stopStep }: MeasureActs) {
  return useCallback(
    (next: NextMeasure) => {
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
          return goTo(stopStep ?? 'look');
        case 'question':
          return goTo('pressure');
        case 'gauges':
          return goTo('refrigerant');
        case 'electrical':
          return goTo('power');
        default:
          return goTo(next.kind === 'airflow' ? 'airflow' : 'look');
      }
    },
    [goTo, askPort, askMethod, stopStep],
  );
}
