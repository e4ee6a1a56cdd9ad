import { DEFAULT_RULES, stagesText, type Rules } from '@huff/core';
import { assessCall, type CallAssessment, type CallFacts, type KeptItem, readItem } from '@huff/core/call';
import { assess, type Assessment } from './plan';
import { knownFor, knownInputsFor } from './sameFigure';
import type { ShopDto } from './shop';
import type { VisitDto } from './visit';

const phasesOf = (said: unknown): 1 | 3 | undefined => (said === 'three' ? 3 : said === 'one' ? 1 : undefined);
const figure = (value: unknown): number | undefined => (typeof value === 'number' ? value : undefined);

/** What the air itself was found to be, for the list of everything found. */
function airFindings({ judgement, airflow, advice, measuredFindings }: Assessment): CallFacts['air'] {
  const sections = judgement.sections
    .filter(({ verdict }) => verdict.word === 'outside')
    .map(({ stages, fromStage, verdict }) => ({
      id: `stage-${fromStage}`,
      area:
        stages[0] === 'filter' ? ('filter' as const) : stages[0] === 'coil' ? ('coil' as const) : ('ducts' as const),
      words: `${stagesText(stages)}: ${verdict.sentence.charAt(0).toLowerCase()}${verdict.sentence.slice(1)}`,
    }));
  const found = [...sections, ...measuredFindings];
  return airflow.word === 'outside' ? [...found, { id: 'airflow', area: 'speed', words: advice.headline }] : found;
}

/** What the shop set for itself, without what it left as usual. */
function shopOdds(odds: Readonly<Record<string, number | null>> | null | undefined): Record<string, number> {
  return Object.fromEntries(
    Object.entries(odds ?? {}).filter((one): one is [string, number] => typeof one[1] === 'number'),
  );
}

/** What is known of the air where its word is “can't say”; nothing while an open question holds the verdict. */
function airKnownOf({ flow, judgement, drop, questions }: Assessment): CallFacts['airKnown'] {
  if (questions.some(({ holdsVerdict }) => holdsVerdict)) return undefined;
  const measured = flow && !flow.usualOnly ? flow : undefined;
  return {
    share: measured && measured.sigmaCfm / measured.flowCfm,
    ofTarget: measured && judgement.target && measured.flowCfm / judgement.target.flowCfm,
    tesp: judgement.tesp.word,
    dropF: drop.value,
  };
}

/** A whole visit as the rest of the call is judged from. */
export function callFactsOf(visit: VisitDto, assessment: Assessment, rules: Pick<Rules, 'capacitorShare'>): CallFacts {
  const plate = visit.setup?.motorPlate;
  const counted = [...assessment.counted.keys()];
  const last = visit.readings.at(-1)?.conditions;
  const ice = assessment.recorded.get('ice')?.state;
  return {
    facts: visit.facts ?? [],
    knownChecks: [...knownFor(visit, 'check')].flatMap(([point, { value, from }]) =>
      typeof value === 'number' ? [{ point, value, from }] : [],
    ),
    knownOfCircuit: knownInputsFor(visit, 'ladder'),
    motor: visit.motor,
    findings: assessment.findings,
    looks: [...assessment.recorded.values()],
    stop: assessment.stop,
    mode: visit.mode,
    stage: visit.setup?.stage ?? undefined,
    isHeatPump: visit.setup?.equipment === 'heatPump',
    flowCfm: assessment.flow && !assessment.flow.usualOnly ? assessment.flow.flowCfm : undefined,
    tons: visit.tons ?? undefined,
    context: {
      lineVolts: figure(plate?.plateVolts) ?? visit.setup?.lineVolts ?? figure(visit.plate?.volts),
      phases: phasesOf(plate?.phases) ?? phasesOf(visit.plate?.phases),
      plateAmps: figure(plate?.plateAmps),
      serviceFactor: figure(plate?.serviceFactor),
      capacitorTolerancePercent: 100 * rules.capacitorShare,
    },
    altitudeFt: visit.setup?.altitudeFt ?? undefined,
    airflow: assessment.airflow.word,
    airKnown: airKnownOf(assessment),
    staticRead: counted.length > 0,
    filterIn: last && last.filter === 'in',
    doorsOn: last && last.door === 'on',
    ice: ice === 'none' || ice === 'coil' ? ice : undefined,
    air: airFindings(assessment),
  };
}

/**
 * Everything that can be said of the rest of a call.
 *
 * @param odds those that the shop set for itself
 * @param carried what the unit’s visit before left unsettled
 */
export const assessCallOf = (
  visit: VisitDto,
  assessment: Assessment = assess(visit),
  rules: Rules = DEFAULT_RULES,
  odds?: ShopDto['odds'],
  carried: readonly KeptItem[] = [],
): CallAssessment =>
  assessCall({ ...callFactsOf(visit, assessment, rules), priors: shopOdds(odds), carried: carried.map(readItem) });
