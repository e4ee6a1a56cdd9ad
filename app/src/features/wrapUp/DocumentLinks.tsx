import { currentMeasures, measuresText } from '@huff/core';
import type { UnitDto, VisitDto } from '@huff/contract';
import { documentHtml, LABEL_SIZES, type VisitDocument } from '@huff/paper';
import { useState } from 'react';
import { Linking, View } from 'react-native';
import { Choice } from '../../ui/form';
import { TextButton } from '../../ui/page';
import { Heading, Txt } from '../../ui/text';
import { AddressNotice } from '../people/AddressNotice';
import { DrawingLinks } from './DrawingLinks';

interface DocumentLinksProps {
  readonly document: VisitDocument;
  /** Where a photo is fetched from. */
  readonly photoUrl: (id: string) => string;
  readonly visit: VisitDto;
  readonly unit?: UnitDto;
  /** The visit is saved: the server has it, or will. */
  readonly isSaved: boolean;
}

/** For whom a paper is: in whose hours and units it is written. */
const measures = () => `measures=${measuresText(currentMeasures())}`;
const reader = () => `zone=${encodeURIComponent(Intl.DateTimeFormat().resolvedOptions().timeZone)}&${measures()}`;

/** Opens a page of markup in a window of its own, to be printed or kept: made here, so that it needs no signal. */
function openPage(markup: string): void {
  const address = URL.createObjectURL(new Blob([markup], { type: 'text/html' }));
  globalThis.open?.(address, '_blank');
  // The window has read it by then.
  setTimeout(() => URL.revokeObjectURL(address), 60_000);
}

/** The ways to give a visit away: printed from here, as PDF, as CSV; and the unit’s label. */
export function DocumentLinks({ document, photoUrl, visit, unit, isSaved }: DocumentLinksProps) {
  const [paper, setPaper] = useState<'letter' | 'A4'>('letter');
  const [size, setSize] = useState<(typeof LABEL_SIZES)[number]['id']>('medium');
  const open = (address: string) => void Linking.openURL(address);
  return (
    <View style={{ gap: 10 }}>
      <Heading size={19}>Report</Heading>
      <Choice
        as="strip"
        label="Paper"
        options={[
          { id: 'letter', text: 'letter' },
          { id: 'A4', text: 'A4' },
        ]}
        chosen={paper}
        onChoose={setPaper}
      />
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', columnGap: 24 }}>
        <TextButton onPress={() => openPage(documentHtml(document, { size: paper, photoUrl }))}>
          Print or show
        </TextButton>
        {isSaved && (
          <>
            <TextButton onPress={() => open(`/api/visits/${visit.id}/report.pdf?size=${paper}&${reader()}`)}>
              PDF
            </TextButton>
            <TextButton onPress={() => open(`/api/visits/${visit.id}/readings.csv?${measures()}`)}>
              Save readings CSV
            </TextButton>
          </>
        )}
      </View>
      <DrawingLinks document={document} />
      {!isSaved && (
        <Txt size={14} color="softInk">
          PDF and CSV come from the server once the visit is saved.
        </Txt>
      )}
      {unit && (
        <View style={{ gap: 6 }}>
          <Heading size={17}>Unit label</Heading>
          <Choice
            label="Label"
            options={LABEL_SIZES.map(({ id, name }) => ({ id, text: name }))}
            chosen={size}
            onChoose={setSize}
          />
          <AddressNotice what="Labels" />
          <View style={{ flexDirection: 'row', flexWrap: 'wrap', columnGap: 24 }}>
            <TextButton onPress={() => open(`/api/units/${unit.id}/label.pdf?size=${size}&${reader()}`)}>
              Print label
            </TextButton>
            <TextButton
              onPress={() => open(`/api/sites/${unit.siteId}/labels.pdf?size=${size}&paper=${paper}&${reader()}`)}
            >
              Print site labels
            </TextButton>
          </View>
        </View>
      )}
    </View>
  );
}
