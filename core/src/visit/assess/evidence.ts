import { driveState, type BeltDrive } from '../../air/drive';
import { itemToldBy, lookTold, type Rating } from '../../call/points';
import { lastLooks, type Look } from '../../judge/look';
import { voltageState } from '../../call/electrical/voltage';
import { checksOf, type Fact, type Outcome, outcomeSaid, unreplaced } from '../../call/facts';

/** A flash count under the switch setting by so much is the cut of a dehumidify switch, as shares (J). */
const CUT = { least: 0.1, most: 0.2 } as const;

/** What is known of a unit beside its facts that tells of something one looks at. */
export interface EvidenceContext extends Rating {
  readonly drive?: BeltDrive;
  /** What the switch setting asks for, CFM, of a motor that holds its airflow. */
  readonly settingCfm?: number;
  /** From this share on a belt slips too much: it is due, whatever it looks like. */
  readonly slipShare: number;
  /** Difference between return air at the unit and room air, °F, where it means a leak. */
  readonly leakF?: number;
  /** Of the nameplate, V. */
  readonly nominalVolts?: number;
}

/** Looks in the order they were made; what a check amounts to stands among them. */
function recordedLooks(facts: readonly Fact[], rating: Rating): Look[] {
  const checks = new Map(checksOf(facts).map((check) => [check.id, check]));
  const rated = [...checks.values()].findLast(({ point }) => point === 'ratedMicrofarads')?.value;
  const looks: Look[] = [];
  for (const fact of unreplaced(facts)) {
    if (fact.kind === 'look') looks.push(fact.inputs as unknown as Look);
    // Said with the switch setting: the same switch that is looked at.
    if (fact.kind === 'requestedFlow' && fact.inputs.dehumidify === 'noSensor')
      looks.push({ item: 'dehumidify', state: 'on', by: 'requestedFlow' });
    const check = checks.get(fact.id);
    const told = check && lookTold(check, { ...rating, ratedMicrofarads: rated ?? rating.ratedMicrofarads });
    if (told) looks.push(told);
    const outcome = outcomeSaid(fact);
    const settled = outcome && settledLook(looks, outcome);
    if (settled) looks.push(settled);
  }
  return looks;
}

/** The look an outcome is about, with it: the look itself, or what a check's finding amounts to. */
function settledLook(looks: readonly Look[], { finding, state }: Outcome): Look | undefined {
  const isOfLook = finding.startsWith('look-');
  const item = isOfLook ? finding.slice(5) : itemToldBy(finding.replace(/^check-/, ''));
  const last = looks.findLast((look) => look.item === item);
  if (!last || (last.by !== undefined) === isOfLook) return undefined;
  const outcome = state === 'dealtWith' || state === 'declined' ? state : undefined;
  // A look that is opened again, quoted or watched: nothing was done to it.
  return outcome || isOfLook ? { ...last, outcome } : undefined;
}

/** The flashes of a motor that holds its airflow, as CFM; undefined where they were not counted. */
export function flashesCfm(facts: readonly Fact[]): number | undefined {
  const inputs = facts.findLast(({ kind }) => kind === 'requestedFlow')?.inputs;
  return inputs?.by === 'flashes' && typeof inputs.flashes === 'number' ? 100 * inputs.flashes : undefined;
}

/** Where the supply of the blower is read, the nearest to the motor first. */
const SUPPLY_POINTS = ['motorVolts', 'motorSupply', 'legVoltsLow', 'lineVolts'] as const;

/** The supply as it was measured at the unit, V; undefined where it was not, or where none was there. @param nominal of the nameplate, V */
export function measuredVolts(facts: readonly Fact[], nominal: number | undefined): number | undefined {
  const read = new Map(checksOf(facts).map(({ point, value }) => [point, value]));
  return SUPPLY_POINTS.map((point) => read.get(point)).find(
    (volts) => volts !== undefined && voltageState(volts, nominal) !== 'lost',
  );
}

/** What was recorded, and what all of it shows. */
export interface Evidence {
  /** The last look at each thing, as recorded. */
  readonly recorded: ReadonlyMap<string, Look>;
  /** The same, with what RPM and flashes show: what every part of a judgement goes by. */
  readonly looks: ReadonlyMap<string, Look>;
}

/**
 * Everything recorded at a visit as looks: what a meter, a count or a check told is obeyed like what an eye saw.
 *
 * A belt that slips by RPM is due though it looks well; one that slips less takes no air, though it looks slack. Flashes 10 to 20 %
 * under the switch setting are the cut of a dehumidify switch, unless somebody looked at the switch.
 */
export function evidenceOf(
  facts: readonly Fact[],
  { drive, settingCfm, slipShare, leakF, nominalVolts, ...rating }: EvidenceContext,
): Evidence {
  const recorded = lastLooks(recordedLooks(facts, rating));
  const looks = new Map(recorded);
  const slip = drive?.measuredRpm === undefined ? undefined : driveState(drive).slip;
  const belt = recorded.get('belt');
  if (slip !== undefined && belt?.state !== 'broken' && belt?.outcome === undefined)
    looks.set('belt', { item: 'belt', state: slip > slipShare ? 'slack' : 'good', by: 'rpm' });
  if (leakF !== undefined) looks.set('returnAir', { item: 'returnAir', state: 'leaks', by: 'returnAgainstRoom' });
  const volts = measuredVolts(facts, nominalVolts);
  if (volts !== undefined)
    looks.set('supplyVolts', {
      item: 'supplyVolts',
      state: voltageState(volts, nominalVolts) === 'low' ? 'low' : 'good',
      by: 'volts',
    });
  const flashes = flashesCfm(facts);
  if (flashes !== undefined && settingCfm !== undefined && !recorded.has('dehumidify')) {
    const under = 1 - flashes / settingCfm;
    if (under >= CUT.least && under <= CUT.most)
      looks.set('dehumidify', { item: 'dehumidify', state: 'on', by: 'flashes' });
  }
  return { recorded, looks };
}
