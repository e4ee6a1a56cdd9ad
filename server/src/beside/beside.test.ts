import { plainShop } from '@huff/contract/fix';
import { DEMO_AUTHOR } from '../http/author';
import { demoVisits } from '../demo/visits';
import { jpegOf } from '../testing/picture';
import type { Request } from 'express';
import { besideHere, type Beside } from './beside';
import { sentCheck } from './sentBody';

const work = {
  visit: demoVisits(new Date('2026-05-13T12:00:00Z'))[0]!,
  shop: plainShop(DEMO_AUTHOR.shopId),
  wishes: { typed: {} },
};

test('so many plans wait, whoever comes later is sent away, and after one is made there is room again', async () => {
  const beside = besideHere(2);
  const asked = [1, 2, 3, 4].map(() => beside.inTurn(() => beside.makePlans(work)));
  const outcomes = await Promise.allSettled(asked);
  expect(outcomes.map(({ status }) => status)).toEqual(['fulfilled', 'fulfilled', 'rejected', 'rejected']);
  expect(outcomes[3]).toMatchObject({ reason: { status: 429, retryAfterS: 3 } });
  expect((await beside.inTurn(() => beside.makePlans(work)))?.ready.length).toBeGreaterThan(0);
});

test('a visit that does not say enough gets no plan, and what fails leaves room', async () => {
  const beside = besideHere(1);
  expect(await beside.makePlans({ ...work, visit: { ...work.visit, readings: [] } })).toBeUndefined();
  await expect(beside.inTurn(() => beside.makePlans({ ...work, visit: undefined as never }))).rejects.toThrow();
  expect(await beside.inTurn(() => beside.makePlans(work))).toBeDefined();
});

test('a picture is one when it can be decoded to its end', async () => {
  const beside = besideHere();
  const isJpeg = (bytes: Uint8Array) => beside.isJpeg(bytes);
  const sound = Buffer.from(jpegOf(90), 'base64');
  expect(await isJpeg(sound)).toBe(true);
  expect(await isJpeg(sound.subarray(0, sound.length / 2))).toBe(false);
  expect(await isJpeg(Buffer.from('/9j/4AAQSkZJRgABAQEAYABgAAD', 'base64'))).toBe(false);
  expect(await isJpeg(Buffer.alloc(0))).toBe(false);
  // A head that promises 65,500 by 65,500 points.
  const bomb = Buffer.from(sound);
  const frame = bomb.indexOf(Buffer.from([0xff, 0xc0]));
  bomb.writeUInt16BE(65_500, frame + 5);
  bomb.writeUInt16BE(65_500, frame + 7);
  expect(await isJpeg(bomb)).toBe(false);
});

test('what is large is checked beside the requests, what is small at once; both are told the same', async () => {
  const asked: string[] = [];
  const beside = {
    ...besideHere(),
    checkSent: (sent: never) => {
      asked.push((sent as { as: string }).as);
      return besideHere().checkSent(sent);
    },
  };
  const check = (length: string | undefined, body: object) =>
    sentCheck({ headers: { 'content-length': length } } as Request, beside as Beside)({ as: 'wholeVisit', body });
  const wrong = { ...work.visit, title: 7 };
  for (const length of ['900', '900000', undefined]) {
    expect(await check(length, work.visit)).toMatchObject({ ok: true, value: { id: work.visit.id } });
    expect(await check(length, wrong)).toMatchObject({ ok: false, errors: [{ field: 'title' }] });
  }
  expect(asked).toEqual(Array<string>(4).fill('wholeVisit'));
  // Nested without end: told in words, and never handed on.
  const deep = JSON.parse(`${'{"a":'.repeat(20_000)}1${'}'.repeat(20_000)}`) as object;
  expect(await check('900000', deep)).toMatchObject({ ok: false });
  expect(asked).toHaveLength(4);
});
