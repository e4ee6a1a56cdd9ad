import { flowWords, staticWords } from '@huff/core';
import { units } from '../../data/records';
import { Txt, yearDateText } from '../../ui/text';

/** How the unit was proven at an earlier visit: what today's readings are held against. */
export function LastProven({ unitId, visitId }: { readonly unitId: string; readonly visitId: string }) {
  const proven = units.useList().records.find((kept) => kept.record.id === unitId)?.record.proven;
  if (!proven || proven.visitId === visitId) return null;
  return (
    <Txt size={15} color="softInk" figures>
      Last verified {yearDateText(proven.at)}: {flowWords(proven.flowCfm)} at {staticWords(proven.tespInWc)}
    </Txt>
  );
}
