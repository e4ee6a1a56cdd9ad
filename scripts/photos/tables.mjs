// Made-up blower tables and how they are printed: drawn by a seed, of no manufacturer.

const FONTS = [
  'Libre Franklin',
  'Roboto Condensed',
  'Source Serif 4',
  'Courier Prime',
  'Archivo Narrow',
  'Roboto Mono',
  'DejaVu Sans',
];
const NAMES = [
  ['Low', 'Med', 'High'],
  ['Low', 'Med-Low', 'Med-High', 'High'],
  ['1', '2', '3', '4', '5'],
  ['Tap 1', 'Tap 2', 'Tap 3', 'Tap 4', 'Tap 5'],
  ['A', 'B', 'C', 'D'],
  ['T1', 'T2', 'T3', 'T4'],
  ['RED', 'BLUE', 'YELLOW', 'BLACK'],
  ['On-Off', 'Off-On', 'On-On', 'Off-Off'],
];
const TITLES = [
  'BLOWER PERFORMANCE',
  'AIRFLOW DATA (CFM)',
  'Airflow, CFM, dry coil, without filter',
  'CFM VS. EXTERNAL STATIC',
];
const HEADS = ['EXTERNAL STATIC PRESSURE (IN. W.C.)', 'External static, in. w.c.', 'ESP - INCHES W.C.'];

const round = (value, to) => Math.round(value / to) * to;

/** A table of a belt drive: RPM and horsepower by airflow and static, as a fan of some size has them. */
function drawBelt(random) {
  const rows = 4 + random.below(4);
  const columns = 4 + random.below(3);
  const stepCfm = random.pick([100, 200, 400]);
  const firstCfm = stepCfm * (8 + random.below(8));
  const statics = Array.from({ length: columns }, (_, i) => (0.2 * (i + 1)).toFixed(1));
  const wheel = firstCfm * (1 + 0.4 * random.next());
  const rpmAtRest = 420 + 300 * random.next();
  const efficiency = 0.45 + 0.2 * random.next();
  const to = random.pick([1, 1, 5]);
  return {
    unit: 'in. w.c.',
    isByRpm: true,
    statics,
    rows: Array.from({ length: rows }, (_, i) => {
      const cfm = firstCfm + i * stepCfm;
      const end = random.chance(0.25) && i >= rows - 2 ? columns - 1 : columns;
      // System law for what the cabinet itself takes, fan law for the rest.
      const inner = 0.35 * (cfm / wheel) ** 2;
      const each = (figure) => statics.map((p, j) => (j >= end ? '-' : figure(Number(p) + inner)));
      return {
        name: String(cfm),
        cells: each((total) => String(round(rpmAtRest * Math.sqrt(total + 0.5 * (cfm / wheel) ** 2), to))),
        bhp: each((total) => ((cfm * total) / (6356 * efficiency)).toFixed(2)),
      };
    }),
  };
}

/** What is printed on a sheet: one table, or two models beside or under each other. */
export function drawSheet(random) {
  const tables = [drawTable(random)];
  if (random.chance(0.1)) tables.push(drawTable(random, tables[0]));
  return { tables, isBeside: random.chance(0.5) };
}

/** The figures of a table: rows that fall along the static and rise from tap to tap. @param like of another model on the same sheet */
export function drawTable(random, like) {
  if (like ? like.isByRpm : random.chance(0.15)) return drawBelt(random);
  const names = like ? like.rows.map(({ name }) => name) : random.pick(NAMES);
  const isPa = like ? like.unit === 'Pa' : random.chance(0.1);
  const columns = like ? like.statics.length : 5 + random.below(5);
  const staticsInWc = Array.from({ length: columns }, (_, i) => Number((0.1 * (i + 1)).toFixed(2)));
  const decimals = random.chance(0.5) ? 1 : 2;
  const texts = staticsInWc.map((p) => (isPa ? String(round(p * 250, 25)) : p.toFixed(decimals)));
  const least = 500 + 900 * random.next();
  const most = least * (1.4 + 0.6 * random.next());
  const to = random.pick([1, 1, 5, 10]);
  const [falls, bends] = [0.04 + 0.2 * random.next(), 0.05 + 0.35 * random.next()];
  const rows = names.map((name, i) => {
    const flow = least + ((most - least) * i) / (names.length - 1);
    const end = random.chance(0.25) && i >= names.length - 2 ? columns - 1 - random.below(2) : columns;
    const cells = staticsInWc.map((p, j) => {
      if (j >= end) return '-';
      const wobble = 1 + 0.001 * (random.next() - 0.5);
      const value = round(flow * (1 - falls * p - bends * p * p) * wobble, to);
      return String(value);
    });
    return { name, cells };
  });
  return { statics: texts, unit: isPa ? 'Pa' : 'in. w.c.', isByRpm: false, rows };
}

/** How a sheet is printed and photographed. */
export function drawLook(random) {
  return {
    font: random.pick(FONTS),
    isBold: random.chance(0.4),
    title: random.pick(TITLES),
    head: random.pick(HEADS),
    fontPx: 26 + random.below(12),
    padX: 14 + random.below(20),
    padY: 8 + random.below(12),
    rules: random.pick(['all', 'rows', 'head', 'none']),
    isComma: random.chance(0.15),
    shaded: random.chance(0.3),
    paper: random.pick(['#ffffff', '#f6f2e6', '#e9edf0', '#f3eec6', '#dcdcdc']),
    ink: random.pick(['#000000', '#1c1c28', '#303030', '#22304a']),
    ground: random.pick(['#3a3a38', '#6a6258', '#4c5458', '#8a8378']),
    margin: 0.04 + 0.08 * random.next(),
    tilt: (random.next() - 0.5) * 8,
    corners: Array.from({ length: 8 }, () => 0.05 * (random.next() - 0.5)),
    blurPx: 0.4 + 1.3 * random.next(),
    noise: 3 + 12 * random.next(),
    shade: 0.5 * random.next(),
    shadeDeg: 360 * random.next(),
    glare: random.chance(0.3)
      ? { x: random.next(), y: random.next(), size: 0.15 + 0.2 * random.next(), most: 0.25 + 0.3 * random.next() }
      : undefined,
    jpeg: 0.5 + 0.45 * random.next(),
    widthPx: 1800 + random.below(1600),
    seed: random.below(1e9),
  };
}
