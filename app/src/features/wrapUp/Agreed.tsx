import type { VisitDto } from '@huff/contract';
import {
  HAND_OVER_FORM,
  handedOver,
  handOverFaults,
  signatureFault,
  signatureText,
  strokesOf,
  type HandOver,
  type Strokes,
} from '@huff/core/call';
import { addMonths } from 'date-fns/addMonths';
import { format } from 'date-fns/format';
import { useState } from 'react';
import { View } from 'react-native';
import { Choice } from '../../ui/form';
import { ActionButton, TextButton } from '../../ui/page';
import { SignaturePad } from '../../ui/signature';
import { dateText, Heading, Txt } from '../../ui/text';
import { ToolForm } from '../tool/ToolForm';
import { useFieldForm } from '../tool/useFieldForm';
import { withFact } from '../visitState/newFact';
import { useTrends } from '../visitState/useTrends';
import { useWholeVisit } from '../visitState/WholeVisit';

interface AgreedProps {
  /** The site’s mail address. */
  readonly email?: string | null;
  readonly width: number;
}

const dayOf = (at: Date | number) => format(at, 'yyyy-MM-dd');

/** Days that the next visit may have: the filter’s, and those a shop says in months. */
function useDays({ unitId }: VisitDto) {
  const { filter } = useTrends(unitId ?? undefined);
  const [now] = useState(() => new Date());
  const due = filter?.due && filter.due.atMs > now.getTime() ? filter.due : undefined;
  return [
    ...(due ? [{ id: dayOf(due.atMs), text: `filter, ${dateText(due.atMs)}`, reason: 'Filter' }] : []),
    ...[1, 3, 6].map((months) => ({
      id: dayOf(addMonths(now, months)),
      text: months === 1 ? 'in a month' : `in ${months} months`,
      reason: undefined,
    })),
  ];
}

/** What is agreed when it is handed over: the next visit, a name, a mark. Nothing of it is needed. */
export function Agreed({ email, width }: AgreedProps) {
  const { whole, setWhole } = useWholeVisit();
  const agreed = handedOver(whole.facts ?? []) ?? {};
  const keep = (changed: Partial<HandOver>) => {
    const inputs = Object.fromEntries(
      Object.entries({ ...agreed, ...changed }).filter(([, value]) => value !== undefined && value !== ''),
    );
    setWhole(withFact(whole, 'handOver', inputs, new Date()));
  };
  const days = useDays(whole);
  return (
    <View style={{ gap: 12 }}>
      <Heading size={19}>Agreed</Heading>
      <View style={{ gap: 6 }}>
        <Txt size={14} color="softInk">
          Next visit
        </Txt>
        <Choice
          label="Next visit"
          options={days}
          chosen={agreed.returnOn ?? null}
          onChoose={(returnOn) => {
            const reason = days.find(({ id }) => id === returnOn)?.reason;
            keep({ returnOn, ...(reason === undefined ? {} : { returnFor: reason }) });
          }}
        />
      </View>
      {email && agreed.mailTo !== email && (
        <TextButton onPress={() => keep({ mailTo: email })}>{`Email report to ${email}`}</TextButton>
      )}
      {agreed.mailTo !== undefined && (
        <Txt size={15} role="status">
          {`The report goes to ${agreed.mailTo} once this visit is synced. See Settings, Email.`}
        </Txt>
      )}
      {/* Begun anew whenever what is kept has changed: a chip above fills its field in. */}
      <Words key={JSON.stringify(agreed)} agreed={agreed} onKeep={keep} />
      <Mark
        key={agreed.signature ?? ''}
        kept={agreed.signature}
        width={width}
        onKeep={(signature) => keep({ signature })}
      />
    </View>
  );
}

/** What of it is typed, in the order of the form. */
const typedOf = (agreed: HandOver) =>
  Object.fromEntries(
    Object.keys(HAND_OVER_FORM.fields).flatMap((id) => {
      const value = agreed[id as keyof HandOver];
      return value === undefined ? [] : [[id, value]];
    }),
  );

function Words({
  agreed,
  onKeep,
}: {
  readonly agreed: HandOver;
  readonly onKeep: (changed: Partial<HandOver>) => void;
}) {
  const words: Partial<HandOver> = { ...agreed, signature: undefined };
  const form = useFieldForm(HAND_OVER_FORM, words, handOverFaults);
  const changed = JSON.stringify(form.inputs) !== JSON.stringify(typedOf(words));
  const { control, errors, shown, onLeave, send } = form;
  return (
    <View style={{ gap: 8 }}>
      <ToolForm
        tool={HAND_OVER_FORM}
        control={control}
        errors={errors}
        shown={shown}
        onLeave={onLeave}
        known={['signature']}
      />
      <ActionButton
        quiet
        disabled={!changed}
        onPress={() => {
          send();
          // What was emptied is taken out, not left as it was.
          if (errors.length === 0)
            onKeep({
              ownerName: undefined,
              returnOn: undefined,
              returnFor: undefined,
              mailTo: undefined,
              words: undefined,
              ...form.inputs,
            });
        }}
      >
        Save
      </ActionButton>
    </View>
  );
}

function Mark({
  kept,
  width,
  onKeep,
}: {
  readonly kept?: string;
  readonly width: number;
  readonly onKeep: (signature: string | undefined) => void;
}) {
  const [strokes, setStrokes] = useState<Strokes>(() => (kept === undefined ? [] : (strokesOf(kept) ?? [])));
  const text = signatureText(strokes);
  const fault = strokes.length === 0 || text === kept ? undefined : signatureFault(text);
  return (
    <View style={{ gap: 6 }}>
      <Txt size={14} color="softInk">
        Customer signature (optional)
      </Txt>
      <SignaturePad
        strokes={strokes}
        onStrokes={setStrokes}
        width={Math.min(width, 480)}
        label={strokes.length === 0 ? 'Signature box, empty' : 'Signature box, signed'}
      />
      {fault !== undefined && (
        <Txt size={15} role="alert">
          {fault}
        </Txt>
      )}
      {strokes.length > 0 && (
        <View style={{ flexDirection: 'row', gap: 24 }}>
          {text !== kept && fault === undefined && <TextButton onPress={() => onKeep(text)}>Save signature</TextButton>}
          <TextButton
            onPress={() => {
              setStrokes([]);
              if (kept !== undefined) onKeep(undefined);
            }}
          >
            Clear
          </TextButton>
        </View>
      )}
    </View>
  );
}
