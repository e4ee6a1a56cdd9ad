import { check, exampleA, static_ } from '../testing/visit';
import type { Block } from './block';
import { compareBlocks } from './compare';

const LATER = '2026-09-01T10:00:00.000Z';
const of = <K extends Block['kind']>(blocks: readonly Block[], kind: K) =>
  blocks.filter((block): block is Extract<Block, { kind: K }> => block.kind === kind);
const under = (blocks: readonly Block[], title: string) => {
  const at = blocks.findIndex((block) => block.kind === 'heading' && block.text === title);
  const next = blocks[at + 1];
  return at >= 0 && next?.kind === 'list' ? next.items.join(' | ') : undefined;
};

const earlier = exampleA({ facts: [check('drainTrap', 'found'), check('upkeepCabinet', 'found')] });
const later = exampleA({
  startedAt: LATER,
  tap: '4',
  readings: [static_('R1', -0.16), static_('R2', -0.24), static_('S1', 0.27)],
  facts: [check('drainTrap', 'found'), check('upkeepContactor', 'found')],
});
const compared = compareBlocks({ earlier, later, zone: 'UTC' });

test('figures then and now, whichever was requested first', () => {
  const tesp = of(compared, 'figures')[0]!.rows.find(({ name }) => name.startsWith('Resistance'))!;
  expect(tesp).toMatchObject({ before: '0.58', now: '0.51' });
  expect(compareBlocks({ earlier: later, later: earlier, zone: 'UTC' })).toEqual(compared);
  expect(of(compared, 'text')[0]!.text).toMatch(/^May 12, 2026, then September 1, 2026$/);
});

test('each section with its change; both lines on one drawing', () => {
  const { rows } = of(compared, 'table')[0]!;
  expect(rows.map(([, then, now, change]) => [then, now, change])).toEqual(
    expect.arrayContaining([
      ['0.15', '0.08', '−0.07'],
      ['0.27', '0.27', '+0.00'],
    ]),
  );
  expect(of(compared, 'drawing')).toHaveLength(1);
});

test('what was changed between, what is new, what stands, what is gone', () => {
  expect(of(compared, 'table')[1]!.rows).toContainEqual(['Speed tap', '3', '4']);
  expect(under(compared, 'New since then')).toMatch(/contactor/i);
  expect(under(compared, 'Found both times')).toMatch(/trap/i);
  expect(under(compared, 'Found then, not now')).toMatch(/repair/i);
});

test('a visit at which nothing was read claims nothing', () => {
  const blocks = compareBlocks({ earlier, later: exampleA({ startedAt: LATER, readings: [] }), zone: 'UTC' });
  expect(of(blocks, 'figures')).toEqual([]);
  expect(of(blocks, 'text').some(({ text }) => /no readings/.test(text))).toBe(true);
});
