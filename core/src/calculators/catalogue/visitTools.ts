import { coolingDrop } from '../airflow/coolingDrop';
import { electricHeat } from '../airflow/electricHeat';
import { flowPlate } from '../airflow/flowPlate';
import { gasHeat } from '../airflow/gasHeat';
import { registers } from '../airflow/registers';
import { requestedFlow } from '../airflow/requestedFlow';
import { traverse } from '../airflow/traverse';
import { measuredDrop } from '../temperature/measuredDrop';
import { motorLoadTool } from '../electrical/motorLoadTool';
import type { Tool } from '../../base/forms/tool';

/** The calculations whose inputs a visit keeps as facts. All others are on the Bench alone (`@huff/core/calculators`). */
const VISIT_TOOLS = [
  electricHeat,
  gasHeat,
  requestedFlow,
  traverse,
  flowPlate,
  registers,
  coolingDrop,
  measuredDrop,
  motorLoadTool,
] as unknown as readonly Tool[];

const BY_ID = new Map(VISIT_TOOLS.map((tool) => [tool.id, tool]));

/** The visit's tool of an id, or undefined. */
export const toolOf = (id: string): Tool | undefined => BY_ID.get(id);
