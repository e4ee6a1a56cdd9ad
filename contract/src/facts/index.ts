import type { FactKind } from '@huff/core';
import { charge } from './charge';
import { check } from './check';
import type { FactOf } from './factOf';
import { finding } from './finding';
import { handOver } from './handOver';
import { ladder } from './ladder';
import { look } from './look';
import { method } from './method';
import { outcome } from './outcome';
import { part } from './part';
import { plan } from './plan';
import { setAside } from './setAside';
import { takenBack } from './takenBack';
import { trace } from './trace';

/** Every kind of fact. One that core knows and that is missing here does not compile. */
const FACTS: Readonly<Record<FactKind, FactOf>> = {
  requestedFlow: method('requestedFlow'),
  electricHeat: method('electricHeat'),
  gasHeat: method('gasHeat'),
  traverse: method('traverse'),
  flowPlate: method('flowPlate'),
  registers: method('registers'),
  coolingDrop: method('coolingDrop'),
  measuredDrop: method('measuredDrop'),
  motorLoad: method('motorLoad'),
  look,
  setAside,
  plan,
  check,
  ladder,
  handOver,
  part,
  finding,
  outcome,
  charge,
  trace,
  takenBack,
};

export const FACT_KINDS = Object.keys(FACTS) as FactKind[];

/** The kind of fact of this name; undefined where there is none. */
export const factOf = (kind: unknown): FactOf | undefined =>
  typeof kind === 'string' && Object.hasOwn(FACTS, kind) ? FACTS[kind as FactKind] : undefined;

/** What a fact says, in a line. @example factName('handOver', {}) // 'Wrap up' */
export function factName(kind: FactKind, inputs: Readonly<Record<string, unknown>>): string {
  const name = factOf(kind)?.name ?? kind;
  return typeof name === 'function' ? name(inputs) : name;
}

/** The inputs a kind of fact knows, without what a client may have added. */
export const knownInputs = (kind: FactKind, inputs: Record<string, unknown>): Record<string, unknown> =>
  Object.fromEntries(
    (factOf(kind)?.fields ?? []).filter((id) => inputs[id] !== undefined).map((id) => [id, inputs[id]]),
  );
