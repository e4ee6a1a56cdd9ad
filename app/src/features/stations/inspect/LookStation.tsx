import type { VisitDto } from '@huff/contract';
import { LOOK_ITEMS, unreplaced, type Finding, type LookItem } from '@huff/core';
import { Pressable, View } from 'react-native';
import { usePhotos } from '../../../data/visits';
import { Choice } from '../../../ui/form';
import { TextButton } from '../../../ui/page';
import { Heading, Txt } from '../../../ui/text';
import { usePalette } from '../../../ui/theme';
import { takenBack, withFact, withOutcome } from '../../visitState/newFact';
import { PhotosOf } from '../../photos/PhotosOf';
import type { Assessment } from '../../visitState/useAssessment';

interface StationProps {
  readonly visit: VisitDto;
  readonly assessment: Assessment;
  readonly onVisit: (visit: VisitDto) => void;
}

/** Quick triage by touch: each thing is said good or named; what is found stays until it is dealt with or declined. */
export function LookStation({ visit, assessment, onVisit }: StationProps) {
  const { recorded, findings } = assessment;
  const taken = usePhotos(visit.id);
  const see = (item: string, state: string, more: object = {}) =>
    onVisit(withFact(visit, 'look', { item, state, ...more }, new Date()));
  /** Takes an answer back: it stays on record, and nothing goes by it. */
  const clear = (item: string) =>
    onVisit(
      takenBack(
        visit,
        unreplaced(visit.facts ?? [])
          .filter(({ kind, inputs }) => kind === 'look' && inputs.item === item)
          .map(({ id }) => id),
        new Date(),
      ),
    );
  return (
    <View style={{ gap: 12 }}>
      {findings.length > 0 && (
        <View>
          <Heading size={17}>Found</Heading>
          {findings.map((finding) => (
            <FindingRow
              key={finding.item}
              finding={finding}
              onOutcome={(state) => onVisit(withOutcome(visit, { finding: `look-${finding.item}`, state }))}
            />
          ))}
        </View>
      )}
      <View>
        <Heading size={17}>Inspect before you measure</Heading>
        <Txt size={14} color="softInk">
          Mark everything you see, not only the first problem.
        </Txt>
      </View>
      {LOOK_ITEMS.filter((item) => item.motors?.includes(visit.motor) ?? true).map((item) => (
        <View key={item.id}>
          <ItemRow
            item={item}
            state={recorded.get(item.id)?.state}
            onState={(state) => see(item.id, state)}
            onClear={() => clear(item.id)}
          />
          <PhotosOf
            visitId={visit.id}
            item={item.id}
            name={item.name}
            taken={taken.filter((photo) => photo.item === item.id)}
          />
        </View>
      ))}
    </View>
  );
}

function ItemRow({
  item,
  state,
  onState,
  onClear,
}: {
  readonly item: LookItem;
  readonly state?: string;
  readonly onState: (state: string) => void;
  readonly onClear: () => void;
}) {
  return (
    <View style={{ gap: 6 }}>
      <View style={{ flexDirection: 'row', alignItems: 'center', minHeight: 48 }}>
        <Txt size={15} bold style={{ flex: 1 }}>
          {item.name}
        </Txt>
        {state !== undefined && <TextButton onPress={onClear}>Clear</TextButton>}
      </View>
      <Choice label={item.name} options={item.states} chosen={state} onChoose={onState} />
    </View>
  );
}

const OUTCOME_TEXT = { dealtWith: 'fixed', declined: 'declined by the customer' } as const;

function FindingRow({
  finding,
  onOutcome,
}: {
  readonly finding: Finding;
  readonly onOutcome: (outcome: 'dealtWith' | 'declined') => void;
}) {
  const palette = usePalette();
  return (
    <View
      style={{
        borderTopWidth: 1,
        borderColor: palette.line,
        paddingVertical: 4,
        columnGap: 12,
        flexDirection: 'row',
        flexWrap: 'wrap',
        alignItems: 'center',
        justifyContent: 'space-between',
      }}
    >
      <Txt
        bold
        style={[{ flexShrink: 1 }, finding.outcome === 'dealtWith' && { textDecorationLine: 'line-through' as const }]}
      >
        {finding.name}: {finding.text}
      </Txt>
      {finding.caution && !finding.outcome && (
        <Txt size={15} style={{ width: '100%' }}>
          {finding.caution}
        </Txt>
      )}
      {finding.outcome ? (
        <Txt size={14} color="softInk">
          {OUTCOME_TEXT[finding.outcome]}
        </Txt>
      ) : (
        <View style={{ flexDirection: 'row', gap: 8 }}>
          {(['dealtWith', 'declined'] as const).map((outcome) => (
            <Pressable
              key={outcome}
              role="button"
              aria-label={`${finding.name}, ${finding.text}: ${OUTCOME_TEXT[outcome]}`}
              onPress={() => onOutcome(outcome)}
              style={{ minHeight: 48, justifyContent: 'center', paddingRight: 16 }}
            >
              <Txt size={15} bold color="action">
                {outcome === 'dealtWith' ? 'Fixed' : 'Declined'}
              </Txt>
            </Pressable>
          ))}
        </View>
      )}
    </View>
  );
}
