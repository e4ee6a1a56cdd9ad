import type { VisitDto } from '@huff/contract';
import { router } from 'expo-router';
import { useCallback, useMemo, useState } from 'react';
import { IconAction } from '../../ui/icons';
import { useRules } from '../../data/useRules';
import { drafts, useDraft } from '../../data/visits';
import { Page } from '../../ui/page';
import { StorageNotice } from '../waiting/StorageNotice';
import { VisitWorkspace } from './VisitWorkspace';
import { quickCheck } from '../visitState/newVisit';

const NOTICE = <StorageNotice />;

/** The visit that is open on this phone, or a fresh quick check. */
export function QuickCheckPage() {
  const draft = useDraft();
  const rules = useRules();
  const [fresh] = useState(() => quickCheck(new Date()));
  const isOpen = draft !== undefined && draft !== null;
  const onChange = useCallback(
    // The first change opens it: until then there is nothing to keep.
    (from: VisitDto, to: VisitDto) => (isOpen ? drafts.change(from, to) : drafts.open(from, to)),
    [isOpen],
  );
  const startOverButton = useMemo(
    () =>
      isOpen && (
        <IconAction
          icon="plus"
          size={24}
          // What was read is saved as it stands and found again under Today.
          onPress={() => drafts.open(quickCheck(new Date(), rules))}
          accessibilityLabel="Start over: saves this check and starts a new one"
        />
      ),
    [isOpen, rules],
  );
  const blank = useMemo(() => ({ ...fresh, cfmPerTon: rules.cfmPerTon }), [fresh, rules]);
  const visit: VisitDto = draft ?? blank;
  const saveVisit = useCallback(() => {
    drafts.save(visit.id);
    router.replace(`/visits/${visit.id}`);
  }, [visit.id]);
  // What is on the phone has not been read yet.
  if (draft === undefined) return <Page title="Quick check">{null}</Page>;
  return (
    <VisitWorkspace visit={visit} onChange={onChange} onSave={saveVisit} actions={startOverButton} notice={NOTICE} />
  );
}
