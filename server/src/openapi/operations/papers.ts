import { GONE, inQuery, one, type Operation } from './operation';

const PAPER = inQuery('size', 'Paper size; letter by default.', one('letter', 'A4'));

const MEASURES = inQuery('measures', 'Units, as pa,ls,c,mm,m,kw; US units by default.');

const ZONE = inQuery('zone', 'Time zone of the times; UTC by default.');

const LABEL = inQuery('size', 'Size of the label.', one('medium', 'small', 'large'));

export const PAPERS_OPERATIONS: readonly Operation[] = [
  {
    method: 'get',
    path: '/api/visits/:id/report.pdf',
    summary: 'The document of a visit as PDF',
    tag: 'Papers',
    query: [PAPER, ZONE, MEASURES],
    answer: { type: 'application/pdf' },
    refusals: { ...GONE, '429': 'Too many are being made: try again.' },
  },
  {
    method: 'get',
    path: '/api/visits/:id/report.html',
    summary: 'The same as a page to print',
    tag: 'Papers',
    query: [PAPER, ZONE, MEASURES],
    answer: { type: 'text/html' },
    refusals: GONE,
  },
  {
    method: 'get',
    path: '/api/visits/:id/readings.csv',
    summary: 'Everything read and recorded at a visit',
    tag: 'Papers',
    query: [MEASURES],
    answer: { type: 'text/csv' },
    refusals: GONE,
  },
  {
    method: 'get',
    path: '/api/units/:id/label.pdf',
    summary: 'A unit’s label, on its own page or a sheet',
    tag: 'Papers',
    query: [LABEL, MEASURES, inQuery('paper', 'A sheet of this paper.', one('letter', 'A4'))],
    answer: { type: 'application/pdf' },
    refusals: GONE,
  },
  {
    method: 'get',
    path: '/api/units/:id/label.svg',
    summary: 'A unit’s label as a drawing',
    tag: 'Papers',
    query: [LABEL, MEASURES],
    answer: { type: 'image/svg+xml' },
    refusals: GONE,
  },
  {
    method: 'get',
    path: '/api/sites/:id/labels.pdf',
    summary: 'The labels of a site’s units on a sheet',
    tag: 'Papers',
    query: [LABEL, MEASURES, inQuery('paper', 'The sheet’s paper.', one('letter', 'A4'))],
    answer: { type: 'application/pdf' },
    refusals: GONE,
  },
];
