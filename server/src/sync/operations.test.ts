import type { FactDto, PhotoDto } from '@huff/contract';
import { randomUUID } from 'node:crypto';
import { adding, changed, creating, fresh, reading, setting, syncServer } from '../testing/syncFixtures';
import { jpegOf } from '../testing/picture';

const { db, http, phone, stored, visitHere } = syncServer();

describe('operations', () => {
  test('a visit and what was read at it arrive in one go, and go out to another phone whole, with what lists say', async () => {
    const mine = phone();
    const other = phone();
    await other.sync();
    const visit = fresh();
    const taken = [reading(-0.31), { ...reading(0.27), port: 'S1' as const }];
    const operations = [creating(visit), ...taken.map((one) => adding(visit, one))].map(mine.operation);
    const { results } = await mine.sync(operations);
    expect(results.map(({ status }) => status)).toEqual(['done', 'done', 'done']);
    const { changes } = await other.sync();
    const change = changed(changes, visit.id);
    if (change?.of !== 'visit') throw new Error('The other phone was not told.');
    expect(change.visit.readings.map(({ id }) => id).sort()).toEqual(taken.map(({ id }) => id).sort());
    expect(change.visit).toMatchObject({ readingCount: 2, factCount: 0, head: { title: visit.title } });
    // Asked again, there is nothing new.
    expect((await other.sync()).changes).toEqual([]);
  });

  test('sent twice, each is done once and answered the same', async () => {
    const { mine, visit } = await visitHere();
    const patch = setting('visit', visit.id, { tap: '4' }, 0);
    const operations = [mine.operation(adding(visit, reading())), mine.operation(patch)];
    const first = await mine.sync(operations);
    const second = await mine.sync(operations);
    expect(second.results).toEqual(first.results);
    expect((await stored(visit)).readings).toHaveLength(1);
  });

  test('the id of an operation, of a reading or of a photo never stands for something else', async () => {
    const { mine, visit } = await visitHere();
    const operation = mine.operation(adding(visit, reading()));
    await mine.sync([operation]);
    const [again] = (await mine.sync([{ ...operation, record: reading(-0.5) }])).results;
    expect(again).toMatchObject({
      status: 'refused',
      problem: { status: 409, detail: expect.stringContaining('new id') },
    });
    const first = reading();
    await mine.do(adding(visit, first));
    const twice = await mine.do(adding(visit, { ...first, value: -0.2 }));
    expect(twice).toMatchObject({ status: 'refused', problem: { detail: expect.stringContaining('never changed') } });
    const photo: PhotoDto = {
      id: randomUUID(),
      visitId: visit.id,
      item: 'filter',
      savedAt: new Date().toISOString(),
      jpeg: jpegOf(40),
      smallJpeg: jpegOf(40, 8),
    };
    const adds = (record: PhotoDto) => ({ kind: 'add', of: 'photo', recordId: visit.id, record }) as const;
    expect(await mine.do(adds(photo))).toMatchObject({ status: 'done' });
    expect(await mine.do(adds(photo))).toMatchObject({ status: 'done' });
    expect(await mine.do(adds({ ...photo, jpeg: jpegOf(200) }))).toMatchObject({ status: 'refused' });
    const { photos } = (await http().get(`/api/visits/${visit.id}/photos`)).body as { photos: PhotoDto[] };
    expect(photos).toEqual([{ id: photo.id, visitId: visit.id, item: 'filter', savedAt: photo.savedAt }]);
    const small = await http().get(`/api/photos/${photo.id}/image?size=small`).expect(200);
    const full = await http().get(`/api/photos/${photo.id}/image`).expect(200);
    expect(small.type).toBe('image/jpeg');
    expect((small.body as Buffer).length).toBeLessThan((full.body as Buffer).length);
    await http().get(`/api/photos/${randomUUID()}/image`).expect(404);
  });

  test('a photo may be of a unit or of a blower table: told with that, and never under another id', async () => {
    const { mine } = await visitHere();
    const [unitId, blowerTableId] = [randomUUID(), randomUUID()];
    const photo = (of: object, item: string) =>
      ({ id: randomUUID(), ...of, item, savedAt: '2026-05-12T10:42:00.000Z', jpeg: jpegOf(40) }) as PhotoDto;
    const adds = (recordId: string, record: PhotoDto) => ({ kind: 'add', of: 'photo', recordId, record }) as const;
    const plate = photo({ unitId }, 'plate');
    const paper = photo({ blowerTableId }, 'table');
    expect(await mine.do(adds(unitId, plate))).toMatchObject({ status: 'done' });
    expect(await mine.do(adds(blowerTableId, paper))).toMatchObject({ status: 'done' });
    for (const [path, { id, item, savedAt }, of] of [
      [`units/${unitId}`, plate, { unitId }],
      [`blower-tables/${blowerTableId}`, paper, { blowerTableId }],
    ] as const)
      expect((await http().get(`/api/${path}/photos`).expect(200)).body).toEqual({
        photos: [{ id, ...of, item, savedAt }],
      });
    await http().get(`/api/photos/${paper.id}/image`).expect(200);
    // Under the id of another record, of two records, and the same photo of another one.
    expect(await mine.do(adds(randomUUID(), photo({ unitId }, 'plate')))).toMatchObject({ status: 'refused' });
    expect(await mine.do(adds(unitId, photo({ unitId, blowerTableId }, 'plate')))).toMatchObject({ status: 'refused' });
    const moved = { ...paper, blowerTableId: undefined, unitId } as PhotoDto;
    expect(await mine.do(adds(unitId, moved))).toMatchObject({ status: 'refused' });
    expect((await http().get(`/api/units/${unitId}/photos`)).body).toMatchObject({ photos: [{ id: plate.id }] });
  });

  test('what only begins like a JPEG is no photo', async () => {
    const { mine, visit } = await visitHere();
    const sound = jpegOf(40);
    const whole = {
      id: randomUUID(),
      visitId: visit.id,
      item: 'filter',
      savedAt: new Date().toISOString(),
      jpeg: sound,
    };
    const broken = `${sound.slice(0, 200)}${'A'.repeat(400)}`;
    for (const wrong of [{ jpeg: broken }, { jpeg: `/9j/${'A'.repeat(400)}` }, { smallJpeg: broken }]) {
      const record: PhotoDto = { ...whole, ...wrong };
      expect(await mine.do({ kind: 'add', of: 'photo', recordId: visit.id, record })).toMatchObject({
        status: 'refused',
        problem: { status: 422, errors: [{ field: `record.${Object.keys(wrong)[0]}` }] },
      });
    }
    await http().get(`/api/photos/${whole.id}/image`).expect(404);
    expect(await mine.do({ kind: 'add', of: 'photo', recordId: visit.id, record: whole })).toMatchObject({
      status: 'done',
    });
  });

  test('a reading and a photo may come before their visit', async () => {
    const mine = phone();
    const visit = fresh();
    const early = reading();
    expect(await mine.do(adding(visit, early))).toMatchObject({ status: 'done' });
    await http().get(`/api/visits/${visit.id}`).expect(404);
    const other = phone();
    await other.sync();
    await mine.do(creating(visit));
    expect((await stored(visit)).readings.map(({ id }) => id)).toEqual([early.id]);
    // A phone that stood between the two is told of both.
    expect(changed((await other.sync()).changes, visit.id)).toMatchObject({
      visit: { readings: [{ id: early.id }], readingCount: 1 },
    });
  });

  test('what is wrong with one holds nothing else up: each other one is done', async () => {
    const { mine, visit } = await visitHere();
    const sent = [
      { ...mine.operation(adding(visit, reading())), kind: 'teleport' },
      mine.operation(adding(visit, { ...reading(), value: -31 })),
      mine.operation(setting('visit', visit.id, { wings: 2 }, 0)),
      { ...mine.operation(setting('visit', visit.id, { title: 'x\ud800' }, 0)) },
      mine.operation(setting('visit', visit.id, { tons: 'three' }, 0)),
      mine.operation(setting('unit', randomUUID(), { tap: '1' }, 0)),
      { nothing: true },
      7,
      mine.operation(adding(visit, reading())),
    ];
    const { results } = await mine.sync(sent);
    expect(results.map(({ status }) => status)).toEqual([...Array<string>(8).fill('refused'), 'done']);
    const details = results.flatMap((result) => (result.status === 'refused' ? [result.problem.detail] : []));
    expect(details[0]).toContain('newer than the server');
    expect(details[1]).toBe('Static must be between −5 and 5 in. w.c.');
    expect(details[2]).toBe('A visit has no field of that name.');
    expect(details[3]).toContain('cannot be stored');
    expect(details[4]).toBe('Tons must be a number.');
    expect(details[5]).toContain('does not exist');
    for (const detail of details) expect(detail).toMatch(/\.$/);
    expect((await stored(visit)).readings).toHaveLength(1);
  });

  test('a visit grows past a thousand readings and still takes one more', async () => {
    const { mine, visit } = await visitHere();
    for (let batch = 0; batch < 6; batch += 1)
      await mine.sync(Array.from({ length: 200 }, () => mine.operation(adding(visit, reading()))));
    expect(await mine.do(adding(visit, reading()))).toMatchObject({ status: 'done' });
    expect((await stored(visit)).readings).toHaveLength(1201);
  }, 60_000);

  test('a title made of two long names is taken', async () => {
    const mine = phone();
    const visit = { ...fresh(), title: `${'s'.repeat(80)}, ${'u'.repeat(80)}` };
    expect(await mine.do(creating(visit))).toMatchObject({ status: 'done' });
  });
});

test('an unforeseen error in one operation is that one’s alone, and it may be tried again', async () => {
  const { mine, visit } = await visitHere();
  const [bad, good] = [mine.operation(adding(visit, reading())), mine.operation(adding(visit, reading()))];
  await db().script(
    `CREATE FUNCTION break_it() RETURNS trigger LANGUAGE plpgsql AS $$ BEGIN
       IF NEW.id = '${bad.id}' THEN RAISE EXCEPTION 'broken'; END IF; RETURN NEW;
     END $$;
     CREATE TRIGGER break_it BEFORE INSERT ON operations FOR EACH ROW EXECUTE FUNCTION break_it()`,
  );
  const { results } = await mine.sync([bad, good]);
  expect(results.map(({ status }) => status)).toEqual(['failed', 'done']);
  await db().script('DROP TRIGGER break_it ON operations');
  expect((await mine.sync([bad, good])).results.map(({ status }) => status)).toEqual(['done', 'done']);
  expect((await stored(visit)).readings).toHaveLength(2);
});

test('a fact is added as it is known, and corrects by a new one', async () => {
  const { mine, visit } = await visitHere();
  const fact: FactDto = {
    id: randomUUID(),
    kind: 'electricHeat',
    inputs: { volts: 238, amps: 41.2, returnF: 70, supplyF: 101.5, junk: 'x' },
    takenAt: new Date().toISOString(),
    replacesId: null,
  };
  const adds = (record: FactDto) => ({ kind: 'add', of: 'fact', recordId: visit.id, record }) as const;
  expect(await mine.do(adds(fact))).toMatchObject({ status: 'done' });
  expect((await stored(visit)).facts![0]!.inputs).not.toHaveProperty('junk');
  const changedOne = { ...fact, inputs: { ...fact.inputs, amps: 40 } };
  expect(await mine.do(adds(changedOne))).toMatchObject({ status: 'refused', problem: { status: 409 } });
});
