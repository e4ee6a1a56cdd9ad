import type { Check, CheckContext } from '../checks';
import { imbalanceFinding, imbalancePercent, overloadDialAmps, threeLegs } from '../../air/drive';
import { ampsDrift } from '../power';
import type { PowerScheme } from '../electrical';
import { standingFacts, type Fact, type KeptCheck } from '../facts/facts';
import type { CallLine } from './triageOf';

/** What was read of a motor while it ran. */
interface RunningFacts {
  readonly all: readonly KeptCheck[];
  readonly checks: ReadonlyMap<string, Check>;
  readonly context: CheckContext;
  readonly facts: readonly Fact[];
  readonly scheme: PowerScheme;
}

const AMPS_AT = { ampsCooling: 'Cooling', ampsHeating: 'Heating' } as const;

/** How the motor's amps stand to its plate, and how they moved while it ran. */
function ampsOf({ all, checks, context }: RunningFacts): CallLine[] {
  const lines: CallLine[] = [];
  for (const [point, speed] of Object.entries(AMPS_AT)) {
    const readings = all.flatMap((one) => {
      const atMs = Date.parse(one.takenAt ?? '');
      return one.point === point && one.value !== undefined && !Number.isNaN(atMs) ? [{ amps: one.value, atMs }] : [];
    });
    const drift = ampsDrift(readings);
    if (drift) lines.push({ id: `${point}-drift`, word: drift.word, sentence: `${speed}: ${drift.sentence}` });
    const amps = checks.get(point)?.value;
    const { plateAmps, serviceFactor = 1 } = context;
    if (amps === undefined || plateAmps === undefined) continue;
    const share = `${speed}: ${amps} A, ${Math.round((100 * amps) / plateAmps)} % of nameplate`;
    if (amps > plateAmps * serviceFactor)
      lines.push({
        id: `${point}-over`,
        word: 'outside',
        sentence: `${share}: overloaded. Check static, wheel, volts and bearings.`,
      });
    else lines.push({ id: `${point}-under`, word: amps > plateAmps ? 'atTheEdge' : 'inside', sentence: `${share}.` });
  }
  return lines;
}

const LEGS = ['legVolts12', 'legVolts23', 'legVolts31'] as const;

/** How uneven three legs are, in volts and in amps, wherever they were typed. */
function imbalanceOf({ checks, facts }: RunningFacts): CallLine[] {
  const load = standingFacts(facts).get('motorLoad')?.inputs;
  const volts = threeLegs(LEGS.map((leg) => checks.get(leg)?.value)) ?? threeLegs(load?.legVolts);
  const amps = threeLegs(load?.legAmps);
  return (
    [
      ['volts', volts],
      ['amps', amps],
    ] as const
  ).flatMap(([of, legs]): CallLine[] => {
    if (!legs) return [];
    const percent = imbalancePercent(legs);
    const { level, sentence } = imbalanceFinding(of, percent);
    const word = level === 'good' ? 'inside' : level === 'stop' ? 'outside' : 'atTheEdge';
    return [{ id: `imbalance-${of}`, word, sentence: `Legs ${percent.toFixed(1)} % apart in ${of}. ${sentence}` }];
  });
}

/** What a low supply does to a loaded motor. */
function lowVoltsOf({ checks, context }: RunningFacts): CallLine[] {
  const { lineVolts: nominal, plateAmps } = context;
  const read = checks.get('legVoltsLow')?.value ?? checks.get('motorVolts')?.value ?? checks.get('lineVolts')?.value;
  // Far under it no motor runs: that is a lost leg, and a stop.
  if (nominal === undefined || read === undefined || read >= 0.95 * nominal || read < 0.5 * nominal) return [];
  const draws = plateAmps === undefined ? '' : `, up to ${((plateAmps * nominal) / read).toFixed(1)} A at full load`;
  return [
    {
      id: 'low-volts',
      word: read >= 0.9 * nominal ? 'atTheEdge' : 'outside',
      sentence: `${Math.round(read)} V on a ${Math.round(nominal)} V motor: it draws more amps${draws}. Check the supply.`,
    },
  ];
}

/** Where the dial of an overload relay belongs, once the nameplate is known. */
function dialOf({ checks, context: { plateAmps, serviceFactor = 1 }, scheme }: RunningFacts): CallLine[] {
  const has = [...scheme.steps, ...scheme.beside].some(({ point }) => point === 'overloadRelay');
  if (!has || plateAmps === undefined) return [];
  const isTripped = checks.get('overloadRelay')?.state === 'tripped';
  return [
    {
      id: 'overload-dial',
      word: isTripped ? 'atTheEdge' : 'inside',
      sentence: `Overload dial: at most ${overloadDialAmps(plateAmps, serviceFactor).toFixed(1)} A for a nameplate of ${plateAmps} A. Never raise it to stop a trip. A licensed electrician decides sizing.`,
    },
  ];
}

/** What is said of a motor while it runs: amps against its nameplate and over time, uneven legs, a low supply, its overload dial. */
export const runningLines = (facts: RunningFacts): CallLine[] => [
  ...ampsOf(facts),
  ...imbalanceOf(facts),
  ...lowVoltsOf(facts),
  ...dialOf(facts),
];
