import type { Complaint } from '../complaint';
import { blowsWarm } from './blowsWarm';
import { buildingPulls } from './buildingPulls';
import { freezing } from './freezing';
import { hotSmell } from './hotSmell';
import { maintenance } from './maintenance';
import { neverStops } from './neverStops';
import { noHeat } from './noHeat';
import { noRun } from './noRun';
import { noisy } from './noisy';
import { notCooling } from './notCooling';
import { outdoorDead } from './outdoorDead';
import { serviceCall } from './serviceCall';
import { startUp } from './startUp';
import { water } from './water';
import { weakRegister } from './weakRegister';

/** Every complaint, in the order they are offered. A new one is a file and a line here. */
export const COMPLAINTS: readonly Complaint[] = [
  noRun,
  neverStops,
  noHeat,
  notCooling,
  outdoorDead,
  freezing,
  hotSmell,
  blowsWarm,
  noisy,
  water,
  weakRegister,
  startUp,
  maintenance,
  buildingPulls,
  serviceCall,
];

export const complaintOf = (id: string | undefined): Complaint | undefined => COMPLAINTS.find((one) => one.id === id);
