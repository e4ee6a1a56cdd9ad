import { checkText, outcomeOf, type Check, type CheckContext, type CheckPoint } from '@huff/core/call';
import { Pressable, View } from 'react-native';
import { VerdictMark } from '../../ui/marks';
import { Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';
import { STAND_WORD } from '../../ui/wayOfPower';

interface CheckRowProps {
  readonly point: CheckPoint;
  readonly check?: Check;
  readonly context: CheckContext;
  /** What was found there at the visit before. */
  readonly last?: Check;
  readonly onPress: () => void;
}

/** A point in a list: what it is, where, and what was found there. */
export function CheckRow({ point, check, context, last, onPress }: CheckRowProps) {
  const palette = usePalette();
  const text = check && checkText(check);
  return (
    <Pressable
      role="button"
      aria-label={`${point.name}: ${text ?? 'not yet'}`}
      onPress={onPress}
      style={{
        minHeight: 56,
        paddingVertical: 6,
        borderTopWidth: 1,
        borderColor: palette.line,
        flexDirection: 'row',
        alignItems: 'center',
        gap: 10,
      }}
    >
      <View style={{ flex: 1 }}>
        <Txt bold>{point.name}</Txt>
        <Txt size={14} color="softInk">
          {point.where}
        </Txt>
        {check?.from !== undefined && (
          <Txt size={14} color="softInk">
            {`from ${check.from}`}
          </Txt>
        )}
        {last && (
          <Txt size={14} bold={outcomeOf(last, context) === 'bad'}>
            {`last time: ${checkText(last)}`}
          </Txt>
        )}
      </View>
      <Txt
        size={text ? 16 : 14}
        bold={text !== undefined}
        color={text ? 'ink' : 'softInk'}
        align="right"
        style={{ maxWidth: 120 }}
      >
        {text ?? `${point.minutes} min`}
      </Txt>
      <VerdictMark word={STAND_WORD[(check && outcomeOf(check, context)) ?? 'untested']} size={18} />
    </Pressable>
  );
}
