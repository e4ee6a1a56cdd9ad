import type { OffTable } from '../../air/fan';
import type { ReconciledFlow } from '../../air/flow';
import { airflowAgainst, missingVerdict, type PressureJudgement, type UnitFacts } from '../../judge/verdicts';
import type { Verdict } from '../../base/verdict';
import { unitText, flowWords, flowText, staticText } from '../../base/words';
import type { FlowKnowledge } from './estimates';

/** What it means that a static is outside a tap's row. @param part only some of the manufacturer's figures were typed */
function offTableSentence(off: OffTable, staticInWc: number, part = false): string {
  const edge = staticText(off.edgeStaticInWc);
  const at = staticText(staticInWc);
  if (part)
    return `Only part of the table was entered: tap ${off.tap} is known ${off.side === 'belowTable' ? 'from' : 'up to'} ${edge} ${unitText('inWc')} and the system is at ${at}. Enter the cells on either side of it.`;
  switch (off.side) {
    case 'aboveTable':
      return `Off the table: tap ${off.tap} ends at ${edge} ${unitText('inWc')} and the system is at ${at}. The manufacturer does not allow it. Clear the restriction first.`;
    case 'belowTable':
      return `Off the table: tap ${off.tap} begins at ${edge} ${unitText('inWc')} and the system is at ${at}. Airflow is at least ${flowWords(off.edgeFlowCfm)}.`;
    case 'blankCell':
      return `Off the table: ${at} ${unitText('inWc')} falls on a blank cell of tap ${off.tap}, where the manufacturer gives no figure.`;
  }
}

const TABLE_FORMULA = 'airflow from the blower table, linear between the two nearest statics of the tap’s row';

/** Why there is no airflow at all. */
function lackingFlow({ tespInWc }: PressureJudgement, unit: UnitFacts, { offTable, bookFan }: FlowKnowledge): Verdict {
  if (offTable && tespInWc !== undefined)
    return missingVerdict('cfm', TABLE_FORMULA, offTableSentence(offTable, tespInWc, unit.table?.part === true));
  if (unit.table && unit.tap && tespInWc !== undefined && !bookFan)
    return missingVerdict('cfm', TABLE_FORMULA, `The table has no tap ${unit.tap}. Choose the tap in use again.`);
  const lacking = [
    tespInWc === undefined && 'external static',
    !unit.table && 'blower table or another method',
    unit.table && !unit.tap && 'tap in use',
    unit.tons === undefined && unit.designCfm === undefined && 'tons',
  ].filter((x) => typeof x === 'string');
  return missingVerdict('cfm', TABLE_FORMULA, `Missing: ${lacking.join(', ')}.`);
}

/** Why a plain word cannot be said of an airflow, where it is not its σ alone. */
function whyNoWord(flow: ReconciledFlow, { doubt }: FlowKnowledge, { target }: PressureJudgement): string | undefined {
  if (flow.measured) return undefined;
  if (flow.usualOnly) return 'Nothing was measured: this is typical for such units.';
  if (flow.dropOnly)
    return target && flow.flowCfm > target.highCfm
      ? 'ΔT alone cannot show high airflow. It means low airflow or a refrigerant problem.'
      : 'ΔT alone shows low airflow or a refrigerant problem, not which.';
  return doubt.seen.length > 0 ? doubt.signs[0] : undefined;
}

/**
 * The one airflow's verdict: a word, its odds, what it rests on, and what would settle it where it can't be said.
 *
 * @param open the question that holds it, in a sentence
 */
export function airflowVerdict(
  pressure: PressureJudgement,
  flow: ReconciledFlow | undefined,
  known: FlowKnowledge,
  unit: UnitFacts,
  settle: () => string | undefined,
  open?: string,
): Verdict {
  if (!flow) return lackingFlow(pressure, unit, known);
  const counted = known.estimates.filter((e) => flow.counted.includes(e.id));
  const only = counted.length === 1 ? counted[0] : undefined;
  const base = {
    unit: 'cfm' as const,
    value: flow.flowCfm,
    readingIds: pressure.tesp.readingIds,
    working: {
      formula: flow.says
        ? 'airflow before the plan × its change since'
        : only
          ? only.id === 'blowerTable'
            ? TABLE_FORMULA
            : `airflow by ${only.name.toLowerCase()}`
          : 'average of the methods, weighted by 1/σ²',
      inputs: [
        ...(pressure.tespInWc === undefined
          ? []
          : [
              { name: 'external static', value: pressure.tespInWc, unit: 'inWc' as const, source: 'computed' as const },
            ]),
        ...counted.map((e) => ({
          name: `${e.name}, ± ${Math.round(e.sigmaShare * 100)} %`,
          value: e.flowCfm,
          unit: 'cfm' as const,
          source: 'computed' as const,
        })),
      ],
    },
  };
  const { target } = pressure;
  if (flow.usualOnly) {
    // Nothing was measured: what is usual is shown as a range and never judged.
    const range = `${flowText(flow.flowCfm - flow.sigmaCfm)} to ${flowWords(flow.flowCfm + flow.sigmaCfm)}`;
    const { offTable } = known;
    const off =
      offTable && pressure.tespInWc !== undefined
        ? offTableSentence(offTable, pressure.tespInWc, unit.table?.part === true)
        : undefined;
    const more = [off, whyNoWord(flow, known, pressure), settle()].filter(Boolean).join(' ');
    return {
      ...base,
      value: undefined,
      word: 'cantSay',
      sentence: `Such a unit typically moves ${range}. ${more}`.trim(),
    };
  }
  if (!target) {
    const sentence = `${flowText(flow.flowCfm)} ± ${flowWords(flow.sigmaCfm)}. Enter the tons to judge it.`;
    return { ...base, word: 'cantSay', sentence };
  }
  const judged = airflowAgainst(flow, target, unit.tons, open ?? whyNoWord(flow, known, pressure));
  const more = [
    flow.says ?? (known.estimates.length > 1 && `By ${counted.length} of ${known.estimates.length} methods.`),
    open === flow.disagreement?.sentence ? false : flow.disagreement?.sentence,
    judged.word === 'cantSay' && !known.doubt.seen.length && known.doubt.signs[0],
    judged.word === 'cantSay' && open === undefined && settle(),
  ].filter((x) => typeof x === 'string' && x !== '');
  return { ...base, ...judged, sentence: [judged.sentence, ...more].join(' ') };
}
