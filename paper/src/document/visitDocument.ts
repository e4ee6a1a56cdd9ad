import { ownersTitle } from '@huff/contract';
import { withMeasures } from '@huff/core';
import type { VisitDocument } from './block';
import { documentFacts, type DocumentSource } from './facts';
import { momentsIn } from './moment';
import { ownerTitle } from './ownerFigures';
import { ownerBlocks } from './ownerPage';
import { technicianBlocks } from './technicianPages';

/**
 * The document of a visit: a page for the owner in plain words, then all that the next technician needs. Paper, browser and phone draw it from the
 * same blocks.
 */
export const visitDocument = (source: DocumentSource): VisitDocument =>
  source.measures ? withMeasures(source.measures, () => written(source)) : written(source);

function written(source: DocumentSource): VisitDocument {
  const facts = documentFacts(source);
  const { visit, unit, site, zone, card, logo } = source;
  const { complaint } = facts.call;
  const day = momentsIn(zone).day(visit.startedAt);
  const shop = [card?.address, card?.phone, card?.licence && `License ${card.licence}`].filter(Boolean).join(' · ');
  return {
    title: ownerTitle(facts),
    ...(card?.name || logo ? { head: { name: card?.name ?? '', under: shop, ...(logo && { logo }) } } : {}),
    made: {
      name: 'Service report',
      under: [day, card?.technician && `Technician: ${card.technician}`].filter(Boolean).join(' · '),
    },
    under: [unit?.name ?? ownersTitle(visit.title), site?.name, day, complaint && `called for: ${complaint.words}`]
      .filter(Boolean)
      .join(' · '),
    owner: ownerBlocks(facts),
    technician: technicianBlocks(facts),
  };
}
