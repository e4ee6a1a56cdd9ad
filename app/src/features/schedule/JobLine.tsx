import { Link } from 'expo-router';
import { View } from 'react-native';
import { Icon } from '../../ui/icons';
import { Txt } from '../../ui/text';
import { usePalette } from '../../ui/theme';
import type { PlannedStop } from '../visitState/stops';

interface StopLineProps {
  readonly planned: PlannedStop;
  /** Its place among the stops of the day, from 1. */
  readonly place: number;
  /** Whose day it is stands elsewhere. */
  readonly hidePerson?: boolean;
}

/** A stop: its place in the day, where, what for. It leads to the unit, or to the roof of the site. */
export function JobLine({ planned: { stop, site, unit, isDone }, place, hidePerson }: StopLineProps) {
  const palette = usePalette();
  const where = unit?.name ?? site?.name ?? 'A site not synced yet';
  const person = hidePerson ? undefined : (stop.person ?? 'not assigned');
  return (
    <Link
      href={unit ? `/units/${unit.id}` : `/sites/${stop.siteId}/roof`}
      aria-label={`Job ${place}${isDone ? ', done' : ''}: ${where}${unit && site ? `, ${site.name}` : ''}. ${stop.why}`}
      style={{
        display: 'flex',
        flexDirection: 'row',
        flex: 1,
        minWidth: 0,
        gap: 12,
        paddingVertical: 8,
        minHeight: 56,
        alignItems: 'center',
      }}
    >
      <View
        style={{
          width: 30,
          height: 30,
          borderRadius: 15,
          borderWidth: 1.5,
          borderColor: isDone ? palette.line : palette.ink,
          alignItems: 'center',
          justifyContent: 'center',
        }}
      >
        {isDone ? (
          <Icon name="check" size={18} color={palette.softInk} />
        ) : (
          <Txt bold figures>
            {String(place)}
          </Txt>
        )}
      </View>
      <View style={{ flex: 1, minWidth: 0 }}>
        <Txt bold={!isDone} color={isDone ? 'softInk' : 'ink'} numberOfLines={2}>{`${where}: ${stop.why}`}</Txt>
        <Txt size={14} color="softInk" numberOfLines={1}>
          {[unit ? site?.name : undefined, site?.address, person].filter(Boolean).join(' · ')}
        </Txt>
      </View>
    </Link>
  );
}
