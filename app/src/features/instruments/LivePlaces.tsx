import { PLACES, type PlaceId } from '@huff/core/instruments';
import { View } from 'react-native';
import { useProbeAt } from '../../data/bridge/bridge';
import { Txt } from '../../ui/text';
import { LiveValueLine } from './LiveValueLine';

/** What probes show at some places; nothing where none sits. */
export function LivePlaces({ places }: { readonly places: readonly PlaceId[] }) {
  return (
    <View>
      {places.map((place) => (
        <LivePlace key={place} place={place} />
      ))}
    </View>
  );
}

function LivePlace({ place }: { readonly place: PlaceId }) {
  const probe = useProbeAt(place);
  if (!probe) return null;
  return (
    <View style={{ flexDirection: 'row', alignItems: 'center', minHeight: 32 }}>
      <Txt size={15} color="softInk" style={{ flex: 1 }}>
        {PLACES[place].name}
      </Txt>
      <LiveValueLine probe={probe} size={18} />
    </View>
  );
}
