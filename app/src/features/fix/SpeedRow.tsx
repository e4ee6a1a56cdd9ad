import { fanSpeeds, hasSpeed, operate, type ChosenMove } from '@huff/core';
import { speedGuide, type PlanRequest } from '@huff/core/fix';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { Choice } from '../../ui/form';
import { Icon } from '../../ui/icons';
import { Heading, Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';
import { SwitchTable } from './SwitchTable';
import { withMove, withoutMove } from './useFix';

interface SpeedRowProps {
  readonly request: PlanRequest;
  readonly chosen: readonly ChosenMove[];
  readonly onChoose: (chosen: readonly ChosenMove[]) => void;
}

/** The blower's speed: which tap, and how it is changed on this kind of motor, down to the wire. */
export function SpeedRow({ request, chosen, onChoose }: SpeedRowProps) {
  const palette = usePalette();
  const [open, setOpen] = useState(false);
  const { fan, heating } = request.system;
  const at = operate(request.system);
  const picked = chosen.find((one) => one.id === 'changeTap')?.inputs.tap;
  const tap = typeof picked === 'string' ? picked : fan.tap;
  const guide =
    fan.table && tap !== fan.tap && hasSpeed(fan, tap)
      ? speedGuide({ motor: fan.motor, table: fan.table, from: fan.tap, to: tap, heatTap: heating?.tap })
      : undefined;
  return (
    <View style={{ borderTopWidth: 1, borderColor: palette.line, paddingVertical: 10, gap: 8 }}>
      <Heading size={17}>{fan.motor === 'constantAirflow' ? 'Switch setting' : 'Speed tap'}</Heading>
      <Choice
        label="Speed to try"
        options={fanSpeeds(fan).map((one) => ({ id: one, text: one === fan.tap ? `${one}, in use` : one }))}
        chosen={tap}
        onChoose={(next) =>
          onChoose(
            next === fan.tap
              ? withoutMove(chosen, 'changeTap')
              : withMove(chosen, { id: 'changeTap', inputs: { tap: next } }),
          )
        }
      />
      {fan.motor === 'constantAirflow' && fan.table && (
        <SwitchTable
          table={fan.table}
          now={fan.tap}
          then={tap}
          tespInWc={at.kind === 'crossing' ? at.tespInWc : undefined}
        />
      )}
      {guide && (
        <View>
          <Pressable
            role="button"
            aria-expanded={open}
            aria-label={`${guide.headline}: steps`}
            onPress={() => setOpen(!open)}
            style={{ minHeight: 48, flexDirection: 'row', alignItems: 'center', gap: 6 }}
          >
            <Txt bold color="action" style={{ flex: 1 }}>
              {guide.headline}
            </Txt>
            <Icon name={open ? 'chevron-down' : 'chevron-right'} color={palette.action} />
          </Pressable>
          {open && (
            <View style={{ gap: 8, paddingBottom: 4 }}>
              {guide.steps.map((step, i) => (
                <View key={step} style={{ flexDirection: 'row', gap: 10 }}>
                  <Txt bold figures style={{ width: 18 }}>
                    {i + 1}
                  </Txt>
                  <Txt size={15} style={{ flex: 1 }}>
                    {step}
                  </Txt>
                </View>
              ))}
              <Txt size={15} bold>
                {guide.heating}
              </Txt>
              <Txt size={15} color="softInk">
                {guide.mind}
              </Txt>
            </View>
          )}
        </View>
      )}
    </View>
  );
}
