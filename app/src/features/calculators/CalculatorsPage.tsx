import { TOOLS } from '@huff/core/calculators';
import { Link } from 'expo-router';
import { View } from 'react-native';
import { Icon } from '../../ui/icons';
import { Page } from '../../ui/page';
import { Heading, Txt } from '../../ui/text';
import { useIsWide, usePalette } from '../../ui/theme';

const GROUPS = ['Pressure', 'Airflow', 'Temperature', 'Air', 'Ducts', 'Drive', 'Electrical'] as const;

/** Every calculation on its own, no record needed. */
export function CalculatorsPage() {
  const palette = usePalette();
  const wide = useIsWide();
  return (
    <Page title="Calculators" under="Every calculation by itself">
      <View style={{ paddingHorizontal: 16, gap: 18 }}>
        {GROUPS.map((group) => (
          <View key={group}>
            <Heading size={15} color="softInk" style={{ paddingBottom: 6 }}>
              {group}
            </Heading>
            <View style={wide && { flexDirection: 'row', flexWrap: 'wrap', columnGap: 24 }}>
              {TOOLS.filter((tool) => tool.group === group).map((tool) => (
                <Link
                  key={tool.id}
                  href={`/calculators/${tool.id}`}
                  aria-label={`${tool.name}. ${tool.says}`}
                  style={{
                    display: 'flex',
                    flexDirection: 'row',
                    alignItems: 'center',
                    borderTopWidth: 1,
                    borderColor: palette.line,
                    minHeight: 66,
                    paddingVertical: 8,
                    gap: 10,
                    width: wide ? '47%' : '100%',
                  }}
                >
                  <View style={{ flex: 1 }}>
                    <Txt size={17} bold>
                      {tool.name}
                    </Txt>
                    <Txt size={14} color="softInk" numberOfLines={2}>
                      {tool.says}
                    </Txt>
                  </View>
                  <Icon name="chevron-right" />
                </Link>
              ))}
            </View>
          </View>
        ))}
      </View>
    </Page>
  );
}
