// Writes the list of standard belts that core imports from its CSV file.
import { readFileSync, writeFileSync } from 'node:fs';

const lines = readFileSync('core/data/standard-belts.csv', 'utf8').trim().split('\n').slice(1);
const lengths = new Map();
for (const line of lines) {
  const [section, inside] = line.split(',');
  lengths.set(section, [...(lengths.get(section) ?? []), Number(inside)]);
}
const body = [...lengths].map(([section, list]) => `  ${section}: [${list.join(', ')}],`).join('\n');
writeFileSync(
  'core/src/air/drive/standardBelts.ts',
  `import type { BeltSection } from './beltSection';

/** Nominal inside lengths that are sold, in. Written from \`core/data/standard-belts.csv\`; change it there. */
// prettier-ignore
export const STANDARD_INSIDE_IN: Readonly<Record<BeltSection, readonly number[]>> = {
${body}
};
`,
);
