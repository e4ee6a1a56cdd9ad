import { ended } from '../../base/words';
import { boundaryPorts, layoutOf, type PortId } from '../../air/system';
import { plainName, readingText, type ExplainRequest, type Outcome, type ReadingAdvice } from '../../fix/explain';
import type { FlowMethodId } from '../../air/flow';
import type { NextMeasure } from '../assess';

/** Under so many bits a reading tells nothing worth its minutes. (J) */
const LEAST_BITS = 0.03;

const LIVE = 'Live parts: rated meter, hands clear.';
const LOCK_OUT = 'Lock out and verify it is dead.';

/** What is looked at, in the words of a button, and what to mind before hands go in. */
const LOOKS: Readonly<Record<string, { readonly words: string; readonly care?: string }>> = {
  filter: { words: 'inspect the filter' },
  blower: { words: 'inspect the blower', care: LOCK_OUT },
  coilFace: { words: 'inspect the coil', care: `${LOCK_OUT} Fins cut.` },
  ice: { words: 'look for ice' },
  dampers: { words: 'check dampers and registers', care: 'Never move a fire damper.' },
  ducts: { words: 'inspect the ducts', care: 'Ladder and attic: watch every step.' },
  belt: { words: 'inspect the belt', care: LOCK_OUT },
  speed: { words: 'check the speed lead', care: LOCK_OUT },
  returnSize: { words: 'measure return opening' },
  outdoor: { words: 'inspect outdoor coil', care: LOCK_OUT },
};

const named = ({ cause }: Outcome) => (cause === undefined ? 'nothing wrong' : plainName(cause));

/** What each outcome would mean: "Above 0.25 in. w.c.: undersized return. Below: loaded filter." */
export function outcomeWords(
  { reading, outcomes }: ReadingAdvice,
  { ratings }: Pick<ExplainRequest, 'ratings'>,
): string {
  if (!reading) {
    const [seen, none] = [outcomes.filter((one) => one.seen), outcomes.find((one) => !one.seen)];
    const found = seen.map((one) => named(one)).join(' or ');
    return `${found ? `If seen: ${found}. ` : ''}If not: ${none ? named(none) : 'nothing wrong'}.`;
  }
  if (outcomes.length < 2) return 'It makes the first cause surer or weaker.';
  // Suction is said as a plain figure: the deeper, the more.
  const isSuction = reading.startsWith('R');
  const rising = isSuction ? [...outcomes].reverse() : outcomes;
  const text = (value: number) => readingText(reading, Math.abs(value), ratings);
  const low = (one: Outcome) => (isSuction ? one.under! : one.over!);
  const high = (one: Outcome) => (isSuction ? one.over! : one.under!);
  return rising
    .map((one, i) => {
      if (i === 0) return `Below ${ended(`${text(high(one))}: ${named(one)}`)}`;
      return i === rising.length - 1
        ? `Above ${ended(`${text(low(one))}: ${named(one)}`)}`
        : `Between: ${ended(named(one))}`;
    })
    .join(' ');
}

/** The cheapest method of airflow that fits a unit and does not rest on its table. */
function methodOf({ system }: ExplainRequest): FlowMethodId {
  const { layout, fan, cooling } = system;
  if (fan.motor === 'beltDrive' || layout === 'packaged' || layout === 'makeUpAir') return 'traverse';
  if (cooling) return 'flowPlate';
  return layout === 'furnaceCasedCoil' ? 'gasHeat' : 'electricHeat';
}

const METHOD_WORDS: Readonly<Record<string, string>> = {
  traverse: 'traverse the duct',
  flowPlate: 'use a flow plate',
  gasHeat: 'clock the gas meter',
  electricHeat: 'measure heat rise',
};

/** One thing to do as the visit knows it. */
function measureOf(advice: ReadingAdvice, request: ExplainRequest): NextMeasure {
  const { id, minutes } = advice.option;
  const why = outcomeWords(advice, request);
  const base = (words: string, care = '') => ({ words: `Next: ${words}`, why: `${care}${care && ' '}${why}`, minutes });
  switch (id) {
    case 'filterOut': {
      const [port = 'R2'] = boundaryPorts(layoutOf(request.system));
      return { kind: 'port', port, filterOut: true, ...base(`pull filter, measure ${port}`) };
    }
    case 'rpm':
      return { kind: 'rpm', ...base('measure blower RPM', 'Sleeves clear of the belt.') };
    case 'amps':
      return { kind: 'motor', ...base('measure blower amps', LIVE) };
    case 'volts':
      return { kind: 'electrical', ...base('volts at the motor', LIVE) };
    case 'microfarads':
      return { kind: 'electrical', ...base('test the run capacitor', 'Power off, discharge it.') };
    case 'flashes':
      return { kind: 'method', method: 'requestedFlow', ...base('count the flashes') };
    case 'airflow': {
      const method = methodOf(request);
      return { kind: 'method', method, ...base(METHOD_WORDS[method] ?? 'measure airflow') };
    }
    case 'drop':
      return { kind: 'drop', ...base('measure temperature drop') };
    case 'returnOverRoom':
      return { kind: 'drop', ...base('compare return and room') };
    case 'gauges':
      return { kind: 'gauges', ...base('connect gauges', 'Certified technicians only.') };
    default: {
      const look = LOOKS[id.replace(/^look /, '')];
      return look
        ? { kind: id === 'look outdoor' ? 'gauges' : 'look', ...base(look.words, look.care) }
        : { kind: 'port', port: id as PortId, filterOut: false, ...base(`measure ${id}`) };
    }
  }
}

/**
 * The reading that is expected to tell most for its minutes, with what each outcome would mean.
 *
 * @param next the best first
 * @returns undefined where nothing is worth its minutes any more
 */
export function nextByExplanation(next: readonly ReadingAdvice[], request: ExplainRequest): NextMeasure | undefined {
  const best = next.find(({ bits }) => bits >= LEAST_BITS);
  return best && measureOf(best, request);
}
