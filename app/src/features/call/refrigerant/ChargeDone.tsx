import { toolText } from '@huff/core';
import {
  CHARGE_WORK_FORM,
  chargeWorkFaults,
  chargeWorks,
  chargeWorkWords,
  netOunces,
  type KeptChargeWork,
} from '@huff/core/call';
import { useState } from 'react';
import { View } from 'react-native';
import { ActionButton, TextButton } from '../../../ui/page';
import { Sheet } from '../../../ui/sheet';
import { Heading, Txt } from '../../../ui/text';
import { usePalette } from '../../../ui/theme';
import { ToolForm } from '../../tool/ToolForm';
import { useFieldForm } from '../../tool/useFieldForm';
import { takenBack, withFact } from '../../visitState/newFact';
import { useWholeVisit } from '../../visitState/WholeVisit';

interface ChargeDoneProps {
  /** What is known already: circuit and refrigerant. */
  readonly begin: Record<string, unknown>;
}

/** What was done to the charge: recovered, added, weighed in, leaks, holding, evacuation. It goes on the report and the shop's record. */
export function ChargeDone({ begin }: ChargeDoneProps) {
  const { whole, setWhole } = useWholeVisit();
  const palette = usePalette();
  const [writing, setWriting] = useState(false);
  const works = chargeWorks(whole.facts ?? []);
  const circuits = new Set(works.map(({ circuit }) => circuit)).size;
  const net = netOunces(works);
  return (
    <View>
      <View style={{ flexDirection: 'row', alignItems: 'center' }}>
        <Heading size={17} style={{ flex: 1 }}>
          Charge work done
        </Heading>
        <TextButton onPress={() => setWriting(true)}>Record work</TextButton>
      </View>
      {works.map((work: KeptChargeWork) => (
        <View
          key={work.factId}
          style={{ flexDirection: 'row', alignItems: 'center', borderTopWidth: 1, borderColor: palette.line, gap: 8 }}
        >
          <Txt style={{ flex: 1, paddingVertical: 8 }}>{chargeWorkWords(work, circuits)}</Txt>
          <TextButton onPress={() => setWhole(takenBack(whole, [work.factId], new Date()))}>Remove</TextButton>
        </View>
      ))}
      {net !== 0 && (
        <Txt size={14} color="softInk">
          {`Net ${net > 0 ? 'in' : 'out'}: ${toolText(Math.abs(net), 'oz')}.`}
        </Txt>
      )}
      <Sheet open={writing} onClose={() => setWriting(false)} title="Charge work done">
        {writing && (
          <Body
            begin={begin}
            onKeep={(inputs) => {
              setWhole(withFact(whole, 'charge', inputs, new Date()));
              setWriting(false);
            }}
          />
        )}
      </Sheet>
    </View>
  );
}

function Body({
  begin,
  onKeep,
}: {
  readonly begin: Record<string, unknown>;
  readonly onKeep: (inputs: Record<string, unknown>) => void;
}) {
  const form = useFieldForm(CHARGE_WORK_FORM, begin, chargeWorkFaults);
  return (
    <View style={{ gap: 12 }}>
      <Txt size={15} color="softInk">
        Certified technicians only. Never vent. Enter what scale and gauge show.
      </Txt>
      <ToolForm
        tool={CHARGE_WORK_FORM}
        control={form.control}
        errors={form.errors}
        shown={form.shown}
        onLeave={form.onLeave}
      />
      <ActionButton
        onPress={() => {
          form.send();
          if (form.errors.length === 0) onKeep(form.inputs);
        }}
      >
        Save
      </ActionButton>
    </View>
  );
}
