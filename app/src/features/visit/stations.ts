import type { Station } from '../../ui/stations';
import { building, call, complaintSaid, found, heat, power, refrigerant, upkeep } from '../call/stations';
import { airflow } from '../stations/airflow/station';
import { drop } from '../stations/temperatures/station';
import { look } from '../stations/inspect/station';
import { pressure } from '../stations/pressure/station';
import { causes } from '../causes/station';
import { fix } from '../fix/station';
import { handOver } from '../wrapUp/station';
import { prove } from '../verify/station';
import type { Meter } from '../visitState/meter';
import type { StationFacts, StationId, StationPlan } from '../visitState/station';

/** The stations of a visit, in the order of the run when nothing was said. A new one is a folder and a line here. */
export const STATIONS: readonly StationPlan[] = [
  call,
  look,
  pressure,
  airflow,
  drop,
  causes,
  fix,
  prove,
  power,
  heat,
  refrigerant,
  building,
  upkeep,
  found,
  handOver,
];

/** Stations of an air check, where no complaint sets another run. */
const AIR: readonly StationId[] = [
  'call',
  'look',
  'pressure',
  'airflow',
  'drop',
  'causes',
  'fix',
  'prove',
  'found',
  'handOver',
];

/** Stations that have nothing to do on a call for something that does not run, until the air is known or a plan was decided. */
const WAITING: readonly { readonly id: StationId; readonly hasWork: (facts: StationFacts) => boolean }[] = [
  { id: 'causes', hasWork: ({ assessment }) => assessment.counted.size > 0 },
  { id: 'fix', hasWork: ({ assessment }) => assessment.model !== undefined },
  { id: 'prove', hasWork: ({ parted }) => parted.plan !== undefined },
];

/** A run that goes to Power or Heat before it measures static. */
const isElectrical = (run: readonly StationId[]) =>
  run.some((id) => (id === 'power' || id === 'heat') && run.indexOf(id) < run.indexOf('pressure'));

/** The run of a visit: the complaint sets it, less what has nothing to do yet. */
function runOf(facts: StationFacts): readonly StationId[] {
  const run: readonly StationId[] = complaintSaid(facts.whole)?.stations ?? AIR;
  if (!isElectrical(run)) return run;
  return run.filter((id) => WAITING.find((one) => one.id === id)?.hasWork(facts) !== false);
}

/** Whether a drill has a station: nobody is there to hand its unit over to, and in an exam nothing says what is likely. */
const isInDrill = (id: string, { isSilent }: Pick<Meter, 'isSilent'>) =>
  id !== 'handOver' && !(isSilent && id === 'causes');

/**
 * How far each station of a visit is, and what it still lacks: those of the complaint's run in its order, then the others, a touch away.
 *
 * @param meter of a drill; absent at a real visit
 */
export function stationsOf(facts: StationFacts, meter?: Pick<Meter, 'isSilent'>): Station[] {
  const run = runOf(facts);
  const inRun = run.flatMap((id) => STATIONS.filter((plan) => plan.id === id));
  const others = STATIONS.filter(({ id }) => !run.includes(id));
  const all = [
    ...inRun.map(({ id, progress }) => ({ id, ...progress(facts) })),
    ...others.map(({ id, progress }) => ({ id, isAside: true, ...progress(facts) })),
  ];
  return meter ? all.filter(({ id }) => isInDrill(id, meter)) : all;
}
