import { sentenceCase, toolText, type ToolOutcome } from '@huff/core';
import { View } from 'react-native';
import { ActionButton } from '../../ui/page';
import { Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';

interface MethodFootProps {
  readonly outcome: ToolOutcome;
  readonly keepWords?: string;
  readonly onSend: () => void;
}

function statusOf(outcome: ToolOutcome): string {
  if (outcome.ok) {
    const lines = outcome.lines.slice(0, 2);
    const said = lines.map(({ label, value, unit }) => sentenceCase(`${label} ${toolText(value, unit)}`));
    return [...said, ...outcome.notes.slice(0, 1)].join('. ');
  }
  return outcome.errors.length === 1 ? outcome.errors[0]!.message : `${outcome.errors.length} readings missing.`;
}

/** What the method says so far, and the button that keeps it. */
export function MethodFoot({ outcome, keepWords, onSend }: MethodFootProps) {
  const palette = usePalette();
  const { ok } = outcome;
  return (
    <View style={{ padding: 16, paddingTop: 10, gap: 8, borderTopWidth: 1.5, borderColor: palette.ink }}>
      <Txt size={15} role="status" figures>
        {statusOf(outcome)}
      </Txt>
      <ActionButton
        onPress={onSend}
        quiet={!ok}
        aside={ok && outcome.flow ? `± ${Math.round(100 * outcome.flow.sigmaShare)} %` : undefined}
      >
        {ok && !keepWords
          ? `Save ${toolText(outcome.headline.value, outcome.headline.unit)}`
          : (keepWords ?? 'Save airflow')}
      </ActionButton>
    </View>
  );
}
