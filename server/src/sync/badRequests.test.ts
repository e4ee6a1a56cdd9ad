import { randomUUID } from 'node:crypto';
import { adding, reading, syncServer } from '../testing/syncFixtures';

const { db, http, stored, visitHere } = syncServer();

describe('bad requests are told so, and nothing is half done', () => {
  const envelope = (more: object) => ({
    device: randomUUID(),
    phoneTime: new Date().toISOString(),
    cursor: null,
    operations: [],
    ...more,
  });
  test.each([
    ['a cursor that is none', { cursor: 'abc' }, 409],
    ['a cursor of another shop', { cursor: '5b0f0000000040008000000000000009.3' }, 409],
    ['a cursor of a life of the data that was', { cursor: '5b0f0000000040008000000000000001-000000000000.3' }, 409],
    ['a cursor of the future', { cursor: '5b0f0000000040008000000000000001.999999999' }, 409],
    ['a cursor of the future to gather up to', { cursor: '5b0f0000000040008000000000000001.0.-1.999999999' }, 409],
    ['a cursor with odd signs', { cursor: "' OR 1=1" }, 422],
    ['no device', { device: 'me' }, 422],
    ['no list', { operations: {} }, 422],
    ['more than fits', { operations: Array(201).fill(null) }, 422],
    ['a time that is none', { phoneTime: 'soon' }, 422],
    ['a week date', { phoneTime: '2026-W20-3T10:00:00Z' }, 422],
  ])('%s', async (_what, more, status) => {
    const before = await db().query('SELECT count(*) AS n FROM operations');
    const answer = await http().post('/api/sync').send(envelope(more));
    expect(answer.status).toBe(status);
    expect(answer.type).toBe('application/problem+json');
    expect((answer.body as { detail: string }).detail).toMatch(/\.$/);
    expect(await db().query('SELECT count(*) AS n FROM operations')).toEqual(before);
  });
  test('a wrong cursor is told before anything is done', async () => {
    const { mine, visit } = await visitHere();
    const operation = mine.operation(adding(visit, reading()));
    expect((await mine.post([operation], '5b0f0000000040008000000000000001.999999999')).status).toBe(409);
    expect((await stored(visit)).readings).toEqual([]);
  });
  test('a body cut in half', async () => {
    const whole = JSON.stringify(envelope({ operations: [] }));
    const cut = whole.slice(0, whole.length / 2);
    expect((await http().post('/api/sync').set('Content-Type', 'application/json').send(cut)).status).toBe(400);
  });
});
