import { toolOf, type FactKind } from '@huff/core';
import { ofForm, type FactOf } from './factOf';

/** The inputs of a way to the airflow, of the temperature drop or of the motor: the calculation of that id. */
export function method(kind: FactKind): FactOf {
  const tool = toolOf(kind)!;
  return ofForm(tool, { name: tool.name, isMeasured: true, written: ['note'] });
}
