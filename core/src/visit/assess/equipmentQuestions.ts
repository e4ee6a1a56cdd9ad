import type { Looks } from '../../fix/causes';
import { EQUIPMENT, type EquipmentFacts, type LowStage } from '../../air/system';
import type { Question } from './openQuestion';
import type { RunStage } from './visitFacts';

/** How a unit ran, and what it is. */
export interface RunFacts {
  readonly mode: 'cooling' | 'heating';
  readonly stage?: RunStage;
  readonly equipment?: EquipmentFacts;
  readonly lowStage?: LowStage;
  readonly looks: Looks;
}

/** A mode or a stage that the equipment does not have, and dampers that may be a zone panel's: asked about, never guessed. */
export function equipmentQuestions({ mode, stage, equipment, looks }: RunFacts): Question[] {
  const found: Question[] = [];
  const kind = equipment?.kind && EQUIPMENT[equipment.kind];
  if (kind && mode === 'heating' && kind.heats === 'nothing')
    found.push({
      id: 'mode of kind',
      holdsVerdict: true,
      sentence: 'The visit is in heating, but the equipment is an air conditioner only. Which is right?',
    });
  if (kind && mode === 'cooling' && !kind.cools)
    found.push({
      id: 'mode of kind',
      holdsVerdict: true,
      sentence: 'The visit is in cooling, but make-up air does not cool. Which is right?',
    });
  if (stage === 'low' && equipment?.stages === 1)
    found.push({
      id: 'stage of kind',
      holdsVerdict: true,
      sentence: 'The visit is in low stage, but the equipment has one stage. Which is right?',
    });
  if (looks.get('dampers')?.state === 'closed' && equipment?.zoning === undefined)
    found.push({
      id: 'zoning',
      answer: 'No zones, no bypass',
      sentence:
        'Some dampers are closed. Is there a zone panel or a bypass duct? If so, measure with all zones calling and the bypass shut.',
    });
  if (equipment?.zoning !== undefined && equipment.zoning !== 'none')
    found.push({
      id: 'all zones',
      holdsVerdict: true,
      answer: 'All zones open, bypass shut',
      sentence:
        'Zones or a bypass change airflow and static with every call. Were all zones calling, with the bypass shut?',
    });
  return found;
}
