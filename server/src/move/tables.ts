import type { Query } from '../db/db';

/** A table as it is copied: its name and its columns, but those that the database computes itself. */
export interface Table {
  readonly name: string;
  readonly columns: readonly string[];
  /** Rows are large: few at a time. */
  readonly isHeavy: boolean;
}

/** What the program itself writes when it opens a database. */
const OWN = 'migrations';

/** Every table, each after those it points at. */
export async function tablesInOrder(query: Query): Promise<Table[]> {
  const columns = await query<{ name: string; column: string; type: string }>(
    `SELECT c.relname AS name, a.attname AS column, t.typname AS type
     FROM pg_class c JOIN pg_attribute a ON a.attrelid = c.oid JOIN pg_type t ON t.oid = a.atttypid
     WHERE c.relkind = 'r' AND c.relnamespace = 'public'::regnamespace AND a.attnum > 0
       AND NOT a.attisdropped AND a.attgenerated = '' AND c.relname <> '${OWN}'
     ORDER BY c.relname, a.attname`,
  );
  const points = await query<{ from: string; to: string }>(
    `SELECT f.relname AS "from", t.relname AS "to" FROM pg_constraint k
     JOIN pg_class f ON f.oid = k.conrelid JOIN pg_class t ON t.oid = k.confrelid
     WHERE k.contype = 'f' AND f.oid <> t.oid AND f.relnamespace = 'public'::regnamespace`,
  );
  const left = new Set(columns.map(({ name }) => name));
  const ordered: string[] = [];
  while (left.size > 0) {
    const next = [...left].filter((name) => !points.some(({ from, to }) => from === name && left.has(to)));
    if (next.length === 0) throw new Error(`These tables point at each other: ${[...left].join(', ')}.`);
    for (const name of next) left.delete(name);
    ordered.push(...next);
  }
  return ordered.map((name) => {
    const own = columns.filter((one) => one.name === name);
    return { name, columns: own.map(({ column }) => column), isHeavy: own.some(({ type }) => type === 'bytea') };
  });
}

const listed = (columns: readonly string[]) => columns.map((column) => `"${column}"`).join(', ');
/** A row as text that reads the same in every PostgreSQL: its columns by name, in one order. */
const asJson = ({ name, columns }: Table, fields: string) =>
  `SELECT ${fields} FROM (SELECT ${listed(columns)} FROM "${name}") AS r`;

/** How many rows a table has, and a sum over all of them that no changed, missing or doubled row leaves as it is. */
export interface Sum {
  readonly rows: number;
  readonly sum: string;
}

/** In the time zone of the sums. */
const IN_UTC = "SET LOCAL TimeZone = 'UTC'";

/** Counts and sums of every table. Within a transaction. */
export async function sumsOf(query: Query, tables: readonly Table[]): Promise<Map<string, Sum>> {
  await query(IN_UTC);
  const sums = new Map<string, Sum>();
  for (const table of tables) {
    const [row] = await query<Sum & Record<string, unknown>>(
      asJson(
        table,
        `count(*) AS rows,
         coalesce(sum(('x' || left(md5(row_to_json(r)::text), 15))::bit(60)::bigint::numeric), 0)::text AS sum`,
      ),
    );
    sums.set(table.name, row!);
  }
  return sums;
}

const ROWS = 500;
const HEAVY_ROWS = 10;

/**
 * Copies all rows of a table. Within a transaction on each side.
 *
 * @param copied told how many rows each time
 */
export async function copyTable(
  from: Query,
  to: Query,
  table: Table,
  copied: (rows: number) => void = () => undefined,
): Promise<void> {
  const { name, columns, isHeavy } = table;
  await from(IN_UTC);
  await from(`DECLARE moved NO SCROLL CURSOR FOR ${asJson(table, 'row_to_json(r)::text AS row')}`);
  for (;;) {
    const rows = await from<{ row: string }>(`FETCH ${isHeavy ? HEAVY_ROWS : ROWS} FROM moved`);
    if (rows.length === 0) break;
    await to(
      `INSERT INTO "${name}" (${listed(columns)})
       SELECT ${listed(columns)} FROM json_populate_recordset(NULL::"${name}", $1::json)`,
      [`[${rows.map(({ row }) => row).join(',')}]`],
    );
    copied(rows.length);
  }
  await from('CLOSE moved');
}
