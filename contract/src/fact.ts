import 'reflect-metadata';
import type { Fact, FactKind, RawInputs } from '@huff/core';
import { IsIn, IsOptional, registerDecorator, type ValidationArguments } from 'class-validator';
import { FACT_KINDS, factOf } from './facts';
import { Id, Moment, Nested } from './fields';
import { RunConditionsDto } from './runConditions';

/** The inputs suit the kind of fact, as core judges it. */
function SuitsKind(): PropertyDecorator {
  const faultOf = (args?: ValidationArguments) => {
    const { kind, inputs, replacesId } = (args?.object ?? {}) as {
      kind?: unknown;
      inputs?: unknown;
      replacesId?: string;
    };
    if (typeof inputs !== 'object' || inputs === null || Array.isArray(inputs)) return 'Inputs must be an object.';
    const fact = factOf(kind);
    return (!replacesId && fact?.needsReplaced) || fact?.faultOf(inputs as RawInputs);
  };
  return (target, propertyName) =>
    registerDecorator({
      name: 'suitsKind',
      target: target.constructor,
      propertyName: propertyName as string,
      validator: {
        validate: (_: unknown, args) => faultOf(args) === undefined,
        defaultMessage: (args) => faultOf(args) ?? '',
      },
    });
}

/** Something recorded at a visit beside statics. Never changed: a correction is a new fact that names the old one. */
export class FactDto implements Fact {
  @Id('The fact’s id')
  id!: string;

  @IsIn(FACT_KINDS, { message: `The kind must be one of ${FACT_KINDS.join(', ')}.` })
  kind!: FactKind;

  @SuitsKind()
  inputs!: Record<string, unknown>;

  @Moment('The time of the fact')
  takenAt!: string;

  /** How the unit ran while it was taken; facts of before do not say. */
  @Nested(() => RunConditionsDto, 'Conditions must say mode and tap.')
  @IsOptional()
  conditions?: RunConditionsDto | null;

  @Id('The corrected fact’s id')
  @IsOptional()
  replacesId?: string | null;

  /** Told by the server, never taken from a client: what to add to the time, where the phone’s clock was off. */
  clockOffsetMs?: number;
}
