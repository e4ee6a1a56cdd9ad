import { plainText, type FieldError, type FieldSet, type RawInputs } from '@huff/core';
import { Transform } from 'class-transformer';
import { registerDecorator } from 'class-validator';
import { applyDecorators } from './applyDecorators';

const isInputs = (value: unknown): value is RawInputs =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

const asKept = (value: unknown) => (typeof value === 'string' ? plainText(value) : value);

/** An object that is filled in by one of core's forms: its fields alone, each as core judges it. */
export function Inputs(set: FieldSet, faultsOf: (raw: RawInputs) => readonly FieldError[]): PropertyDecorator {
  const judged: PropertyDecorator = (target, propertyName) =>
    registerDecorator({
      name: 'inputs',
      target: target.constructor,
      propertyName: propertyName as string,
      validator: {
        validate: (value: unknown) => isInputs(value) && faultsOf(value).length === 0,
        defaultMessage: (args) =>
          (isInputs(args?.value) ? faultsOf(args.value)[0]?.message : undefined) ?? 'Send an object of its fields.',
      },
    });
  return applyDecorators(
    judged,
    Transform(({ value }: { value: unknown }) =>
      isInputs(value)
        ? Object.fromEntries(
            Object.keys(set.fields).flatMap((id) => (value[id] === undefined ? [] : [[id, asKept(value[id])]])),
          )
        : value,
    ),
  );
}
