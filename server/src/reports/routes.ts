import { measuresOf, measuresText, SI_MEASURES, US_MEASURES, withMeasures, type Measures } from '@huff/core';
import { checksOf, kitReading, standingChecks } from '@huff/core/call';
import type { UnitDto } from '@huff/contract';
import { documentHtml, LABEL_SIZES, labelDrawing, readingsCsv, svgOf, visitDocument } from '@huff/paper';
import { Router, type Request } from 'express';
import type { Beside } from '../beside/beside';
import type { Db, Query } from '../db/db';
import { authorOf } from '../http/author';
import { idOf } from '../http/body';
import { invalid, notFound } from '../http/problems';
import { originOf } from '../http/origin';
import { fileName, sendFile } from '../http/sendFile';
import { oneOf } from '../http/query';
import { imageOf } from '../photos/photos';
import { recordOf } from '../records/records';
import { wholeVisits } from '../visits/wholeVisit';
import { documentSource } from './documentSource';

/** Photos that go into one document: more would make it too large to send. */
const MOST_PHOTOS = 24;
const PAPERS = ['letter', 'A4'] as const;

const zoneOf = ({ query: { zone } }: Request): string => {
  if (zone === undefined) return 'UTC';
  if (typeof zone === 'string' && /^[A-Za-z_+\-/0-9]{1,60}$/.test(zone)) return zone;
  throw invalid([{ field: 'zone', message: 'zone is the name of a time zone: Europe/Rome.' }]);
};

const measuresIn = ({ query: { measures = '' } }: Request): Measures | undefined => {
  if (measures === '') return undefined;
  const known = typeof measures === 'string' ? measuresOf(measures) : undefined;
  if (known) return known;
  const message = `measures names units, as ${measuresText(SI_MEASURES)}; those of the US are ${measuresText(US_MEASURES)}.`;
  throw invalid([{ field: 'measures', message }]);
};

/** Documents of a visit: PDF, a page to print, the readings as CSV. */
export function visitReportRoutes(db: Db, beside: Beside): Router {
  const source = (req: Request) =>
    documentSource(db.query, authorOf(req).shopId, idOf(req, 'visit'), {
      zone: zoneOf(req),
      origin: originOf(req),
      // Of who asks: a server has no screen.
      measures: measuresIn(req) ?? US_MEASURES,
    });
  const photosFor = async (shopId: string, ids: readonly string[]) => {
    const photos: [string, Uint8Array][] = [];
    for (const id of ids.slice(0, MOST_PHOTOS)) photos.push([id, await imageOf(db.query, shopId, id, 'full')]);
    return photos;
  };
  return Router()
    .get('/:id/report.pdf', async (req, res) => {
      const size = oneOf(req, 'size', PAPERS);
      const bytes = await beside.inTurn(async () => {
        const made = await source(req);
        const photos = await photosFor(
          authorOf(req).shopId,
          (made.photos ?? []).map(({ id }) => id),
        );
        return { made, pdf: await beside.printDocument({ source: made, size, photos }) };
      });
      sendFile(res, 'application/pdf', `${fileName(bytes.made.visit.title)}.pdf`, bytes.pdf);
    })
    .get('/:id/report.html', async (req, res) => {
      const size = oneOf(req, 'size', PAPERS);
      const document = visitDocument(await source(req));
      res.type('html').set('Cache-Control', 'private, no-cache');
      res.send(documentHtml(document, { size, photoUrl: (id) => `/api/photos/${id}/image` }));
    })
    .get('/:id/readings.csv', async (req, res) => {
      const [kept] = await wholeVisits(db.query, authorOf(req).shopId, [idOf(req, 'visit')]);
      if (!kept) throw notFound('visit');
      sendFile(
        res,
        'text/csv',
        `${fileName(kept.record.title)}.csv`,
        withMeasures(measuresIn(req) ?? US_MEASURES, () => readingsCsv(kept.record)),
      );
    });
}

/** The kit that was read last at a unit, kW. */
async function heatKitOf(query: Query, shopId: string, unitId: string): Promise<number | undefined> {
  const rows = await query<{ id: string }>(
    `SELECT id FROM visits WHERE shop_id = $1 AND unit_id = $2 ORDER BY started_at DESC, id DESC LIMIT 10`,
    [shopId, unitId],
  );
  const visits = await wholeVisits(
    query,
    shopId,
    rows.map(({ id }) => id),
  );
  for (const { id } of rows) {
    const facts = visits.find(({ record }) => record.id === id)?.record.facts ?? [];
    const kit = kitReading(standingChecks(checksOf(facts)));
    if (kit) return kit.kitKw;
  }
  return undefined;
}

const SIZE_IDS = LABEL_SIZES.map(({ id }) => id);

/** The label of one unit: a page of its own size, a sheet of them, or a drawing. */
export function unitLabelRoutes(db: Db, beside: Beside): Router {
  const labelOf = async (req: Request, unit: UnitDto) => {
    const { shopId } = authorOf(req);
    const site = (await recordOf(db.query, 'site', shopId, unit.siteId))?.record.name;
    const heatKitKw = await heatKitOf(db.query, shopId, unit.id);
    return {
      unit,
      site,
      link: `${originOf(req)}/units/${unit.id}`,
      zone: zoneOf(req),
      heatKitKw,
      measures: measuresIn(req),
    };
  };
  const unitOf = async (req: Request): Promise<UnitDto> => {
    const kept = await recordOf(db.query, 'unit', authorOf(req).shopId, idOf(req, 'unit'));
    if (!kept) throw notFound('unit');
    return kept.record;
  };
  return Router()
    .get('/:id/label.pdf', async (req, res) => {
      const size = oneOf(req, 'size', SIZE_IDS);
      const paper = req.query.paper === undefined ? undefined : oneOf(req, 'paper', PAPERS);
      const unit = await unitOf(req);
      const pdf = await beside.inTurn(async () =>
        beside.printLabels({ labels: [await labelOf(req, unit)], size, paper }),
      );
      sendFile(res, 'application/pdf', `${fileName(unit.name)}-label.pdf`, pdf);
    })
    .get('/:id/label.svg', async (req, res) => {
      const size = oneOf(req, 'size', SIZE_IDS);
      const unit = await unitOf(req);
      const label = LABEL_SIZES.find(({ id }) => id === size)!;
      sendFile(
        res,
        'image/svg+xml',
        `${fileName(unit.name)}-label.svg`,
        svgOf(labelDrawing(await labelOf(req, unit), label)),
      );
    });
}

/** Labels of all units of a site on sheets. */
export function siteLabelRoutes(db: Db, beside: Beside): Router {
  return Router().get('/:id/labels.pdf', async (req, res) => {
    const { shopId } = authorOf(req);
    const site = (await recordOf(db.query, 'site', shopId, idOf(req, 'site')))?.record;
    if (!site) throw notFound('site');
    const size = oneOf(req, 'size', SIZE_IDS);
    const paper = oneOf(req, 'paper', PAPERS);
    const [zone, origin, measures] = [zoneOf(req), originOf(req), measuresIn(req)];
    const rows = await db.query<{ id: string }>(
      'SELECT id FROM units WHERE shop_id = $1 AND site_id = $2 AND archived_at IS NULL ORDER BY name, id',
      [shopId, site.id],
    );
    const pdf = await beside.inTurn(async () => {
      const labels = [];
      for (const { id } of rows) {
        const unit = (await recordOf(db.query, 'unit', shopId, id))!.record;
        const heatKitKw = await heatKitOf(db.query, shopId, id);
        labels.push({ unit, site: site.name, link: `${origin}/units/${id}`, zone, heatKitKw, measures });
      }
      return beside.printLabels({ labels, size, paper });
    });
    sendFile(res, 'application/pdf', `${fileName(site.name)}-labels.pdf`, pdf);
  });
}
