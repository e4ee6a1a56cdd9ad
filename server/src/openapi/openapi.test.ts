import Ajv from 'ajv/dist/2020';
import { execFileSync } from 'node:child_process';
import { demoId } from '../demo/ids';
import { loadDemo } from '../demo/loadDemo';
import { DEMO_AUTHOR } from '../http/author';
import { testServer } from '../testing/testServer';
import type { openApiDocument } from './document';
import { isFile, OPERATIONS, type Operation } from './operations';

let server: Awaited<ReturnType<typeof testServer>>;
beforeAll(async () => {
  server = await testServer();
  await loadDemo(server.db, new Date('2026-05-13T12:00:00Z'));
}, 120_000);
afterAll(() => server.db.close());

const served = async () =>
  (await server.http.get('/api/openapi.json').expect(200)).body as ReturnType<typeof openApiDocument>;

/** Runs in a process of its own: the checker is written for Node’s own modules. */
const CHECK = `
import { createConfig, lintFromString } from '@redocly/openapi-core';
let text = '';
for await (const piece of process.stdin) text += piece;
const config = await createConfig({ extends: ['recommended'] });
const problems = await lintFromString({ source: text, absoluteRef: 'openapi.json', config });
console.log(JSON.stringify(problems.map(({ ruleId, severity, message, location }) => ({ ruleId, severity, message, at: location[0]?.pointer }))));
`;

interface Fault {
  readonly severity: string;
}

const faultsOf = (document: object): Fault[] =>
  JSON.parse(
    execFileSync(process.execPath, ['--input-type=module', '-e', CHECK], {
      input: JSON.stringify(document),
      cwd: __dirname,
      encoding: 'utf8',
      env: { ...process.env, NODE_OPTIONS: '', REDOCLY_TELEMETRY: 'off' },
    }),
  ) as Fault[];

test('an independent checker finds nothing wrong with it, and does find what is', async () => {
  const document = await served();
  expect(faultsOf(document).filter(({ severity }) => severity === 'error')).toEqual([]);
  const wrong = { ...document, paths: { '/api/x': { get: { responses: { '200': {} } } } } };
  expect(faultsOf(wrong).filter(({ severity }) => severity === 'error')).not.toEqual([]);
}, 60_000);

/** Where an operation is tried: records of the demo. */
function addressOf({ path, query = [] }: Operation): string {
  const owner = /^\/(?:api\/)?([a-z-]+)/.exec(path)![1]!;
  const ids: Record<string, string> = {
    sites: demoId('site', 2),
    units: demoId('unit', 9),
    'blower-tables': demoId('table', 1),
    shop: DEMO_AUTHOR.shopId,
    stops: demoId('stop', 1),
    drills: demoId('drill', 1),
    visits: demoId('visit', 1),
    photos: demoId('visit', 999),
  };
  const days = query.some(({ name }) => name === 'from') ? '?from=2026-05-13&to=2026-05-20' : '';
  const sought = query.some(({ name }) => name === 'q') ? '?q=library' : '';
  return `${path.replace(':id', ids[owner] ?? '')}${days}${sought}`;
}

// A stream of events does not end: it has its own test.
const reads = OPERATIONS.filter(({ method, isEndless }) => method === 'get' && !isEndless);

test.each(reads)('GET $path answers as it says', async (operation) => {
  const answer = await server.http.get(addressOf(operation)).buffer(true);
  // The demo has no photos.
  if (operation.path === '/api/photos/:id/image') return void expect(answer.status).toBe(404);
  expect([operation.path, answer.status]).toEqual([operation.path, 200]);
  if (isFile(operation.answer)) return void expect(answer.type).toBe(operation.answer.type);
  const { components } = await served();
  const schema = JSON.parse(
    JSON.stringify({ ...operation.answer, $defs: components.schemas }).replaceAll('#/components/schemas/', '#/$defs/'),
  ) as object;
  const validate = new Ajv({ strict: false, validateFormats: false, allErrors: true }).compile(schema);
  expect([validate(answer.body), validate.errors]).toEqual([true, null]);
});

/** Every method and address that Express really has, as the document writes them. */
function addresses(stack: readonly object[], prefix = ''): string[] {
  type Layer = {
    readonly route?: { readonly path: string; readonly methods: Readonly<Record<string, boolean>> };
    readonly handle?: { readonly stack?: readonly object[] };
    readonly matchers?: unknown;
  };
  return (stack as readonly Layer[]).flatMap(({ route, handle }) => {
    if (route) return Object.keys(route.methods).map((method) => `${method} ${prefix}${route.path}`.replace(/\/$/, ''));
    return handle?.stack ? addresses(handle.stack, prefix) : [];
  });
}

test('no address of the server is missing: each route’s method and end stands in it', async () => {
  const { app } = server;
  const real = addresses((app as unknown as { router: { stack: object[] } }).router.stack);
  expect(real.length).toBeGreaterThan(30);
  const told = OPERATIONS.map(({ method, path }) => `${method} ${path}`);
  // A router does not know where it was put: its ends are held against the ends of the document.
  for (const route of new Set(real)) {
    const [method, end = ''] = route.split(' ');
    expect([route, told.some((one) => one.startsWith(`${method} `) && one.endsWith(end))]).toEqual([route, true]);
  }
});

test('what is refused by the classes is refused by their schemas: the limits are the same', async () => {
  const { components } = await served();
  const schema = JSON.parse(
    JSON.stringify({ $ref: '#/$defs/Stop', $defs: components.schemas }).replaceAll('#/components/schemas/', '#/$defs/'),
  ) as object;
  const validate = new Ajv({ strict: false, validateFormats: false }).compile(schema);
  const { body } = await server.http.get(`/api/stops/${demoId('stop', 1)}`).expect(200);
  expect(validate(body)).toBe(true);
  expect(validate({ ...(body as object), place: -1 })).toBe(false);
  expect(validate({ ...(body as object), why: '' })).toBe(false);
  expect(validate({ ...(body as object), siteId: undefined })).toBe(false);
  expect(validate({ ...(body as object), unitId: null })).toBe(true);
});
