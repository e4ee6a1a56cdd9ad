import type { PhotoDto } from '@huff/contract';
import { ended } from '@huff/core';
import {
  effortWords,
  type OwnFinding,
  ownFindings,
  OUTCOME_TEXT,
  TRIAGE_AREAS,
  triageSum,
  type TriageItem,
  type TriageOutcome,
} from '@huff/core/call';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { usePhotos } from '../../data/visits';
import { useShop } from '../../data/useShop';
import { NumberSheet } from '../../ui/keypad';
import { TextButton } from '../../ui/page';
import { Heading, Txt, yearDateText } from '../../ui/text';
import { useIsWide, usePalette } from '../../ui/theme';
import { withOutcome } from '../visitState/newFact';
import type { StepProps } from '../visitState/station';
import { PhotosOf } from '../photos/PhotosOf';
import { CallFoot } from './CallFoot';
import { OwnFindingSheet } from './OwnFindingSheet';
import { SpeedPane } from '../speed/SpeedPane';
import { useCall } from './useCall';
import { useWholeVisit } from '../visitState/WholeVisit';

/** What may become of an open finding, and the word on its key. */
const KEYS = [
  ['dealtWith', 'Fixed'],
  ['quoted', 'Quote'],
  ['declined', 'Declined'],
  ['watch', 'Watch'],
] as const;

/** Everything found, in the order it is taken, with what it takes. */
export function FoundList({ triage, title = 'Findings', under, isSettled }: FoundListProps) {
  const { whole, setWhole } = useWholeVisit();
  const [quoting, setQuoting] = useState<TriageItem>();
  const [writing, setWriting] = useState<'new' | OwnFinding>();
  const photos = usePhotos(whole.id);
  const own = ownFindings(whole.facts ?? []);
  const settle = ({ id }: TriageItem, state: TriageOutcome, price?: number) =>
    setWhole(withOutcome(whole, { finding: id, state, ...(price === undefined ? {} : { price }) }));
  const areas = TRIAGE_AREAS.map((area) => ({
    ...area,
    items: triage.filter((item) => item.area === area.id),
  })).filter(({ items }) => items.length > 0);
  return (
    <View style={{ gap: 18 }}>
      <View style={{ gap: 2 }}>
        <View style={{ flexDirection: 'row', alignItems: 'center', gap: 8 }}>
          <Heading size={19} style={{ flex: 1 }}>
            {title}
          </Heading>
          {!isSettled && <TextButton onPress={() => setWriting('new')}>Add a finding</TextButton>}
        </View>
        <Txt size={15} color="softInk">
          {under ??
            (triage.length === 0
              ? 'No findings yet. Problems from every step are listed here. You can add your own.'
              : 'Listed in the order to fix them.')}
        </Txt>
      </View>
      {areas.map(({ id, name, items }) => (
        <View key={id}>
          <Heading size={17} style={{ paddingBottom: 4 }}>
            {name}
          </Heading>
          {items.map((item) => (
            <FoundRow
              key={item.id}
              item={item}
              photos={photos.filter((photo) => photo.item === photoItemOf(item))}
              visitId={whole.id}
              onEdit={
                item.ownFact === undefined
                  ? undefined
                  : () => setWriting(own.find(({ factId }) => factId === item.ownFact))
              }
              onOutcome={(outcome) => (outcome === 'quoted' ? setQuoting(item) : settle(item, outcome))}
            />
          ))}
        </View>
      ))}
      <OwnFindingSheet writing={writing} onClose={() => setWriting(undefined)} />
      <NumberSheet
        asked={
          quoting && {
            label: 'Quoted at',
            unit: 'factor',
            min: 0,
            max: 1_000_000,
            hint: `${ended(quoting.words)} Labor and parts, in the shop’s currency.`,
            value: quoting.quoted,
          }
        }
        sideWords="price later"
        onKeep={(price) => {
          if (quoting) settle(quoting, 'quoted', price ?? undefined);
          setQuoting(undefined);
        }}
        onClose={() => setQuoting(undefined)}
      />
    </View>
  );
}

interface FoundListProps {
  readonly triage: readonly TriageItem[];
  readonly title?: string;
  readonly under?: string;
  /** What is settled alone: nothing is added here. */
  readonly isSettled?: true;
}

/** The station Found: the list that becomes the quote. */
export function FindingsStep({ assessment, frame }: StepProps) {
  const { whole } = useWholeVisit();
  const { triage } = useCall(whole, assessment);
  const { currency } = useShop();
  const wide = useIsWide();
  const isOpen = ({ outcome }: TriageItem) => outcome === 'open';
  const [opened, settled] = [triage.filter(isOpen), triage.filter((item) => !isOpen(item))];
  const effort = effortWords(triageSum(opened), currency);
  const quoted = settled.filter(({ outcome }) => outcome === 'quoted').length;
  return frame({
    // On a wide screen what is settled stands beside what is open.
    main: (
      <FoundList
        triage={wide ? opened : triage}
        under={wide && triage.length > 0 && opened.length === 0 ? 'All findings are resolved.' : undefined}
      />
    ),
    side: (
      <>
        <FoundList
          triage={settled}
          title="Resolved"
          isSettled
          under={
            settled.length > 0
              ? 'It appears on the owner’s page in these words.'
              : 'Fixed, quoted, declined and watched findings appear here.'
          }
        />
        <SpeedPane assessment={assessment} />
      </>
    ),
    foot:
      triage.length > 0 ? (
        <CallFoot>
          <Txt bold role="status">
            {[`Open: ${opened.length}`, effort, quoted > 0 && `quoted: ${quoted}`].filter(Boolean).join(' · ')}
          </Txt>
          {effort !== undefined && (
            <Txt size={14} color="softInk">
              Typical minutes and part prices, not a quote yet.
            </Txt>
          )}
        </CallFoot>
      ) : null,
  });
}

/** A finding of a look is photographed as what was looked at. */
const photoItemOf = ({ id, look, ownFact }: TriageItem): string | undefined =>
  look ?? (ownFact === undefined ? undefined : id);

function FoundRow({
  item,
  photos,
  visitId,
  onEdit,
  onOutcome,
}: {
  readonly item: TriageItem;
  readonly photos: readonly PhotoDto[];
  readonly visitId: string;
  /** Of one in the technician's own words. */
  readonly onEdit?: () => void;
  readonly onOutcome: (outcome: TriageOutcome) => void;
}) {
  const palette = usePalette();
  const { currency } = useShop();
  const { words, toDo, outcome, quoted, since, evidence = [], concern, isSymptom } = item;
  // A label goes on after it.
  const bare = words.replace(/\.$/, '');
  const photoItem = photoItemOf(item);
  return (
    <View style={{ borderTopWidth: 1, borderColor: palette.line, paddingTop: 8, gap: 2 }}>
      <Txt bold style={outcome === 'dealtWith' && { textDecorationLine: 'line-through' }}>
        {words}
      </Txt>
      {concern !== undefined && <Txt size={14} color="softInk">{`Concern: ${concern}`}</Txt>}
      {evidence.map((one) => (
        <Txt key={one} size={14} color="softInk">{`· ${one}`}</Txt>
      ))}
      {toDo !== undefined && <Txt size={15}>{toDo}</Txt>}
      {since !== undefined && <Txt size={14} color="softInk">{`carried over from ${yearDateText(since)}`}</Txt>}
      <Txt size={14} color="softInk">
        {isSymptom ? 'A symptom: find its cause.' : (effortWords(item, currency) ?? 'no time or parts known')}
      </Txt>
      <View style={{ flexDirection: 'row', alignItems: 'center' }}>
        {outcome === 'open' ? (
          <View style={{ flexDirection: 'row', columnGap: 20, flexWrap: 'wrap' }}>
            {KEYS.filter(([to]) => !isSymptom || to !== 'quoted').map(([to, text]) => (
              <Pressable
                key={to}
                role="button"
                aria-label={`${bare}: ${OUTCOME_TEXT[to]}`}
                onPress={() => onOutcome(to)}
                style={{ minHeight: 48, minWidth: 48, justifyContent: 'center' }}
              >
                <Txt size={15} bold color="action">
                  {text}
                </Txt>
              </Pressable>
            ))}
          </View>
        ) : (
          <Pressable
            role="button"
            aria-label={`${bare}: reopen`}
            onPress={() => onOutcome('open')}
            style={{ minHeight: 48, justifyContent: 'center' }}
          >
            <Txt
              size={15}
              color="softInk"
            >{`${OUTCOME_TEXT[outcome]}${quoted === undefined ? '' : ` at ${currency}${quoted}`} · undo`}</Txt>
          </Pressable>
        )}
        {onEdit && <TextButton onPress={onEdit}>Change</TextButton>}
      </View>
      {photoItem !== undefined && (item.ownFact !== undefined || photos.length > 0) && (
        <PhotosOf visitId={visitId} item={photoItem} name={words} taken={photos} />
      )}
    </View>
  );
}
