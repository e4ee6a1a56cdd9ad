// Writes the saturation table that core imports from its CSV file.
import { readFileSync, writeFileSync } from 'node:fs';

const lines = readFileSync('core/data/refrigerant-saturation.csv', 'utf8')
  .trim()
  .split('\n')
  .filter((line) => !line.startsWith('#'))
  .slice(1);
const tables = new Map();
for (const line of lines) {
  const [name, temp, bubble, dew] = line.split(',');
  tables.set(name, [...(tables.get(name) ?? []), [temp, bubble, dew].map(Number)]);
}
const body = [...tables]
  .map(([name, rows]) => `  '${name}': [\n${rows.map((row) => `    [${row.join(', ')}],`).join('\n')}\n  ],`)
  .join('\n');
writeFileSync(
  'core/src/call/refrigerant/saturationTable.ts',
  `import type { RefrigerantId } from './refrigerants';

/** Rows of temperature °F, bubble psia, dew psia. Written from \`core/data/refrigerant-saturation.csv\`; change it there. */
// prettier-ignore
export const SATURATION: Readonly<Record<RefrigerantId, readonly (readonly [number, number, number])[]>> = {
${body}
};
`,
);
