import { View } from 'react-native';
import { TextLink } from '../../ui/page';
import { Heading } from '../../ui/text';
import { usePalette } from '../../ui/theme';
import { JobLine } from '../schedule/JobLine';
import { useCarryAlong } from '../schedule/useCarryAlong';
import { dayOf, useStops } from '../visitState/stops';

/** The stops of today in their order, and the way to the plan and what is loaded for it. */
export function TodayStops({ now }: { readonly now: Date }) {
  const palette = usePalette();
  const { planned } = useStops();
  useCarryAlong(now);
  const today = planned.filter(({ stop }) => stop.day === dayOf(now));
  const ahead = planned.filter(({ stop, isDone }) => stop.day > dayOf(now) && !isDone).length;
  const done = today.filter(({ isDone }) => isDone).length;
  return (
    <View role="group" aria-label="Today’s jobs">
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: 12 }}>
        {today.length > 0 && (
          <Heading size={17} style={{ flex: 1 }}>
            {done === 0 ? 'Jobs' : `Jobs, ${done} of ${today.length} done`}
          </Heading>
        )}
        <TextLink href="/schedule">
          {today.length > 0 ? 'Plan and load' : ahead > 0 ? `Plan and load: ${ahead} ahead` : 'Plan jobs, load truck'}
        </TextLink>
      </View>
      {today.map((one, i) => (
        <View key={one.stop.id} style={{ flexDirection: 'row', borderTopWidth: 1, borderColor: palette.line }}>
          <JobLine planned={one} place={i + 1} />
        </View>
      ))}
    </View>
  );
}
