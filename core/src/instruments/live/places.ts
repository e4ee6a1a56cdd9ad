import { PORT_IDS, type PortId } from '../../air/system';
import type { ChannelId } from './channels';

/** Where a probe may sit, with the channels that make sense there. */
export const PLACES = {
  ...(Object.fromEntries(PORT_IDS.map((id) => [id, { name: id, channel: 'static' }])) as unknown as Readonly<
    Record<PortId, { readonly name: string; readonly channel: 'static' }>
  >),
  returnDry: { name: 'Return dry bulb', channel: 'dryBulb' },
  returnWet: { name: 'Return wet bulb', channel: 'wetBulb' },
  returnHumidity: { name: 'Return humidity', channel: 'humidity' },
  supplyDry: { name: 'Supply dry bulb', channel: 'dryBulb' },
  supplyWet: { name: 'Supply wet bulb', channel: 'wetBulb' },
  roomDry: { name: 'Room dry bulb', channel: 'dryBulb' },
  outdoorDry: { name: 'Outdoor dry bulb', channel: 'dryBulb' },
  register: { name: 'Register', channel: 'dryBulb' },
  blowerAmps: { name: 'Blower amps', channel: 'amps' },
  blowerRpm: { name: 'Blower RPM', channel: 'rpm' },
  duct: { name: 'Duct velocity', channel: 'velocity' },
  suction: { name: 'Suction pressure', channel: 'linePressure' },
  highSide: { name: 'High side pressure', channel: 'linePressure' },
  suctionLine: { name: 'Suction line', channel: 'lineTemperature' },
  liquidLine: { name: 'Liquid line', channel: 'lineTemperature' },
} as const satisfies Readonly<Record<string, { readonly name: string; readonly channel: ChannelId }>>;

export type PlaceId = keyof typeof PLACES;

export const PLACE_IDS = Object.keys(PLACES) as readonly PlaceId[];

/** The places a channel can measure. @example placesFor('static') // ['R0', 'R1', …] */
export const placesFor = (channel: ChannelId): PlaceId[] => PLACE_IDS.filter((id) => PLACES[id].channel === channel);

/** The port a place is, where it is one. */
export const portAt = (place: PlaceId): PortId | undefined => PORT_IDS.find((port) => port === place);
