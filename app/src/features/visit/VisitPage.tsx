import type { VisitDto } from '@huff/contract';
import { format } from 'date-fns/format';
import { Link, useLocalSearchParams } from 'expo-router';
import { useCallback } from 'react';
import { View } from 'react-native';
import { changeVisit, useVisit } from '../../data/visits';
import { Page } from '../../ui/page';
import { Txt } from '../../ui/text';
import { VisitWorkspace } from './VisitWorkspace';
import { unitLine } from '../visitState/unitWords';
import { StorageNotice } from '../waiting/StorageNotice';
import { VisitNotice } from './VisitNotice';

/** A saved visit: everything as it was measured. A new reading or correction is kept and sent at once. */
export function VisitPage() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const { kept, isPending, isError } = useVisit(id);
  const revision = kept?.revision ?? 0;
  const onChange = useCallback((from: VisitDto, to: VisitDto) => changeVisit(revision, from, to), [revision]);
  if (!kept) {
    const words = isPending
      ? 'Loading visit…'
      : isError
        ? 'This visit is not on this phone yet, and the server cannot be reached. Try again with a signal.'
        : 'There is no such visit. It may have been made on another phone that has not sent it yet.';
    return (
      <Page title="Visit" back="/">
        <View style={{ padding: 16, gap: 16 }}>
          <Txt>{words}</Txt>
          <Link href="/">
            <Txt bold color="action">
              Back to today
            </Txt>
          </Link>
        </View>
      </Page>
    );
  }
  const { record: visit } = kept;
  return (
    <VisitWorkspace
      key={visit.id}
      visit={visit}
      onChange={onChange}
      under={`${format(visit.startedAt, 'd MMM HH:mm')} · ${unitLine(visit)}`}
      notice={
        <>
          <StorageNotice />
          <VisitNotice kept={kept} />
        </>
      }
    />
  );
}
