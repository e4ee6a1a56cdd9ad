import { caseRequest } from '@huff/contract/practice';
import { conditionOf, realUnit, type Cabinet, type PracticeCase } from '@huff/core/practice';
import { PLACE_IDS, SIMULATED_PROBES, type PlaceId, type TruthAt } from '@huff/core/instruments';
import { bridge, connectSimulated, disconnect, placeProbe, troubleProbe } from '../../data/bridge/bridge';

/** The probe whose hose is moved from port to port. */
export const HOSE = 'Manometer A';

/** Lets the simulated instruments read the unit of a case as its cabinet is now; all of them begin in the bag. */
export function connectDrill(practice: PracticeCase) {
  const unit = realUnit(practice, caseRequest(practice));
  let truth: TruthAt = () => undefined;
  connectSimulated((place) => truth(place), practice.seed);
  for (const { id } of SIMULATED_PROBES) bridge.place(id, undefined);
  if (practice.hoseSlip) troubleProbe(HOSE, practice.hoseSlip);
  return {
    /** The cabinet changed: so does what is read. */
    follow(cabinet: Cabinet): void {
      truth = unit.truthAt(conditionOf(practice, cabinet));
      if (!cabinet.hoseSlip) troubleProbe(HOSE, 'none');
    },
    /** What a place truly is now. */
    truth: (place: PlaceId) => truth(place),
    stop(): void {
      disconnect();
    },
  };
}

/** Puts the probes of an instrument where they go. */
export function placeProbes(ids: readonly string[]): void {
  for (const id of ids) {
    const probe = SIMULATED_PROBES.find((one) => one.id === id);
    if (probe) placeProbe(id, probe.place);
  }
}

/** Moves a manometer's hose to a port. */
export const hoseTo = (probe: string, place: PlaceId): void => {
  if (PLACE_IDS.includes(place)) placeProbe(probe, place);
};
