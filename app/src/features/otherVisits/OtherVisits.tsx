import type { VisitDto } from '@huff/contract';
import { format } from 'date-fns/format';
import { isToday } from 'date-fns/isToday';
import { router } from 'expo-router';
import { Pressable, View } from 'react-native';
import { useRules } from '../../data/useRules';
import { drafts, useDraft, useVisitList } from '../../data/visits';
import { TextButton } from '../../ui/page';
import { Heading, Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';
import { quickCheck } from '../visitState/newVisit';

interface OtherVisitsProps {
  readonly visit: VisitDto;
}

/** The other checks of today, a touch away with the step they were left at, and a check of one more unit. */
export function OtherVisits({ visit }: OtherVisitsProps) {
  const palette = usePalette();
  const rules = useRules();
  const draft = useDraft();
  const { visits } = useVisitList();
  const open = draft && draft.id !== visit.id ? [draft] : [];
  const others = [...open, ...visits.filter(({ id, startedAt }) => id !== visit.id && isToday(startedAt))];
  const goTo = (id: string) => router.replace(draft?.id === id ? '/quick' : `/visits/${id}`);
  const checkAnother = () => {
    // What was read here is saved as it is.
    drafts.open(quickCheck(new Date(), rules));
    router.replace('/quick');
  };
  return (
    <View>
      <Heading size={17}>Other units today</Heading>
      {others.map(({ id, title, startedAt }) => (
        <Pressable
          key={id}
          role="button"
          aria-label={`Go to ${title}, ${format(startedAt, 'HH:mm')}`}
          onPress={() => goTo(id)}
          style={{
            flexDirection: 'row',
            alignItems: 'center',
            gap: 10,
            minHeight: 52,
            borderBottomWidth: 1,
            borderColor: palette.line,
          }}
        >
          <Txt bold style={{ flex: 1 }} numberOfLines={1}>
            {title}
          </Txt>
          <Txt size={15} color="softInk" figures>
            {format(startedAt, 'HH:mm')}
          </Txt>
        </Pressable>
      ))}
      <TextButton onPress={checkAnother}>Check another unit</TextButton>
    </View>
  );
}
