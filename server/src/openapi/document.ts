import { PROBLEM_MEDIA_TYPE, ROLES } from '@huff/contract';
import { isFile, OPERATIONS, type Operation } from './operations';
import { contractSchemas, ref, type Schema } from './schemas';

const moment: Schema = { type: 'string', format: 'date-time' };
const id: Schema = { type: 'string', format: 'uuid' };

/** What is answered and not sent, and therefore no class of the contract. */
const ANSWERS: Readonly<Record<string, Schema>> = {
  VerdictWord: { type: 'string', enum: ['inside', 'atTheEdge', 'outside', 'cantSay'] },
  Problem: {
    type: 'object',
    description: 'RFC 9457, with the fields to blame.',
    required: ['type', 'title', 'status', 'detail'],
    properties: {
      type: { type: 'string' },
      title: { type: 'string' },
      status: { type: 'integer' },
      detail: { type: 'string' },
      errors: {
        type: 'array',
        items: {
          type: 'object',
          required: ['field', 'message'],
          properties: { field: { type: 'string' }, message: { type: 'string' } },
        },
      },
    },
  },
  DueItem: {
    type: 'object',
    required: ['unitId', 'unit', 'siteId', 'site', 'on', 'kind', 'why'],
    properties: {
      unitId: id,
      unit: { type: 'string' },
      siteId: id,
      site: { type: 'string' },
      on: { type: 'string', format: 'date' },
      kind: { type: 'string', enum: ['return', 'filter', 'season'] },
      why: { type: 'string' },
      sigmaDays: { type: 'number', exclusiveMinimum: 0 },
    },
  },
  LoadLine: {
    type: 'object',
    required: ['part', 'need', 'isUncounted', 'short', 'why'],
    properties: {
      part: { type: 'string' },
      need: { type: 'integer', minimum: 0 },
      onTruck: { type: 'integer', minimum: 0 },
      isUncounted: { type: 'boolean' },
      short: { type: 'integer', minimum: 0 },
      cost: { type: 'number', minimum: 0 },
      why: { type: 'array', items: { type: 'string' } },
    },
  },
  Mail: {
    type: 'object',
    required: ['id', 'kind', 'to', 'subject', 'body', 'visitId', 'unitId', 'madeAt'],
    properties: {
      id,
      kind: { type: 'string', enum: ['report', 'reminder'] },
      to: { type: 'string' },
      subject: { type: 'string' },
      body: { type: 'string' },
      visitId: { type: ['string', 'null'] },
      unitId: { type: ['string', 'null'] },
      madeAt: moment,
    },
  },
};

const PEOPLE: Readonly<Record<string, Schema>> = {
  PersonOfShop: {
    type: 'object',
    required: ['id', 'name', 'role', 'signInName', 'hasPassphrase', 'passkeys', 'leftAt'],
    properties: {
      id,
      name: { type: 'string' },
      role: { type: 'string', enum: [...ROLES] },
      signInName: { type: ['string', 'null'] },
      hasPassphrase: { type: 'boolean' },
      passkeys: { type: 'integer', minimum: 0 },
      leftAt: { type: ['string', 'null'], format: 'date-time' },
    },
  },
  SessionState: {
    type: 'object',
    required: ['isOn', 'address', 'shop', 'person', 'isAtComputer'],
    properties: {
      address: { type: ['string', 'null'], format: 'uri', description: 'Where phones reach it.' },
      isOn: { type: 'boolean', description: 'False while the server’s own computer lets in anyone who sits at it.' },
      shop: {
        type: ['object', 'null'],
        required: ['id', 'name'],
        properties: { id, name: { type: 'string' } },
      },
      person: { anyOf: [ref('PersonOfShop'), { type: 'null' }] },
      isAtComputer: { type: 'boolean', description: 'Let in for sitting at the server’s own computer.' },
    },
  },
  SignedInDevice: {
    type: 'object',
    required: ['id', 'label', 'usedAt', 'isThis'],
    properties: { id, label: { type: 'string' }, usedAt: moment, isThis: { type: 'boolean' } },
  },
  MadeEntryCode: {
    type: 'object',
    required: ['code', 'link', 'qr', 'expiresAt'],
    properties: {
      code: { type: 'string' },
      link: { type: 'string', format: 'uri' },
      qr: {
        type: 'object',
        required: ['side', 'd'],
        properties: { side: { type: 'integer' }, d: { type: 'string' } },
      },
      expiresAt: moment,
    },
  },
};

const refusal = (description: string) => ({
  description,
  content: { [PROBLEM_MEDIA_TYPE]: { schema: ref('Problem') } },
});

function answered({ answer }: Operation) {
  if (answer === undefined) return { '204': { description: 'It is done.' } };
  const content = isFile(answer)
    ? { [answer.type]: { schema: { type: 'string' } } }
    : { 'application/json': { schema: answer } };
  return { '200': { description: 'As asked.', content } };
}

const ID = { name: 'id', in: 'path', required: true, schema: id, description: 'The record’s id.' };
const IF_MATCH = {
  name: 'If-Match',
  in: 'header',
  schema: { type: 'string' },
  description: 'The ETag it was read with; needed once it is there.',
};

/** "/api/units/:id" → "getApiUnitsId" */
const operationId = ({ method, path }: Operation) =>
  `${method}${path
    .split(/[^A-Za-z]+/)
    .filter(Boolean)
    .map((word) => word[0]!.toUpperCase() + word.slice(1))
    .join('')}`;

function described(operation: Operation) {
  const { path, method, summary, tag, query = [], body, refusals = {} } = operation;
  const parameters = [
    ...(path.includes(':id') ? [ID] : []),
    ...query.map((parameter) => ({ ...parameter, required: parameter.required ?? false })),
    ...(method === 'put' ? [IF_MATCH] : []),
  ];
  const refused = { '422': 'What was sent is not valid; it says which fields.', ...refusals };
  return {
    operationId: operationId(operation),
    summary,
    tags: [tag],
    ...(parameters.length > 0 ? { parameters } : {}),
    ...(body ? { requestBody: { required: true, content: { 'application/json': { schema: body } } } } : {}),
    responses: {
      ...answered(operation),
      ...Object.fromEntries(Object.entries(refused).map(([status, words]) => [status, refusal(words)])),
    },
  };
}

/** The whole interface of the server as OpenAPI 3.1: records by the classes that check them. */
export function openApiDocument() {
  const paths: Record<string, Record<string, unknown>> = {};
  for (const operation of OPERATIONS) {
    const path = operation.path.replaceAll(/:(\w+)/g, '{$1}');
    paths[path] = { ...paths[path], [operation.method]: described(operation) };
  }
  return {
    openapi: '3.1.0',
    info: {
      title: 'Huff',
      version: '1',
      description:
        'Pressures in in. w.c., airflow in CFM, temperatures in °F, lengths in in. or ft, times as RFC 3339. Ids are UUIDs that the client makes; a record that is sent twice is kept once.',
      license: { name: 'MIT', identifier: 'MIT' },
    },
    servers: [{ url: '/' }],
    security: [],
    tags: [...new Set(OPERATIONS.map(({ tag }) => tag))].map((name) => ({ name })),
    paths,
    components: { schemas: { ...contractSchemas(), ...ANSWERS, ...PEOPLE } },
  };
}
