import type { VisitDto } from '@huff/contract';
import { CASE_METERING, CASE_REFRIGERANT, CASE_VOLTS } from '@huff/core/practice';
import type { LiveProbe } from '../../data/bridge/bridgeStore';
import { withFact } from '../visitState/newFact';

/** An instrument of the bag: its probes, and what is written down from them. */
export interface BagInstrument {
  readonly id: 'manometer' | 'thermometers' | 'clamp' | 'tachometer' | 'gauges';
  readonly name: string;
  /** Ids of its probes; the first one is shown. */
  readonly probes: readonly string[];
  /** Words of the button that writes it down. */
  readonly record: string;
  /** Used on these motors only. */
  readonly motors?: readonly string[];
}

export const BAG: readonly BagInstrument[] = [
  { id: 'manometer', name: 'Manometer', probes: ['Manometer A'], record: 'Record' },
  {
    id: 'thermometers',
    name: 'Thermometers',
    probes: ['Psychrometer 2', 'Psychrometer 1', 'Psychrometer 1 wet', 'Room thermometer', 'Outdoor thermometer'],
    record: 'Record temperatures',
  },
  { id: 'clamp', name: 'Clamp meter', probes: ['Clamp meter'], record: 'Record amps' },
  { id: 'tachometer', name: 'Tachometer', probes: ['Tachometer'], record: 'Record RPM', motors: ['beltDrive'] },
  {
    id: 'gauges',
    name: 'Gauges',
    probes: ['Suction gauge', 'High side gauge', 'Suction clamp', 'Liquid clamp'],
    record: 'Record gauges',
  },
];

const figure = (probes: readonly LiveProbe[], id: string, places = 1): number | undefined => {
  const probe = probes.find((one) => one.id === id);
  if (!probe) return undefined;
  return Number((probe.state.kind === 'steady' ? probe.state.mean : probe.value).toFixed(places));
};

const known = (inputs: Readonly<Record<string, unknown>>) =>
  Object.fromEntries(Object.entries(inputs).filter(([, value]) => value !== undefined));

/** The visit with what an instrument shows now; as it was where a probe shows nothing. */
export function withInstrument(
  visit: VisitDto,
  id: BagInstrument['id'],
  probes: readonly LiveProbe[],
  now: Date,
): VisitDto {
  const returnF = figure(probes, 'Psychrometer 1');
  const outdoorF = figure(probes, 'Outdoor thermometer');
  switch (id) {
    case 'thermometers': {
      const supplyF = figure(probes, 'Psychrometer 2');
      if (returnF === undefined || supplyF === undefined) return visit;
      const wet = figure(probes, 'Psychrometer 1 wet');
      const inputs = known({
        moisture: 'wetBulb',
        returnF,
        supplyF,
        // A sock is never warmer than its air: the last tenth is noise.
        returnWetF: wet === undefined ? undefined : Math.min(wet, returnF),
        roomF: figure(probes, 'Room thermometer'),
        outdoorF,
        minutes: 15,
      });
      return withFact(visit, 'measuredDrop', inputs, now);
    }
    case 'clamp': {
      const amps = figure(probes, 'Clamp meter', 2);
      return amps === undefined ? visit : withFact(visit, 'motorLoad', { volts: CASE_VOLTS, amps }, now);
    }
    case 'tachometer': {
      const rpm = figure(probes, 'Tachometer', 0);
      const drive = visit.setup?.drive;
      if (rpm === undefined || !drive) return visit;
      return { ...visit, setup: { ...visit.setup, drive: { ...drive, measuredRpm: rpm } } };
    }
    case 'gauges': {
      const inputs = known({
        circuit: '1',
        refrigerant: CASE_REFRIGERANT,
        metering: CASE_METERING,
        highPort: 'liquid',
        suctionPsig: figure(probes, 'Suction gauge', 0),
        highPsig: figure(probes, 'High side gauge', 0),
        suctionLineF: figure(probes, 'Suction clamp'),
        liquidLineF: figure(probes, 'Liquid clamp'),
        outdoorF,
        returnF,
        minutesRunning: 15,
      });
      return inputs.suctionPsig === undefined ? visit : withFact(visit, 'ladder', inputs, now);
    }
    case 'manometer':
      return visit;
  }
}
