import type { VisitDto } from '@huff/contract';
import { router } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { useVisit } from '../../data/visits';
import { BlockView } from '../../ui/document';
import { Choice } from '../../ui/form';
import { TextButton } from '../../ui/page';
import { Heading, Txt } from '../../ui/text';
import { DocumentLinks } from '../wrapUp/DocumentLinks';
import { useVisitDocument } from '../wrapUp/useVisitDocument';

const PAGES = [
  { id: 'owner', text: 'for the owner' },
  { id: 'technician', text: 'for the technician' },
] as const;

/** A visit as its document says it, beside what it is of. */
export function VisitPaper({ visitId, width }: { readonly visitId: string; readonly width: number }) {
  const { kept, isPending } = useVisit(visitId);
  if (!kept)
    return (
      <Txt color="softInk">
        {isPending ? 'Loading visit…' : 'This visit is on the server. Try again with a signal.'}
      </Txt>
    );
  return <Paper visit={kept.record} width={width} />;
}

function Paper({ visit, width }: { readonly visit: VisitDto; readonly width: number }) {
  const [page, setPage] = useState<(typeof PAGES)[number]['id']>('owner');
  const { document, unit, photoUrl } = useVisitDocument(visit, Math.max(300, width - 16));
  return (
    <View style={{ gap: 12 }}>
      <View style={{ gap: 2 }}>
        <Heading size={20}>{document.title}</Heading>
        <Txt size={14} color="softInk">
          {document.under}
        </Txt>
      </View>
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: 16, flexWrap: 'wrap' }}>
        <Choice label="Which page" options={PAGES} chosen={page} onChoose={setPage} />
        <TextButton onPress={() => router.push(`/visits/${visit.id}`)}>Open the visit</TextButton>
      </View>
      {document[page].map((block, i) => (
        // Blocks are drawn anew as a whole: their place is what they are.
        <BlockView key={`${page}-${block.kind}-${i}`} block={block} width={width} photoUrl={photoUrl} />
      ))}
      <DocumentLinks document={document} photoUrl={photoUrl} visit={visit} unit={unit} isSaved />
    </View>
  );
}
