export { CHANNEL_IDS, type ChannelId, CHANNELS } from './channels';
export { liveFault, type LiveValue, QUIET_MS } from './liveValue';
export { type LiveState, liveState, type Sample } from './steadiness';
export { PLACE_IDS, type PlaceId, PLACES, placesFor, portAt } from './places';
