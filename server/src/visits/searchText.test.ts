import type { VisitDto } from '@huff/contract';
import { keptText } from '@huff/core';
import type { KeptItem } from '@huff/core/call';
import { searchTextOf, wordsOf } from './searchText';

const AT = '2026-05-12T10:00:00.000Z';
const visit = {
  id: 'v',
  title: 'Quay library, Roof 1',
  startedAt: AT,
  facts: [
    {
      id: '1',
      kind: 'check',
      inputs: { point: 'drainTrap', state: 'found', note: 'Wasps behind the PANEL' },
      takenAt: AT,
    },
    { id: '2', kind: 'part', inputs: { key: 'belt:A48', name: 'Belt A48', count: 1 }, takenAt: AT },
    { id: '3', kind: 'handOver', inputs: { words: 'Call first.', signature: '1,1 900,900' }, takenAt: AT },
  ],
} as unknown as VisitDto;
const found = (words: string, since: string) => ({ words: keptText(words), since }) as KeptItem;

test('a visit is found by its title, its own findings, notes, parts and what was agreed; not by what it only carries', () => {
  const text = searchTextOf(visit, [found('Trap missing.', AT), found('Old crack.', '2025-01-01T10:00:00.000Z')]);
  expect(text).toBe('quay library, roof 1 · trap missing. · wasps behind the panel · belt a48 · call first.');
});

test.each([
  ['Belt A48, slack', ['belt', 'a48', 'slack']],
  ['a b cd', []],
  ['Trap trap TRAP', ['trap']],
  ['Łódź—Ölwanne', ['łódź', 'ölwanne']],
  [`x${'y'.repeat(60)}`, []],
])('the words of %j', (text, words) => expect(wordsOf(text)).toEqual(words));
