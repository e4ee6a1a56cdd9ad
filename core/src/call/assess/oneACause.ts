import type { TriageItem } from '../triage/triage';

type Matches = (item: TriageItem) => boolean;

const is =
  (...ids: readonly string[]): Matches =>
  ({ id }) =>
    ids.includes(id);
const airIn =
  (...areas: readonly TriageItem['area'][]): Matches =>
  ({ id, area }) =>
    id.startsWith('air-stage-') && areas.includes(area);

const outdoorSide: Matches = ({ id }) => /^circuit-\d-(outdoor|dirtyOutdoor)$/.test(id);

/** Findings that are one cause: the first that is there names it, the others are its evidence. */
const ONE_CAUSE: readonly (readonly Matches[])[] = [
  [is('look-filter'), is('look-light'), is('check-upkeepFilter'), airIn('filter')],
  [is('look-belt'), is('check-belt'), is('cause-beltOff'), is('check-upkeepBelt'), is('air-slip')],
  [is('look-wheel'), is('check-upkeepWheel')],
  [is('check-wheel'), is('cause-seized')],
  [is('look-coilFace'), is('check-upkeepCoil'), airIn('coil')],
  [is('check-upkeepOutdoor'), outdoorSide, is('check-outdoorWashed')],
  [is('look-drain'), is('cause-floatSwitch', 'cause-floatInR'), is('check-floatSwitch'), is('check-drainFlush')],
  [is('look-capacitor'), is('check-capacitor'), is('cause-capacitor'), is('check-upkeepCapacitor')],
  [is('look-wiring'), is('cause-motorLead'), is('check-motorLead')],
  [is('cause-windings', 'cause-overloadHot'), is('check-windings'), is('check-overloadRetest')],
  [is('cause-ecmWindings', 'cause-module'), is('check-moduleWindings')],
  [is('cause-harness'), is('check-harnessWiggled'), is('check-harnessOhms')],
  [is('cause-contactorFaces', 'cause-relayContacts'), is('check-contacts'), is('check-upkeepContactor')],
  [is('cause-relayCoil', 'cause-contactorCoil'), is('check-coilOhms')],
  [is('cause-heatContact'), is('check-heatContact')],
  [is('check-lineVolts', 'check-legVoltsLow', 'check-motorVolts', 'check-motorSupply'), is('low-volts')],
  [is('cause-outHermCapacitor'), is('check-outHerm')],
  [is('cause-outFanCapacitor'), is('check-outFanSide')],
  [is('cause-outFanMotor'), is('check-outFanMotor')],
  [is('cause-outSwitchOpen'), is('check-outSwitches')],
  [is('cause-outContactorFaces'), is('check-outContacts', 'check-outContactDrop')],
  [is('cause-outStartGear'), is('check-startGear')],
  [is('cause-compGrounded', 'cause-compWinding', 'cause-compHot'), is('check-compWindings'), is('check-compOverload')],
  [is('cause-sequencer'), is('check-sequencer'), is('heat-sequence')],
  [is('cause-limitOpen', 'cause-littleAir'), is('check-limitCircuit'), is('check-limitTrips')],
  [is('cause-heatSpeed'), is('check-heatBlower')],
  [is('cause-igniter'), is('check-igniterOhms')],
  [is('cause-flameSensor'), is('check-flameMicroamps')],
  [is('check-pressureTube'), is('cause-pressureTube'), is('check-pressureSwitch')],
  [is('ampsCooling-over', 'ampsHeating-over'), is('check-ampsCooling', 'check-ampsHeating', 'check-afterAmps')],
];

/** What is only noticed: it has a cause, and nothing is repaired for it. */
const SYMPTOMS: ReadonlySet<string> = new Set(['look-air', 'look-noise', 'look-flashes', 'check-flashCode']);
/** Where the cause of a symptom may stand. */
const BEHIND: ReadonlySet<TriageItem['area']> = new Set(['power', 'blower', 'filter', 'coil', 'ducts', 'heat']);

const beneath = (head: TriageItem, under: readonly TriageItem[]): TriageItem => {
  if (under.length === 0) return head;
  const evidence = [...(head.evidence ?? []), ...under.flatMap(({ words, evidence: own = [] }) => [words, ...own])];
  return {
    ...head,
    evidence,
    toDo: head.toDo ?? under.find(({ toDo }) => toDo !== undefined)?.toDo,
    // Work that fixes one fixes all: the most of them, not their sum.
    minutes: Math.max(head.minutes, ...under.map(({ minutes }) => minutes)),
    money: Math.max(head.money, ...under.map(({ money }) => money)),
  };
};

/**
 * One finding a cause, with what else shows it beneath it. What stops a visit stands by itself, and so does what was settled otherwise than its cause.
 * A symptom goes beneath the first open cause; where none is known it stands as a symptom, which nothing is asked for.
 *
 * @param items everything found, in the order it is taken
 */
export function oneACause(items: readonly TriageItem[]): readonly TriageItem[] {
  let list = [...items];
  for (const group of ONE_CAUSE) {
    const members = group.flatMap((matches) => list.filter((item) => matches(item) && !item.isStop));
    const [head, ...others] = members;
    if (!head) continue;
    const under = others.filter(({ outcome }) => outcome === 'open' || outcome === head.outcome);
    if (under.length === 0) continue;
    const gone = new Set(under);
    list = list.filter((item) => !gone.has(item)).map((item) => (item === head ? beneath(head, under) : item));
  }
  const symptoms = list.filter(({ id, isStop, outcome }) => SYMPTOMS.has(id) && !isStop && outcome === 'open');
  const cause = list.find((item) => item.outcome === 'open' && BEHIND.has(item.area) && !SYMPTOMS.has(item.id));
  return list.flatMap((item) => {
    if (!symptoms.includes(item)) return [item === cause ? beneath(item, symptoms) : item];
    return cause ? [] : [{ ...item, isSymptom: true as const, minutes: 0, money: 0 }];
  });
}
