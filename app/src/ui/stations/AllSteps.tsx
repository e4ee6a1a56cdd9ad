import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { Sheet } from '../sheet';
import { Heading, Txt } from '../text';
import { usePalette } from '../theme';
import { STATE_TEXT, type Station } from './station';

interface AllStepsProps {
  readonly stations: readonly Station[];
  readonly here?: string;
  readonly onGo: (id: string) => void;
}

/** Where one is in the run, "3 of 9"; a touch lists every step with what it still lacks, each a touch away. */
export function AllSteps({ stations, here, onGo }: AllStepsProps) {
  const palette = usePalette();
  const [open, setOpen] = useState(false);
  const run = stations.filter(({ isAside }) => !isAside);
  const others = stations.filter(({ isAside }) => isAside);
  const place = run.findIndex(({ id }) => id === here) + 1;
  const at = place > 0 ? `${place} of ${run.length}` : `${run.length} steps`;
  const name = stations.find(({ id }) => id === here)?.name ?? '';
  const row = ({ id, name: step, state, lacks, says }: Station, number?: number) => (
    <Pressable
      key={id}
      role="button"
      aria-label={`Go to ${step}: ${STATE_TEXT[state]}${lacks ? `, ${lacks}` : ''}`}
      aria-current={id === here ? 'step' : undefined}
      onPress={() => {
        setOpen(false);
        onGo(id);
      }}
      style={{
        minHeight: 52,
        flexDirection: 'row',
        alignItems: 'center',
        gap: 12,
        borderTopWidth: 1,
        borderColor: palette.line,
      }}
    >
      <Txt figures color="softInk" style={{ width: 26 }} align="right">
        {number === undefined ? '' : String(number)}
      </Txt>
      <Txt bold={id === here} style={{ flexShrink: 0 }}>
        {step}
      </Txt>
      <Txt size={14} color="softInk" align="right" numberOfLines={1} style={{ flex: 1 }}>
        {says ?? lacks ?? STATE_TEXT[state]}
      </Txt>
    </Pressable>
  );
  return (
    <>
      <Pressable
        role="button"
        aria-label={`Step ${at}, ${name}: all steps`}
        onPress={() => setOpen(true)}
        style={{
          minHeight: 48,
          minWidth: 60,
          paddingLeft: 12,
          paddingRight: 10,
          justifyContent: 'center',
          borderRightWidth: 1,
          borderColor: palette.line,
        }}
      >
        <Txt size={15} bold figures>
          {at}
        </Txt>
        <Txt size={13} color="action" bold>
          all ▾
        </Txt>
      </Pressable>
      <Sheet open={open} onClose={() => setOpen(false)} title="Steps of this visit">
        <View>
          {run.map((step, i) => row(step, i + 1))}
          {others.length > 0 && (
            <Heading size={16} style={{ paddingTop: 16, paddingBottom: 4 }}>
              Other steps
            </Heading>
          )}
          {others.map((step) => row(step))}
        </View>
      </Sheet>
    </>
  );
}
