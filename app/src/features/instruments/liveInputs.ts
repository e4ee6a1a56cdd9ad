import type { FactKind } from '@huff/core';
import type { PlaceId } from '@huff/core/instruments';
import { bridge } from '../../data/bridge/bridge';

/** Fields of a method, by the place whose probe shows them. */
const FIELDS: Readonly<Partial<Record<FactKind, Readonly<Record<string, PlaceId>>>>> = {
  measuredDrop: {
    returnF: 'returnDry',
    returnWetF: 'returnWet',
    supplyF: 'supplyDry',
    outdoorF: 'outdoorDry',
    roomF: 'roomDry',
  },
  electricHeat: { returnF: 'returnDry', supplyF: 'supplyDry' },
  gasHeat: { returnF: 'returnDry', supplyF: 'supplyDry' },
  motorLoad: { amps: 'blowerAmps' },
};

/** What steady probes show for a method now: it begins with that, and each figure can still be typed over. */
export function liveInputs(method: FactKind): Record<string, number> {
  const { probes } = bridge.get();
  return Object.fromEntries(
    Object.entries(FIELDS[method] ?? {}).flatMap(([field, place]) => {
      const probe = probes.find((one) => one.place === place);
      return probe && !probe.isQuiet && probe.state.kind === 'steady'
        ? [[field, Number(probe.state.mean.toFixed(1))]]
        : [];
    }),
  );
}

/** The places a method asks for. */
export const placesAsked = (method: FactKind): PlaceId[] => Object.values(FIELDS[method] ?? {});
