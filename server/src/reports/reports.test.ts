import type { VisitDto } from '@huff/contract';
import type { VisitSummary } from '@huff/contract/spine';
import { execFileSync } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import type { Response } from 'supertest';
import { demoId } from '../demo/ids';
import { loadDemo } from '../demo/loadDemo';
import { jpegOf } from '../testing/picture';
import { testServer } from '../testing/testServer';

let server: Awaited<ReturnType<typeof testServer>>;
beforeAll(async () => {
  server = await testServer();
  await loadDemo(server.db, new Date());
}, 120_000);
afterAll(() => server.db.close());

const PDF = { parse: (res: Response, done: (error: Error | null, body: Buffer) => void) => bytes(res, done) };
/** The answer as bytes, whatever its type. */
function bytes(res: Response, done: (error: Error | null, body: Buffer) => void): void {
  const chunks: Buffer[] = [];
  const stream = res as unknown as NodeJS.ReadableStream;
  stream.on('data', (chunk: Buffer) => chunks.push(chunk));
  stream.on('end', () => done(null, Buffer.concat(chunks)));
}
const pdf = async (path: string): Promise<Buffer> => {
  const answer = await server.http
    .get(path)
    .buffer(true)
    .parse(PDF.parse as never)
    .expect(200);
  expect(answer.headers['content-type']).toBe('application/pdf');
  return answer.body as Buffer;
};
/** What a program of another make reads in it. */
const textOf = (file: Buffer): string => execFileSync('pdftotext', ['-layout', '-', '-'], { input: file }).toString();
const infoOf = (file: Buffer): string => execFileSync('pdfinfo', ['-'], { input: file }).toString();

const READING_ROOM = demoId('visit', 1);
const report = (id: string, query = '') => `/api/visits/${id}/report.pdf${query}`;

test('the owner’s page comes first, then all that was read, with nothing missing or broken', async () => {
  const file = await pdf(report(READING_ROOM, '?zone=Europe/Rome'));
  const pages = textOf(file).split('\f');
  expect(pages[0]).toMatch(/Your air handler moves slightly less air\s+than it should/);
  expect(pages[0]).toMatch(/Air moved[^]*1,038\s+borderline/);
  expect(pages[0]).toMatch(/What we recommend/);
  expect(pages[1]).toMatch(/For the next technician/);
  const whole = pages.join('\n');
  for (const reading of ['−0.16', '−0.31', '0.27', 'filter out']) expect(whole).toContain(reading);
  expect(whole).toMatch(/Limit: nameplate maximum, at most 0\.50/);
  expect(whole).toContain('1/σ²');
  expect(whole).not.toMatch(/undefined|NaN|Infinity|null/);
  expect(infoOf(file)).toMatch(/Page size:\s+612 x 792/);
});

test('before and after, prediction and proof, for a visit that was proven', async () => {
  const text = textOf(await pdf(report(demoId('visit', 14))));
  expect(text).toMatch(/Predicted and measured/);
  // The owner reads what was done, not the name of the fix.
  expect(text).toContain('Replaced the filter.');
  expect(text).toMatch(/Before and after/);
});

test('in the units of the person who asks, split view; a word that is no unit is refused', async () => {
  const measures = 'measures=pa,ls,c,mm,m,kw';
  const [si, us] = await Promise.all([pdf(report(READING_ROOM, `?${measures}`)), pdf(report(READING_ROOM))]);
  expect(textOf(si)).toMatch(/Air moved[^]*490\s+borderline/);
  expect(textOf(si)).not.toMatch(/in\. w\.c\.|CFM|°F/);
  expect(textOf(us)).toMatch(/Air moved[^]*1,038\s+borderline/);
  const page = await server.http.get(`/api/visits/${READING_ROOM}/report.html?${measures}`).expect(200);
  expect(page.text).toContain('144 Pa');
  const refused = await server.http.get(report(READING_ROOM, '?measures=furlong')).expect(422);
  expect((refused.body as { errors: unknown[] }).errors).toEqual([
    { field: 'measures', message: expect.stringContaining('pa,ls,c,mm,m,kw') },
  ]);
});

test('a name in a script that the type lacks is told, with where it is right; accents, Greek and Cyrillic are not', async () => {
  const { http } = server;
  const titled = async (title: string) => {
    const id = randomUUID();
    const visit = { id, title, layout: 'airHandler', motor: 'psc', mode: 'cooling', cfmPerTon: 400, readings: [] };
    const startedAt = '2026-05-12T10:00:00.000Z';
    await http
      .put(`/api/visits/${id}`)
      .send({ ...visit, startedAt })
      .expect(204);
    return textOf(await pdf(report(id)));
  };
  expect(await titled('图书馆, Roof 1')).toContain('Print the visit’s page instead');
  const ours = await titled('Łódź · Ωmega · Библиотека, Roof 1');
  expect(ours).toContain('Библиотека');
  expect(ours).not.toContain('Print the visit’s page instead');
});

test('A4 where it is requested', async () => {
  expect(infoOf(await pdf(report(READING_ROOM, '?size=A4')))).toMatch(/A4/);
});

test('a picture of the visit is in it; what only begins like one costs its place alone', async () => {
  const add = (jpeg: string) => {
    const id = randomUUID();
    return server.db
      .query(
        `INSERT INTO photos (id, shop_id, written_by, visit_id, item, saved_at, revision)
         SELECT $1, shop_id, written_by, id, 'belt', now(), revision FROM visits WHERE id = $2`,
        [id, READING_ROOM],
      )
      .then(() =>
        server.db.query(
          `INSERT INTO photo_bytes (shop_id, photo_id, size, jpeg) SELECT shop_id, $1, 'full', $2 FROM visits WHERE id = $3`,
          [id, Buffer.from(jpeg, 'base64'), READING_ROOM],
        ),
      );
  };
  const before = (await pdf(report(READING_ROOM))).length;
  await add(jpegOf(120));
  await add(Buffer.from([0xff, 0xd8, 0xff, 0xe0, 1, 2, 3]).toString('base64'));
  const file = await pdf(report(READING_ROOM));
  expect(execFileSync('pdfimages', ['-list', '-'], { input: file }).toString()).toMatch(/jpeg/);
  expect(textOf(file)).toMatch(/the picture cannot be drawn/);
  expect(file.length).toBeGreaterThan(before);
});

test('the shop’s logo is at the head of the page; one that cannot be drawn costs its place alone', async () => {
  const images = (file: Buffer) =>
    execFileSync('pdfimages', ['-list', '-'], { input: file })
      .toString()
      .split('\n')
      .filter((line) => / jpeg /.test(line)).length;
  const put = (logo: string | null) => server.db.query('UPDATE shop_figures SET logo = $1', [logo]);
  const before = images(await pdf(report(demoId('visit', 3))));
  await put(jpegOf(90));
  const file = await pdf(report(demoId('visit', 3)));
  expect(images(file)).toBe(before + 1);
  await put(Buffer.from([0xff, 0xd8, 0xff, 0xe0, 1, 2, 3]).toString('base64'));
  expect(images(await pdf(report(demoId('visit', 3))))).toBe(before);
  await put(null);
});

test('every demo visit can be printed', async () => {
  for (let n = 1; n <= 21; n += 1) {
    const text = textOf(await pdf(report(demoId('visit', n))));
    expect(text).toMatch(/For the next technician/);
    expect(text).not.toMatch(/undefined|NaN/);
  }
}, 60_000);

test('the same as a page without scripts, and the readings as CSV', async () => {
  const page = await server.http.get(`/api/visits/${READING_ROOM}/report.html`).expect(200);
  expect(page.text).toMatch(/^<!doctype html>/);
  expect(page.text).not.toMatch(/<script/);
  const csv = await server.http.get(`/api/visits/${READING_ROOM}/readings.csv`).expect(200);
  const metric = await server.http.get(`/api/visits/${READING_ROOM}/readings.csv?measures=pa`).expect(200);
  expect(metric.text).toMatch(/,static,[^\r]*,Pa,/);
  expect(metric.text).not.toContain('inWc');
  expect(csv.headers['content-disposition']).toMatch(/filename="Lantern-Quay-library-Reading-room-air-handler\.csv"/);
  expect(csv.text.split('\r\n')[0]).toBe('takenAt,kind,what,field,value,unit,while,from,id,replacesId');
});

test.each([
  ['?size=A3', 'size'],
  ['?zone=%00', 'zone'],
  ['?size=letter&size=A4', 'size'],
])('%s is refused at its field', async (query, field) => {
  const { body } = await server.http.get(report(READING_ROOM, query)).expect(422);
  expect((body as { errors: { field: string }[] }).errors[0]!.field).toBe(field);
});

test('what is not here is said to be not here', async () => {
  for (const path of [
    report(randomUUID()),
    `/api/visits/${randomUUID()}/readings.csv`,
    `/api/units/${randomUUID()}/label.pdf`,
    `/api/sites/${randomUUID()}/labels.pdf`,
  ])
    await server.http.get(path).expect(404);
});

test('labels: one of its own size, and a sheet with one for each unit of the site', async () => {
  const one = await pdf(`/api/units/${demoId('unit', 9)}/label.pdf?size=large`);
  expect(infoOf(one)).toMatch(/Pages:\s+1\n/);
  expect(textOf(one)).toMatch(/Roof 2 stacks/);
  const svg = await server.http.get(`/api/units/${demoId('unit', 9)}/label.svg`).expect(200);
  expect(String(svg.body)).toMatch(/^<svg /);
  const units = await server.db.query<{ name: string }>(
    `SELECT name FROM units WHERE site_id = (SELECT site_id FROM units WHERE id = $1) AND archived_at IS NULL`,
    [demoId('unit', 9)],
  );
  const [site] = await server.db.query<{ id: string }>('SELECT site_id AS id FROM units WHERE id = $1', [
    demoId('unit', 9),
  ]);
  const sheet = textOf(await pdf(`/api/sites/${site!.id}/labels.pdf?size=small&paper=A4`));
  expect(units.length).toBeGreaterThan(2);
  for (const { name } of units) expect(sheet).toContain(name.slice(0, 12));
});

test('what a visit leaves is carried to the next, and a change of an earlier one reaches it', async () => {
  const { http, jobs } = server;
  const unitId = demoId('unit', 13);
  const visit = (startedAt: string, facts: object[]): object => ({
    id: randomUUID(),
    title: 'Map room',
    unitId,
    layout: 'airHandler',
    motor: 'psc',
    mode: 'cooling',
    cfmPerTon: 400,
    startedAt,
    readings: [],
    facts: facts.map((inputs) => ({ id: randomUUID(), kind: 'check', inputs, takenAt: startedAt })),
  });
  const put = (one: object) =>
    http
      .put(`/api/visits/${(one as VisitDto).id}`)
      .send(one)
      .expect(204);
  const first = visit('2026-01-05T10:00:00Z', [{ point: 'drainPitch', state: 'found' }]);
  const second = visit('2026-02-05T10:00:00Z', []);
  await put(first);
  await put(second);
  await jobs.settled();
  const foundAt = async (one: object) => {
    const { body } = await http.get('/api/visits').query({ unit: unitId }).expect(200);
    const summary = (body as { visits: VisitSummary[] }).visits.find(({ id }) => id === (one as VisitDto).id);
    return (summary?.found ?? []).map(({ id, since }) => [id, since.slice(0, 10)]);
  };
  expect(await foundAt(second)).toContainEqual(['check-drainPitch', '2026-01-05']);
  const settled = {
    id: randomUUID(),
    kind: 'check',
    inputs: { point: 'triage', state: 'dealtWith', note: 'check-drainPitch' },
    takenAt: '2026-01-05T11:00:00Z',
  };
  const etag = (await http.get(`/api/visits/${(first as VisitDto).id}`)).headers.etag!;
  const more = { ...first, facts: [...((first as VisitDto).facts ?? []), settled] };
  await http
    .put(`/api/visits/${(first as VisitDto).id}`)
    .set('If-Match', etag)
    .send(more)
    .expect(204);
  await jobs.settled();
  expect(await foundAt(second)).toEqual([]);
});
