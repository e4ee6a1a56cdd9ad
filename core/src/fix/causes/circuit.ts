import { SOUND_CIRCUIT, type CircuitState } from '../../air/refrigeration';
import type { System } from '../../air/system';
import { parameterOf, type Cause } from './cause';

/** A system whose refrigerant circuit is changed in some figures. */
export const withCircuit = (system: System, change: Partial<CircuitState>): System => ({
  ...system,
  circuit: { ...(system.circuit ?? SOUND_CIRCUIT), ...change },
});

/** The figures of a circuit that multiply: two causes that act on one act together. */
type Factor = 'charge' | 'opening' | 'condenser' | 'compressor';

/** A cause of the refrigerant side: it leaves the airflow alone and changes one figure of the circuit. */
export function circuitCause(
  cause: Omit<Cause, 'kind' | 'group' | 'apply' | 'at'> & { readonly acts: Factor } & Partial<Pick<Cause, 'at'>>,
): Cause {
  const { acts, ...rest } = cause;
  return {
    at: ({ layout }) => layout !== 'makeUpAir',
    ...rest,
    kind: 'refrigerant',
    group: 'refrigerant',
    apply: (system, severity) =>
      withCircuit(system, { [acts]: (system.circuit ?? SOUND_CIRCUIT)[acts] * parameterOf(cause, severity) }),
  };
}
