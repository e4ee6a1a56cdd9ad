// Writes app/src/ui/icons/paths.ts: the paths of the icons the app uses, so that no icon font of 1.3 MB is shipped.
// Run it after adding a name to the list: node scripts/icons.mjs
import { readFileSync, writeFileSync } from 'node:fs';

const names = [
  'alert-outline',
  'arrow-left',
  'arrow-right',
  'arrow-up',
  'backspace-outline',
  'calendar-today',
  'check',
  'chevron-down',
  'chevron-right',
  'close',
  'cloud-off-outline',
  'cloud-upload-outline',
  'download-outline',
  'file-upload-outline',
  'fan',
  'home-city-outline',
  'magnify',
  'minus',
  'pencil-outline',
  'plus',
  'table',
  'theme-light-dark',
];

const path = (name) => {
  const svg = readFileSync(`node_modules/@mdi/svg/svg/${name}.svg`, 'utf8');
  return / d="([^"]+)"/.exec(svg)[1];
};

const lines = names.map((name) => `  '${name}': '${path(name)}',`);
writeFileSync(
  'app/src/ui/icons/paths.ts',
  `// Written by scripts/icons.mjs from @mdi/svg (Material Design Icons, Apache-2.0). Do not edit.\nexport const ICON_PATHS = {\n${lines.join('\n')}\n} as const;\n`,
);
