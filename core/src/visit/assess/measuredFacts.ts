import type { MeasuredFacts } from '../../fix/model';
import type { HeatingFacts, MotorFacts } from '../../air/system';
import { loadOf } from '../../calculators/electrical';
import { solveTool, type RawInputs } from '../../base/forms';
import { toolOf } from '../../calculators/catalogue';
import { traverseDuct } from '../../calculators/airflow';
import { ductAreaSqFt } from '../../air/traverse';
import { standingFacts, type Fact } from '../../call/facts/facts';
import type { VisitFacts } from './visitFacts';

/** What was last measured with the heat on. */
function heatFact(facts: readonly Fact[]): Fact | undefined {
  const standing = standingFacts(facts);
  return standing.get('gasHeat') ?? standing.get('electricHeat');
}

/** The last rise that was measured with the heat on. */
export function measuredRise(facts: readonly Fact[]): { riseF: number; id: string } | undefined {
  const fact = heatFact(facts);
  const { returnF, supplyF } = fact?.inputs ?? {};
  if (!fact || typeof returnF !== 'number' || typeof supplyF !== 'number') return undefined;
  return { riseF: supplyF - returnF, id: fact.id };
}

/** What is known of the heater: as typed, else its output as it was measured while it heated. */
export function heaterOf({ mode, heating, rise, facts }: VisitFacts): HeatingFacts | undefined {
  if (mode !== 'heating' || heating?.outputBtuH !== undefined) return heating;
  const fact = heatFact(facts);
  const outcome = fact && solveTool(toolOf(fact.kind)!, fact.inputs);
  return outcome?.ok ? { ...heating, outputBtuH: outcome.heatBtuH, riseMinF: rise?.min, riseMaxF: rise?.max } : heating;
}

const numberOf = (value: unknown) => (typeof value === 'number' ? value : undefined);

/** The air at the coil, where it was measured with its drop. */
export function coolingAirOf(inputs: RawInputs | undefined, dropF: number | undefined): MeasuredFacts['coolingAir'] {
  const [returnF, outdoorF] = [numberOf(inputs?.returnF), numberOf(inputs?.outdoorF)];
  if (dropF === undefined || returnF === undefined || outdoorF === undefined) return undefined;
  const wet = inputs?.moisture !== 'rh';
  const percent = numberOf(inputs?.returnRhPercent);
  return {
    returnF,
    outdoorF,
    dropF,
    wetBulbF: wet ? numberOf(inputs?.returnWetF) : undefined,
    relativeHumidity: wet || percent === undefined ? undefined : percent / 100,
  };
}

/** Cross-section of the duct that was traversed, sq ft. */
export function traversedAreaSqFt(facts: readonly Fact[]): number | undefined {
  const inputs = standingFacts(facts).get('traverse')?.inputs;
  const duct = inputs && traverseDuct(inputs);
  return duct && ductAreaSqFt(duct);
}

/** The motor's plate, with the last volts, amps and watts that were measured. */
export function motorOf(plate: MotorFacts | undefined, facts: readonly Fact[]): MotorFacts | undefined {
  const inputs = standingFacts(facts).get('motorLoad')?.inputs;
  if (!inputs) return plate;
  return {
    ...plate,
    plateAmps: plate?.plateAmps ?? numberOf(inputs.plateAmps),
    serviceFactor: plate?.serviceFactor ?? numberOf(inputs.serviceFactor),
    phases: inputs.phases === 'three' ? 3 : 1,
    ...loadOf(inputs),
    watts: numberOf(inputs.watts),
  };
}
