import { causeOf, isSeen } from '../causes';
import type { MoveContext } from './move';

/** Whether a cause was seen and nothing was done about it yet. @param causeId one of `CAUSES` */
export const seen = ({ looks }: MoveContext, causeId: string): boolean => isSeen(causeOf(causeId)!, looks);
