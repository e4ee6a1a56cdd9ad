import { knownInputsFor } from '@huff/contract';
import { laddersOf, type CallAssessment } from '@huff/core/call';
import { withFact } from '../../visitState/newFact';
import { useWholeVisit } from '../../visitState/WholeVisit';
import { usePlate } from './usePlate';

/** What the circuits of a unit share: a circuit not read yet begins with it, not with another circuit's readings. */
const SHARED = ['refrigerant', 'metering', 'outdoorF', 'returnF', 'returnWetBulbF', 'minutesRunning'] as const;

/** A circuit of the unit: what was typed of it, what the visit and the plate know already, and how more of it is kept. */
export function useCircuit(call: CallAssessment, id: string) {
  const { whole, setWhole } = useWholeVisit();
  const { begin: ofUnit, keepOf } = usePlate(whole.unitId);
  // What was typed elsewhere in the visit is not typed again here.
  const begin: Record<string, unknown> = { ...ofUnit, ...knownInputsFor(whole, 'ladder') };
  const ladders = laddersOf(whole.facts ?? []);
  const raw = { ...begin, ...ladders.get('1'), ...ladders.get(id), circuit: id } as Record<string, unknown>;
  const shared = Object.fromEntries(SHARED.map((field) => [field, raw[field]]));
  const own: Record<string, unknown> = ladders.has(id) ? raw : { ...begin, ...shared, circuit: id };
  const keep = (changed: Record<string, unknown>) => {
    const inputs = Object.fromEntries(
      Object.entries({ ...own, ...changed }).filter(([, value]) => value !== undefined && value !== null),
    );
    setWhole(withFact(whole, 'ladder', inputs, new Date()));
  };
  return {
    own,
    keep,
    circuit: call.circuits.find((one) => one.id === id),
    isRead: (circuitId: string) => ladders.has(circuitId),
    /** Keeps the plate's part on the unit; absent where nothing was typed. */
    keepOnUnit: ladders.has(id) ? keepOf(own) : undefined,
  };
}
