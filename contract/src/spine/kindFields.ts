import { fieldsOfKind, RECORD_KINDS, type RecordKind } from '../records';

/** The fields of a kind of record, each of which can be patched by itself. */
interface KindFields {
  readonly plain: readonly string[];
  /** Objects whose entries are fields of their own: "setup.altitudeFt". */
  readonly within: Readonly<Record<string, readonly string[]>>;
  /** Lists whose items are fields of their own, by the item's key: "belts.A48". */
  readonly lists: Readonly<Record<string, string>>;
}

function patchedBy(kind: RecordKind): KindFields {
  const fields = fieldsOfKind(kind);
  return {
    plain: fields.flatMap(([name, { entries, items }]) => (entries || items ? [] : [name])),
    within: Object.fromEntries(
      fields.flatMap(([name, { entries }]) => (entries ? [[name, Object.keys(entries)] as const] : [])),
    ),
    lists: Object.fromEntries(fields.flatMap(([name, { items }]) => (items ? [[name, items.key] as const] : []))),
  };
}

export const RECORD_FIELDS = Object.fromEntries(RECORD_KINDS.map((kind) => [kind, patchedBy(kind)])) as Readonly<
  Record<RecordKind, KindFields>
>;
