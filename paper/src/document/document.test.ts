import { cases, inTurn } from '../../../core/fixtures/longRun';
import { assess } from '@huff/contract';
import { LOOK_ITEMS, SI_MEASURES } from '@huff/core';
import Papa from 'papaparse';
import { documentHtml } from '../html/documentHtml';
import { check, exampleA, fact, static_, UNIT } from '../testing/visit';
import type { Block } from './block';
import { OWNER_LOOKS } from './ownerLooks';
import { ownerFigures } from './ownerFigures';
import { documentFacts, type DocumentSource } from './facts';
import { dayText, momentsIn } from './moment';
import { readingsCsv } from './readingsCsv';
import { visitDocument } from './visitDocument';

const made = (more: Partial<DocumentSource> = {}) => visitDocument({ visit: exampleA(), zone: 'UTC', ...more });
const of = <K extends Block['kind']>(blocks: readonly Block[], kind: K) =>
  blocks.filter((block): block is Extract<Block, { kind: K }> => block.kind === kind);
const words = (blocks: readonly Block[]) => JSON.stringify(blocks);

describe('the owner’s page', () => {
  test('says in plain words what the air does, with what is right', () => {
    const { title, under, owner } = made({ unit: UNIT });
    expect(title).toBe('Your air handler does not have the right airflow yet');
    expect(under).toBe('Reading room air handler · May 12, 2026');
    // The name of a check that nobody named says nothing to an owner.
    expect(made({ visit: exampleA({ title: 'Quick check: no heat' }) }).under).toBe('May 12, 2026');
    expect(made({ visit: exampleA({ title: 'Barn' }) }).under).toBe('Barn · May 12, 2026');
    const [flow, tesp] = of(owner, 'figures')[0]!.rows;
    expect(flow).toMatchObject({ name: 'Air moved', under: 'CFM; 1,080 to 1,320 is right', word: 'outside' });
    expect(flow).not.toHaveProperty('before');
    expect(tesp).toMatchObject({ now: '0.58', under: 'in. w.c.; the nameplate allows 0.50' });
  });
  test('claims nothing where nothing was read, and stops what must not run', () => {
    const none = made({ visit: exampleA({ readings: [] }) });
    expect(none.title).toBe('What we found at your air handler');
    expect(of(none.owner, 'figures')).toEqual([]);
    expect(of(none.owner, 'drawing')).toEqual([]);
    const crack = made({ visit: exampleA({ facts: [check('exchanger', 'crack')] }) });
    expect(crack.title).toBe('Your air handler must not run until it is made safe');
  });
  test('never says more than the judgement, whatever two things were seen', () => {
    const seen = LOOK_ITEMS.flatMap(({ id, states }) => states.map((state) => ({ item: id, state: state.id })));
    const pairs = seen.flatMap((one, i) =>
      seen
        .slice(i)
        .flatMap((other) => (other.item === one.item && other.state !== one.state ? [] : [[one, other] as const])),
    );
    let stopped = 0;
    for (const [one, other] of inTurn(pairs)) {
      const source = { visit: exampleA({ facts: [fact('look', one), fact('look', other)] }), zone: 'UTC' };
      const { now } = documentFacts(source);
      const { title, owner } = visitDocument(source);
      const at = JSON.stringify([one, other]);
      const rows = of(owner, 'figures').flatMap((block) => block.rows);
      if (now.stop) {
        stopped += 1;
        expect([at, title]).toEqual([at, expect.stringMatching(/must not run|cannot be judged yet/)]);
        expect([at, rows.filter(({ word }) => word !== undefined && word !== 'cantSay')]).toEqual([at, []]);
        expect([at, of(owner, 'drawing').length]).toEqual([at, 0]);
      } else if (now.airflow.word === 'cantSay')
        expect([at, title]).toEqual([at, expect.stringMatching(/^What we found/)]);
      else expect([at, title.includes('must not run')]).toEqual([at, false]);
    }
    expect(stopped).toBeGreaterThan(cases(300, 75));
  });
  test('what was put right, quoted, declined and watched stands in its place', () => {
    const settled = (finding: string, state: string, more: object = {}) => fact('outcome', { finding, state, ...more });
    const facts = [
      check('drainTrap', 'found'),
      check('drainPitch', 'found'),
      check('upkeepContactor', 'found'),
      check('upkeepCabinet', 'found'),
      settled('check-drainTrap', 'dealtWith'),
      settled('check-drainPitch', 'quoted', { price: 240 }),
      settled('check-upkeepContactor', 'declined'),
      settled('check-upkeepCabinet', 'watch'),
    ];
    const { owner } = made({ visit: exampleA({ facts }) });
    const lists = of(owner, 'list').map(({ items }) => items.join(' | '));
    expect(lists[0]).toMatch(/Trap is missing or the wrong depth\. \| Drain slopes the wrong way\./);
    expect(lists[1]).toBe('Fixed: trap is missing or the wrong depth.');
    const [recommended] = of(owner, 'table');
    expect(recommended!.rows).toEqual(
      expect.arrayContaining([
        ['Repair: drain slopes the wrong way.', '$240 quoted'],
        ['Repair: contactor is burnt or pitted.', 'you chose not to do it now'],
        ['Repair: cabinet doors or lining need repair.', 'we will check it next time'],
      ]),
    );
    expect(words(recommended!.rows as never)).not.toContain('Trap missing');
  });
  test.each(
    LOOK_ITEMS.flatMap(({ id, states }) =>
      states.filter(({ finding }) => finding).map((state) => [`${id} ${state.id}`]),
    ),
  )('“%s” has words for an owner', (look) => {
    const { found, toDo } = OWNER_LOOKS[look]!;
    expect(found).toMatch(/^[A-Z].*\.$/);
    // Weak air is a sign of something else.
    if (!look.startsWith('air ')) expect(toDo).toMatch(/^[A-Z].*\.$/);
  });
  test('what makes it safe is told before the remedy, never the work of a technician', () => {
    const rowsFor = (item: string, state: string) =>
      of(made({ visit: exampleA({ facts: [fact('look', { item, state })] }) }).owner, 'table')
        .flatMap(({ rows }) => rows)
        .map(([text]) => text);
    expect(rowsFor('smell', 'gas')[0]).toBe(
      'Touch no switch. Ventilate, leave, and call the gas supplier. Have the gas leak repaired before it runs.',
    );
    expect(rowsFor('rotation', 'backwards').join(' ')).not.toMatch(/Swap two legs/);
  });
  test('each finding has a remedy; two that say the same are said once', () => {
    const facts = [
      fact('look', { item: 'belt', state: 'glazed' }),
      fact('look', { item: 'filter', state: 'loaded' }),
      fact('finding', { words: 'Nest in the flue.', concern: 'damage', area: 'blower', toDo: 'Remove the nest' }),
    ];
    const { owner } = made({ visit: exampleA({ facts }) });
    const table = of(owner, 'table').flatMap(({ rows }) => rows.map(([text]) => text));
    expect(table).toEqual(expect.arrayContaining(['Replace the belt.', 'Replace the filter.', 'Remove the nest.']));
    expect(new Set(table).size).toBe(table.length);
    expect(table.join(' ')).not.toContain('was glazed');
  });
  test('maintenance that was done is work done; what was left for next time is not', () => {
    const done = ['upkeepWheel', 'drainFlush', 'upkeepContactor'].map((point) => check(point, 'done'));
    const facts = [...done, check('upkeepBelt', 'not'), check('floatTipped', 'breaksY')];
    const { owner } = made({ visit: exampleA({ facts }) });
    const [, did] = of(owner, 'list');
    expect(did!.items).toEqual([
      'Checked the blower wheel.',
      'Flushed the drain.',
      'Tested the float switch.',
      'Checked the contactor.',
    ]);
    expect(words(owner)).not.toMatch(/nothing was changed|Checked the belt/);
  });
  test('what was done to the charge, in ounces and words', () => {
    const facts = [
      fact('charge', { what: 'added', circuit: '1', refrigerant: 'R-410A', ounces: 12, cylinder: '14' }),
      fact('charge', { what: 'leakFixed', circuit: '1', refrigerant: 'R-410A', where: 'flare made new' }),
    ];
    const did = of(made({ visit: exampleA({ facts }) }).owner, 'list').flatMap(({ items }) => items);
    expect(did).toContain('Added 12 oz of R-410A from cylinder 14.');
    expect(did).toContain('Repaired a leak: flare made new.');
  });
  test('a finding in one’s own words is the owner’s to read, figures in it or not', () => {
    const facts = [fact('finding', { words: 'Two of 4 bolts missing', concern: 'safety', area: 'blower' })];
    const { owner, title } = made({ visit: exampleA({ facts }) });
    expect(of(owner, 'list')[0]!.items).toContain('Two of 4 bolts missing.');
    expect(title).toMatch(/must not run until it is made safe/);
  });
  test('figures that mean nothing to an owner are told in words', () => {
    const { owner } = made();
    const text = of(owner, 'list')
      .flatMap(({ items }) => items)
      .join(' ');
    expect(text).toMatch(/restricts airflow too much/);
    expect(text).not.toMatch(/in\. w\.c\./);
  });
  test('resistance that rose because more air moves is explained, and is no failure', () => {
    const before = assess(exampleA({ readings: [static_('R2', -0.2), static_('S1', 0.2)] }));
    const now = assess(exampleA({ tap: '4', readings: [static_('R2', -0.3), static_('S1', 0.27)] }));
    const [flow, tesp] = ownerFigures({ before, now, changed: true });
    expect(Number(flow!.now.replace(',', ''))).toBeGreaterThan(Number(flow!.before!.replace(',', '')));
    expect(now.judgement.tesp.word).toBe('outside');
    expect(tesp).toMatchObject({ name: 'Resistance to the blower', before: '0.40', now: '0.57', word: 'atTheEdge' });
    expect(tesp!.under).toMatch(/higher because more air moves now/);
  });
  test('who comes is now at its head, and the payment terms at its foot', () => {
    const card = {
      name: 'Lakeshore Air & Duct',
      phone: '555-0142',
      licence: '20417',
      technician: 'Rowan',
      payment: 'Due in 14 days',
    };
    const {
      head,
      made: by,
      owner,
      under,
    } = made({ card, visit: exampleA({ facts: [check('complaint', 'notCooling')] }) });
    expect(head).toEqual({ name: 'Lakeshore Air & Duct', under: '555-0142 · License 20417' });
    expect(by).toEqual({ name: 'Service report', under: 'May 12, 2026 · Technician: Rowan' });
    expect(under).toMatch(/called for: not cooling$/);
    expect(of(owner, 'text').at(-1)).toMatchObject({ text: 'Due in 14 days.' });
    expect(documentHtml(made({ card }))).toContain('Lakeshore Air &#38; Duct');
  });
  test('what comes next, who took it over, and their mark', () => {
    const facts = [
      fact('handOver', {
        ownerName: 'Mira Holt',
        returnOn: '2026-12-08',
        returnFor: 'Filter',
        words: 'Write when the desk register goes weak.',
        signature: '100,100 400,300 700,100',
      }),
    ];
    const { owner } = made({ visit: exampleA({ facts }), link: 'http://huff.local/units/1' });
    expect(of(owner, 'list').at(-1)!.items).toEqual([
      'Filter: December 8, 2026.',
      'Write when the desk register goes weak.',
    ]);
    expect(of(owner, 'mark')).toEqual([
      expect.objectContaining({ name: 'Mira Holt', signature: '100,100 400,300 700,100' }),
    ]);
    expect(of(owner, 'link')).toHaveLength(1);
  });
});

describe('the next technician’s pages', () => {
  test('hold every reading with its conditions, and what a correction took the place of', () => {
    const wrong = static_('R2', -0.41);
    const right = static_('R2', -0.31, { replacesId: wrong.id, typedAs: '77 Pa' });
    const { technician } = made({ visit: exampleA({ readings: [wrong, right, static_('S1', 0.27)] }) });
    const rows = of(technician, 'table').find(({ head }) => head.includes('while'))!.rows;
    expect(rows).toHaveLength(3);
    expect(rows[0]).toEqual(expect.arrayContaining(['−0.41 (corrected)', 'door on, filter in, coil wet, 14 min']));
    expect(rows[1]!.at(-1)).toBe('typed, 77 Pa');
  });
  test('give each figure its working, its limit and where that comes from', () => {
    const verdict = of(made().technician, 'verdict').find(({ name }) => name === 'Total external static')!;
    expect(verdict.word).toBe('outside');
    expect(verdict.lines.join(' ')).toMatch(
      /TESP = .*R2, into the equipment −0\.31 in\. w\.c\. \(typed\).*Limit: nameplate maximum, at most 0\.50 in\. w\.c\. \(nameplate\)/,
    );
  });
  test('draw the path, the crossing and each circuit', () => {
    const ladder = fact('ladder', {
      circuit: '1',
      refrigerant: 'R-410A',
      metering: 'valve',
      suctionPsig: 128,
      highPsig: 340,
      returnF: 76,
      outdoorF: 88,
    });
    const says = of(made({ visit: exampleA({ facts: [ladder] }) }).technician, 'drawing').map(
      ({ drawing }) => drawing.says,
    );
    expect(says[0]).toMatch(/^Pressure profile, in\. w\.c\.: Return duct 0\.16; Filter 0\.15; .*Supply duct 0\.27/);
    expect(says[1]).toMatch(/^As found .* CFM at 0\.58 in\. w\.c\.; the limit is 0\.50/);
    expect(says[2]).toMatch(/^Temperatures of circuit 1: condensing \d+, outdoors 88, return air 76, evaporating \d+/);
  });
  test('methods are written by their own fields, cautions with when they were read', () => {
    const facts = [
      fact('flowPlate', { plateCfm: 915, normalInWc: 0.27, plateInWc: 0.25 }),
      check('caution-lockOut', 'read'),
      check('wheel', 'rubs'),
    ];
    const { technician } = made({ visit: exampleA({ facts }), zone: 'Europe/Rome' });
    expect(words(technician)).toMatch(/\["12:42 PM","Flow plate[^\]]*915 CFM/);
    expect(words(technician)).toMatch(/12:42 PM Before you start: Lock out and tag out/);
    expect(words(technician)).toMatch(/\["12:42 PM","Wheel","rubs","turns freely, no rock"\]/);
  });
  test('says where the unit is and what was taken from the truck', () => {
    const facts = [fact('part', { key: 'belt:A47', name: 'Belt A47', count: 2, cost: 14 })];
    const unit = { ...UNIT, location: 'attic, hatch in the hall' };
    const { technician } = made({ visit: exampleA({ facts }), unit });
    expect(words(technician)).toContain('["Where it is","attic, hatch in the hall"]');
    expect(words(technician)).toContain('["Belt A47","2","$14"]');
    expect(words(made().technician)).not.toMatch(/Parts used|Where it is/);
  });
});

describe('as a page', () => {
  test('nothing that was typed becomes markup', () => {
    const nasty = `<script>alert(1)</script> & "it's"`;
    const facts = [
      fact('handOver', { ownerName: nasty, words: nasty }),
      check('flashCode', 'flashing', { note: nasty }),
    ];
    const html = documentHtml(made({ visit: exampleA({ facts, title: nasty }), unit: { ...UNIT, name: nasty } }));
    expect(html).not.toMatch(/<script/);
    expect(html).not.toContain('undefined');
    expect(html).not.toContain('NaN');
    expect(html).toContain('&#60;script&#62;');
  });
  test('the owner sees photos of what was found, three at most; the technician sees all', () => {
    const own = fact('finding', { words: 'Nest in the flue.', concern: 'damage', area: 'blower' });
    const facts = [fact('look', { item: 'filter', state: 'loaded' }), own];
    const photos = ['filter', `own-${own.id}`, 'door', 'filter', 'filter'].map((item, i) => ({ id: `p${i}`, item }));
    const { owner, technician } = made({ visit: exampleA({ facts }), photos });
    const [row] = of(owner, 'photoRow');
    expect(row!.photos.map(({ id }) => id)).toEqual(['p0', 'p1', 'p3']);
    expect(row!.photos[1]!.caption).toContain('Nest in the flue');
    expect(of(technician, 'photo')).toHaveLength(5);
    const html = documentHtml(made({ visit: exampleA({ facts }), photos }), { photoUrl: (id) => `/photo/${id}` });
    expect(html).toMatch(/class="photos">.*src="\/photo\/p0".*src="\/photo\/p3"/s);
    expect(of(made({ photos }).owner, 'photoRow')).toEqual([]);
  });
  test('the logo is at the head, with the shop’s name or alone', () => {
    const html = documentHtml(made({ logo: '/9j/AAAA', card: { name: 'Lantern Air' } }));
    expect(html).toContain('<img src="data:image/jpeg;base64,/9j/AAAA" alt="Lantern Air"');
    expect(made({ logo: '/9j/AAAA' }).head).toEqual({ name: '', under: '', logo: '/9j/AAAA' });
    expect(made().head).toBeUndefined();
  });
  test('photos are fetched from where they are kept; paper has its size', () => {
    const html = documentHtml(made({ photos: [{ id: 'p1', item: 'belt' }] }), {
      size: 'A4',
      photoUrl: (id) => `/api/photos/${id}/image`,
    });
    expect(html).toContain('src="/api/photos/p1/image"');
    expect(html).toContain('@page { size: A4 }');
    expect(html.match(/<svg/g)!.length).toBeGreaterThan(4);
  });
});

describe('readings as CSV', () => {
  test('come back as they were, and no cell is a formula', () => {
    const facts = [check('leakSearch', 'found', { note: '=HYPERLINK("x")' })];
    const visit = exampleA({ facts });
    const { data, errors } = Papa.parse<Record<string, string>>(readingsCsv(visit), {
      header: true,
      skipEmptyLines: true,
    });
    expect(errors).toEqual([]);
    const statics = data.filter(({ kind }) => kind === 'static');
    expect(statics.map(({ field, value, id }) => [field, Number(value), id])).toEqual(
      visit.readings.map(({ port, value, id }) => [port, value, id]),
    );
    for (const row of data) for (const cell of Object.values(row)) expect(cell).not.toMatch(/^[=@\t]/);
    expect(data.find(({ field }) => field === 'note')!.value).toBe(`'=HYPERLINK("x")`);
  });
});

test('moments are written in the hours of the place; an unknown zone is UTC', () => {
  expect(momentsIn('Europe/Rome').clock('2026-05-12T22:30:00Z')).toBe('12:30 AM');
  expect(momentsIn('Nowhere/At_all').clock('2026-05-12T22:30:00Z')).toBe('10:30 PM');
  expect(momentsIn('UTC').day('nonsense')).toBe('');
  expect(dayText('2026-12-08')).toBe('December 8, 2026');
});

describe('for somebody who reads other units', () => {
  const US = /in\. w\.c\.|CFM|°F|Btu\/h|\bfpm\b|\bft\b/;
  const facts = [
    fact('measuredDrop', { returnF: 75, moisture: 'wb', returnWetF: 62.5, supplyF: 56.4, tons: 3, outdoorF: 95 }),
    fact('look', { item: 'filter', state: 'loaded' }),
  ];
  const visit = exampleA({ facts, setup: { altitudeFt: 640, drive: null } });
  test('every word, figure and drawing is in theirs, and the next document is as before', () => {
    const si = made({ visit, unit: UNIT, measures: SI_MEASURES });
    const text = words([...si.owner, ...si.technician]);
    expect(text).toContain('144 Pa');
    expect(text).toContain('L/s');
    expect(text).toContain('°C');
    expect(US.exec(text)).toBeNull();
    expect(US.exec(si.title)).toBeNull();
    expect(US.test(words(made({ visit, unit: UNIT }).technician))).toBe(true);
  });
});
