import { withMeasures } from '@huff/core';
import type { VisitDocument } from './block';
import { documentFacts, type DocumentSource } from './facts';
import { momentsIn } from './moment';
import { ownerBlocks, ownerTitle } from './ownerPage';
import { technicianBlocks } from './technicianPages';

/**
 * The document of a visit: a page for the owner in plain words, then all that the next technician needs. Paper, browser and phone draw it from the
 * same blocks.
 */
export const visitDocument = (source: DocumentSource): VisitDocument =>
  source.measures ? withMeasures(source.measures, () => written(source)) : written(source);

function written(source: DocumentSource): VisitDocument {
  const facts = documentFacts(source);
  const { visit, unit, site, zone } = source;
  return {
    title: ownerTitle(facts),
    under: [unit?.name ?? visit.title, site?.name, momentsIn(zone).day(visit.startedAt)].filter(Boolean).join(' · '),
    owner: ownerBlocks(facts),
    technician: technicianBlocks(facts),
  };
}
