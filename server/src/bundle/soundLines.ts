import type { BlowerTableDto, DrillDto, PhotoDto, SiteDto, StopDto, UnitDto, VisitDto } from '@huff/contract';
import type { ShopDto } from '@huff/contract/fix';
import { once } from 'node:events';
import { createReadStream, createWriteStream } from 'node:fs';
import { createInterface } from 'node:readline';

/** Records that were found sound, with the list they stood in. */
export type SoundRecords =
  | { readonly list: 'sites'; readonly values: readonly SiteDto[] }
  | { readonly list: 'blowerTables'; readonly values: readonly BlowerTableDto[] }
  | { readonly list: 'units'; readonly values: readonly UnitDto[] }
  | { readonly list: 'visits'; readonly values: readonly VisitDto[] }
  | { readonly list: 'stops'; readonly values: readonly StopDto[] }
  | { readonly list: 'drills'; readonly values: readonly DrillDto[] }
  | { readonly list: 'photos'; readonly values: readonly PhotoDto[] }
  | { readonly list: 'shop'; readonly values: readonly ShopDto[] };

/** Writes sound records, a line each: checking is slow, and must not hold the database. */
export function soundLines(file: string) {
  const out = createWriteStream(file);
  return {
    async write(record: { readonly list: SoundRecords['list']; readonly value: unknown }): Promise<void> {
      if (!out.write(`${JSON.stringify(record)}\n`)) await once(out, 'drain');
    },
    async close(): Promise<void> {
      out.end();
      if (!out.writableFinished) await once(out, 'finish');
    },
  };
}

/** So many of one list are told at once: what is here of them is then sought in one question. */
const AT_ONCE = 100;

/** Sound records, in the order in which they were written, some of one list at a time. */
export async function* soundRecords(file: string): AsyncGenerator<SoundRecords> {
  let some: { list: string; values: unknown[] } | undefined;
  for await (const line of createInterface({ input: createReadStream(file), crlfDelay: Infinity })) {
    const { list, value } = JSON.parse(line) as { list: string; value: unknown };
    if (some && (some.list !== list || some.values.length >= AT_ONCE)) {
      yield some as SoundRecords;
      some = undefined;
    }
    some ??= { list, values: [] };
    some.values.push(value);
  }
  if (some) yield some as SoundRecords;
}
