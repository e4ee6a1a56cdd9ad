import type { VisitDto } from '@huff/contract';
import type { Rules } from '@huff/core';
import { assessCall, type CallAssessment, type CallFacts } from '@huff/core/call';
import { useMemo } from 'react';
import { shop } from '../../data/records';
import { useRules } from '../../data/useRules';
import type { Assessment } from '../visitState/useAssessment';

const figure = (value: unknown): number | undefined => (typeof value === 'number' ? value : undefined);

/** What the air itself was found to be, for the list of everything found. */
function airFindings({ judgement, airflow, advice }: Assessment): CallFacts['air'] {
  const stretches = judgement.stretches
    .filter(({ verdict }) => verdict.word === 'outside')
    .map(({ stages, fromStage, verdict }) => ({
      id: `stage-${fromStage}`,
      area:
        stages[0] === 'filter' ? ('filter' as const) : stages[0] === 'coil' ? ('coil' as const) : ('ducts' as const),
      words: verdict.sentence,
    }));
  if (airflow.word !== 'outside') return stretches;
  return [...stretches, { id: 'airflow', area: 'speed', words: advice.headline }];
}

/** What the shop set for itself, without what it left as usual. */
function pickSet(odds: Readonly<Record<string, number | null>> | null | undefined): Record<string, number> {
  return Object.fromEntries(
    Object.entries(odds ?? {}).filter((one): one is [string, number] => typeof one[1] === 'number'),
  );
}

/** A whole visit as the rest of the call is judged from. */
export function callFactsOf(visit: VisitDto, assessment: Assessment, rules: Pick<Rules, 'capacitorShare'>): CallFacts {
  const plate = visit.setup?.motorPlate;
  const counted = [...assessment.counted.keys()];
  const last = visit.readings.at(-1)?.conditions;
  const ice = assessment.looks.get('ice')?.state;
  return {
    facts: visit.facts ?? [],
    motor: visit.motor,
    findings: assessment.findings,
    context: {
      lineVolts: figure(plate?.plateVolts) ?? visit.setup?.lineVolts ?? undefined,
      phases: plate?.phases === 'three' ? 3 : plate?.phases === 'one' ? 1 : undefined,
      plateAmps: figure(plate?.plateAmps),
      serviceFactor: figure(plate?.serviceFactor),
      capacitorTolerancePercent: 100 * rules.capacitorShare,
    },
    altitudeFt: visit.setup?.altitudeFt ?? undefined,
    airflow: assessment.airflow.word,
    staticRead: counted.length > 0,
    filterIn: last && last.filter === 'in',
    doorsOn: last && last.door === 'on',
    ice: ice === 'none' || ice === 'coil' ? ice : undefined,
    air: airFindings(assessment),
  };
}

/** Everything that can be said of the rest of the call, computed on the phone. */
export function useCall(visit: VisitDto, assessment: Assessment): CallAssessment {
  const rules = useRules();
  const odds = shop.useList().records[0]?.record.odds;
  return useMemo(
    () => assessCall({ ...callFactsOf(visit, assessment, rules), priors: pickSet(odds) }),
    [visit, assessment, rules, odds],
  );
}
