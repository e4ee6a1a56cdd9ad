const KIND = {
  table: '0001',
  unit: '0002',
  visit: '0003',
  reading: '0004',
  fact: '0005',
  site: '0006',
  sheave: '0007',
  stop: '0008',
  part: '0009',
  drill: '0010',
} as const;

/** Ids of the demo records: fixed, so that loading twice changes nothing. */
export const demoId = (kind: keyof typeof KIND, n: number) =>
  `de300000-${KIND[kind]}-4000-8000-${String(n).padStart(12, '0')}`;
