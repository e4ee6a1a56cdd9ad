import type { VisitDto } from '@huff/contract';
import { router } from 'expo-router';
import { useMemo, useState } from 'react';
import { Button } from 'react-native-paper';
import { useDraft } from '../../data/draft';
import { visits } from '../../data/records';
import { Page } from '../../ui/page';
import { CheckWorkspace } from './CheckWorkspace';
import { quickCheck } from './newVisit';

/** The visit that is open on this phone, or a fresh quick check. */
export function QuickCheckPage() {
  const { draft, keep } = useDraft();
  const [fresh] = useState(() => quickCheck(new Date()));
  const { mutate: save } = visits.useSave();
  const isOpen = draft !== undefined && draft !== null;
  const startOver = useMemo(
    () =>
      isOpen && (
        <Button
          compact
          onPress={() => keep(quickCheck(new Date()))}
          accessibilityLabel="Start over with an empty check"
        >
          Start over
        </Button>
      ),
    [isOpen, keep],
  );
  // What is on the phone has not been read yet.
  if (draft === undefined) return <Page title="Quick check">{null}</Page>;
  const visit: VisitDto = draft ?? fresh;
  const saveVisit = () => {
    save({ ...visit, savedAt: new Date().toISOString() });
    keep(null);
    router.replace(`/visits/${visit.id}`);
  };
  return <CheckWorkspace visit={visit} onVisit={keep} onSave={saveVisit} actions={startOver} />;
}
