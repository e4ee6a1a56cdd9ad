import type { VisitDto } from '@huff/contract';
import type { FactKind } from '@huff/core';
import type { PlaceId, Sample } from '@huff/core/instruments';
import { bridge } from '../../data/bridge/bridge';
import { dropHeld, heldValue } from '../../data/bridge/heldValues';
import { withTrace } from './withTrace';

/** Fields of a method, by the place whose probe shows them. */
const FIELDS: Readonly<Partial<Record<FactKind, Readonly<Record<string, PlaceId>>>>> = {
  measuredDrop: {
    returnF: 'returnDry',
    returnWetF: 'returnWet',
    returnRhPercent: 'returnHumidity',
    supplyF: 'supplyDry',
    supplyWetF: 'supplyWet',
    outdoorF: 'outdoorDry',
    roomF: 'roomDry',
  },
  electricHeat: { returnF: 'returnDry', supplyF: 'supplyDry' },
  gasHeat: { returnF: 'returnDry', supplyF: 'supplyDry' },
  motorLoad: { amps: 'blowerAmps' },
};

/** Lists of a method that one probe reads point by point. */
const LISTS: Readonly<Partial<Record<FactKind, Readonly<Record<string, PlaceId>>>>> = {
  traverse: { readings: 'duct' },
  registers: { temperaturesF: 'register' },
};

/** A value that a form begins with: of a steady probe, else of a log. */
interface Begun {
  readonly value: number;
  readonly probe: string;
  readonly samples: readonly Sample[];
}

function begunAt(visitId: string, place: PlaceId): Begun | undefined {
  const probe = bridge.get().probes.find((one) => one.place === place);
  if (probe && !probe.isQuiet && probe.state.kind === 'steady')
    return { value: probe.state.mean, probe: probe.id, samples: probe.samples };
  const held = heldValue(visitId, place);
  return held && { value: held.value, probe: held.from, samples: held.samples };
}

/** What steady probes, or a log, show for a method: it begins with that, and each figure can still be typed over. */
export function liveInputs({ id }: Pick<VisitDto, 'id'>, method: FactKind): Record<string, unknown> {
  const begun = Object.fromEntries(
    Object.entries(FIELDS[method] ?? {}).flatMap(([field, place]) => {
      const at = begunAt(id, place);
      return at ? [[field, Number(at.value.toFixed(1))]] : [];
    }),
  );
  const isByHumidity = 'returnRhPercent' in begun && !('returnWetF' in begun);
  return isByHumidity ? { ...begun, moisture: 'rh' } : begun;
}

/** The visit with what probes and logs showed of the figures that were just saved as a fact. */
export function withMethodTraces(visit: VisitDto, method: FactKind, inputs: Record<string, unknown>, now: Date) {
  const fact = visit.facts?.at(-1);
  const taken = Object.entries(FIELDS[method] ?? {}).flatMap(([field, place]) => {
    const at = begunAt(visit.id, place);
    // A figure that was typed over is none of the probe's.
    return at && inputs[field] === Number(at.value.toFixed(1)) ? [{ place, ...at }] : [];
  });
  dropHeld(
    visit.id,
    taken.map(({ place }) => place),
  );
  return taken.reduce(
    (kept, { place, probe, samples }) => (fact ? withTrace(kept, { id: probe, place, samples }, fact.id, now) : kept),
    visit,
  );
}

/** The places a method asks for. */
export const placesAsked = (method: FactKind): PlaceId[] => Object.values(FIELDS[method] ?? {});

/** The probe's place that reads a list point by point. */
export const placeOfList = (method: FactKind, field: string): PlaceId | undefined => LISTS[method]?.[field];

/** Whether a probe sits where a list is read. */
export function isReadLive(method: FactKind, field: string): boolean {
  const place = placeOfList(method, field);
  return place !== undefined && bridge.get().probes.some((probe) => probe.place === place);
}
