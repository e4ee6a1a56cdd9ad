import type { Schema } from '../schemas';

/** A parameter of an address. */
export interface Parameter {
  readonly name: string;
  readonly in: 'query' | 'header';
  readonly schema: Schema;
  readonly description: string;
  readonly required?: boolean;
}

/** One thing the server does at an address. */
export interface Operation {
  readonly method: 'get' | 'put' | 'post' | 'delete';
  /** As Express has it: "/api/units/:id". */
  readonly path: string;
  readonly summary: string;
  readonly tag: string;
  readonly query?: readonly Parameter[];
  readonly body?: Schema;
  /** What is answered when it went well: JSON of a schema, a file of a type, or nothing. */
  readonly answer: Schema | { readonly type: string } | undefined;
  /** The answer goes on until somebody ends it: nothing that waits for its end can ask it. */
  readonly isEndless?: true;
  /** Refusals beside 422, each with what it means. */
  readonly refusals?: Readonly<Record<string, string>>;
}

export const isFile = (answer: Operation['answer']): answer is { readonly type: string } =>
  typeof answer?.type === 'string' && answer.type.includes('/');

/** An answer that is a list under a name. */
export const list = (name: string, items: Schema): Schema => ({
  type: 'object',
  required: [name],
  properties: { [name]: { type: 'array', items } },
});
/** What may stand behind the question mark. */
export const inQuery = (
  name: string,
  description: string,
  schema: Schema = { type: 'string' },
  required = false,
): Parameter => ({
  name,
  in: 'query',
  schema,
  description,
  required,
});
/** One of some words. */
export const one = (...values: string[]): Schema => ({ type: 'string', enum: values });

export const GONE = { '404': 'There is no such record.' };

export const PUT_REFUSALS = {
  '409': 'The id belongs to another record.',
  '412': 'It changed since it was read.',
  '428': 'It already exists: send If-Match with its ETag.',
};

export const AFTER = inQuery('after', '`next` of the page before.');
