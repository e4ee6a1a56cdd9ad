import type { FactKind, PortId, Verdict } from '@huff/core';
import { useCallback, useMemo, useState } from 'react';
import type { AskedPort } from './PortKeypad';

/** How a figure was worked out, under what it is called. */
interface Working {
  readonly title: string;
  readonly verdict: Verdict;
}

/** Which sheets are open over a visit, and how they are opened and closed. */
export function useVisitSheets() {
  const [asked, askFor] = useState<AskedPort>();
  const [method, setMethod] = useState<FactKind>();
  const [working, setWorking] = useState<Working>();
  const [isTelling, setTelling] = useState(false);
  const [isAddingFinding, setAddingFinding] = useState(false);
  const askPort = useCallback((port: PortId, filterOut = false) => askFor({ port, filterOut }), []);
  const showWorking = useCallback((title: string, verdict: Verdict) => setWorking({ title, verdict }), []);
  const tellUnit = useCallback(() => setTelling(true), []);
  const addFinding = useCallback(() => setAddingFinding(true), []);
  return useMemo(
    () => ({
      asked,
      askFor,
      askPort,
      method,
      askMethod: setMethod,
      working,
      showWorking,
      isTelling,
      tellUnit,
      isAddingFinding,
      addFinding,
      closeMethod: () => setMethod(undefined),
      closeWorking: () => setWorking(undefined),
      closeUnit: () => setTelling(false),
      closeFinding: () => setAddingFinding(false),
    }),
    [asked, askPort, method, working, showWorking, isTelling, tellUnit, isAddingFinding, addFinding],
  );
}

export type OpenSheets = ReturnType<typeof useVisitSheets>;
