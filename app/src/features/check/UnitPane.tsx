import type { BlowerTableDto, VisitDto } from '@huff/contract';
import { flowText, MOTOR_KINDS, staticText, tapRow, tonsText } from '@huff/core';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { HelperText, TextInput } from 'react-native-paper';
import { Icon } from '../../ui/icons';
import { Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';
import { Choice } from '../../ui/form';
import { MOTOR_TEXT, speedText } from './motorText';
import { onTable } from './newVisit';
import { TablePicker } from './TablePicker';
import { UnitSetupSheet } from './UnitSetupSheet';

interface UnitPaneProps {
  readonly visit: VisitDto;
  readonly onVisit: (visit: VisitDto) => void;
}

const USUAL_TONS = ['1.5', '2', '2.5', '3', '3.5', '4', '5'];

/** The three things to say before reading: which blower table, how many tons, which tap runs. */
export function UnitPane({ visit, onVisit }: UnitPaneProps) {
  const [picking, setPicking] = useState(false);
  const [editing, setEditing] = useState(false);
  const [telling, setTelling] = useState(false);
  const size = visit.tons
    ? `${tonsText(visit.tons)} t`
    : visit.setup?.designCfm
      ? `${flowText(visit.setup.designCfm)} CFM`
      : null;
  // Without a table the speed's mark says nothing: what is known of the unit is one line all the same.
  const complete = size && (visit.table ? visit.tap : visit.unitId);
  const plate = visit.maxTespInWc ? `plate ${staticText(visit.maxTespInWc)}` : 'plate unknown';
  const pick = (table: BlowerTableDto) => {
    onVisit(onTable(visit, table));
    setPicking(false);
  };
  return (
    <View style={{ gap: 10 }}>
      <Row name="Blower table" value={visit.table?.name ?? 'choose'} onPress={() => setPicking(true)} />
      {complete && !telling ? (
        <Row
          name="Unit"
          value={`${size} · ${visit.table || visit.tap ? speedText(visit) : MOTOR_TEXT[visit.motor]} · ${plate}`}
          onPress={() => setTelling(true)}
        />
      ) : (
        (visit.table || visit.readings.length > 0) && (
          <View style={{ gap: 8 }}>
            {visit.table ? (
              <>
                <Txt size={14} color="softInk">
                  Tap in use
                </Txt>
                <Choice
                  label="Tap in use"
                  options={visit.table.taps.map(({ tap }) => ({ id: tap, text: tap }))}
                  chosen={visit.tap}
                  onChoose={(tap) => onVisit({ ...visit, tap })}
                />
                {visit.motor === 'beltDrive' && <MeasuredRpm visit={visit} onVisit={onVisit} />}
              </>
            ) : (
              <>
                <Txt size={14} color="softInk">
                  Motor. No table at hand: a usual curve of its kind stands in.
                </Txt>
                <Choice
                  label="Motor"
                  options={MOTOR_KINDS.map((id) => ({ id, text: MOTOR_TEXT[id] }))}
                  chosen={visit.motor}
                  onChoose={(motor) => onVisit({ ...visit, motor })}
                />
              </>
            )}
            <Txt size={14} color="softInk">
              Nominal tons
            </Txt>
            <Choice
              label="Nominal tons"
              options={USUAL_TONS.map((tons) => ({ id: tons, text: tons }))}
              chosen={visit.tons ? tonsText(visit.tons) : null}
              onChoose={(tons) => onVisit({ ...visit, tons: Number(tons) })}
            />
            <Row name="Plate, target, air path" value={plate} onPress={() => setEditing(true)} />
          </View>
        )
      )}
      <TablePicker open={picking} onClose={() => setPicking(false)} onPick={pick} />
      <UnitSetupSheet open={editing} visit={visit} onVisit={onVisit} onClose={() => setEditing(false)} />
    </View>
  );
}

/** A belt drive runs at any RPM: the measured one, between the rows of the table. */
function MeasuredRpm({ visit, onVisit }: UnitPaneProps) {
  const [text, setText] = useState(visit.tap ?? '');
  const { table } = visit;
  const known = table && text !== '' && tapRow(table, text.trim()) !== undefined;
  const wrong = text !== '' && table && !known;
  return (
    <View>
      <TextInput
        mode="outlined"
        label="Or the blower’s RPM, measured"
        accessibilityLabel="Or the blower’s RPM, measured"
        inputMode="decimal"
        value={text}
        error={wrong === true}
        onChangeText={(next) => {
          setText(next);
          if (table && tapRow(table, next.trim())) onVisit({ ...visit, tap: next.trim() });
        }}
      />
      {wrong && (
        <HelperText type="error" visible style={{ fontSize: 14 }}>
          The maker’s table does not reach this RPM.
        </HelperText>
      )}
    </View>
  );
}

function Row({
  name,
  value,
  onPress,
}: {
  readonly name: string;
  readonly value: string;
  readonly onPress: () => void;
}) {
  const palette = usePalette();
  return (
    <Pressable
      role="button"
      aria-label={`${name}: ${value}. Change`}
      onPress={onPress}
      style={{
        minHeight: 52,
        flexDirection: 'row',
        alignItems: 'center',
        gap: 10,
        borderWidth: 1,
        borderColor: palette.line,
        borderRadius: 6,
        paddingHorizontal: 12,
        backgroundColor: palette.sheet,
      }}
    >
      <Txt size={14} color="softInk">
        {name}
      </Txt>
      <Txt bold style={{ flex: 1 }} align="right" numberOfLines={1}>
        {value}
      </Txt>
      <Icon name="chevron-right" size={22} />
    </Pressable>
  );
}
