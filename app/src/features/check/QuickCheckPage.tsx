import type { VisitDto } from '@huff/contract';
import { router } from 'expo-router';
import { useCallback, useMemo, useState } from 'react';
import { Button } from 'react-native-paper';
import { useDraft } from '../../data/draft';
import { visits } from '../../data/records';
import { Page } from '../../ui/page';
import { CheckWorkspace } from './CheckWorkspace';
import { isBegun, quickCheck } from './newVisit';

/** The visit that is open on this phone, or a fresh quick check. */
export function QuickCheckPage() {
  const { draft, keep } = useDraft();
  const [fresh] = useState(() => quickCheck(new Date()));
  const { mutate: save } = visits.useSave();
  const isOpen = draft !== undefined && draft !== null;
  const startOver = useCallback(() => {
    // What was read is saved as it stands and found again under Today.
    if (draft && isBegun(draft)) save({ ...draft, savedAt: new Date().toISOString() });
    keep(quickCheck(new Date()));
  }, [draft, keep, save]);
  const startOverButton = useMemo(
    () =>
      isOpen && (
        <Button compact onPress={startOver} accessibilityLabel="Start over: saves this check and begins an empty one">
          Start over
        </Button>
      ),
    [isOpen, startOver],
  );
  // What is on the phone has not been read yet.
  if (draft === undefined) return <Page title="Quick check">{null}</Page>;
  const visit: VisitDto = draft ?? fresh;
  const saveVisit = () => {
    save({ ...visit, savedAt: new Date().toISOString() });
    keep(null);
    router.replace(`/visits/${visit.id}`);
  };
  return <CheckWorkspace visit={visit} onVisit={keep} onSave={saveVisit} actions={startOverButton} />;
}
