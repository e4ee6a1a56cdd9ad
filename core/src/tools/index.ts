import { coolingDrop } from './airflow/coolingDrop';
import { electricHeat } from './airflow/electricHeat';
import { flowPlate } from './airflow/flowPlate';
import { gasHeat } from './airflow/gasHeat';
import { registers } from './airflow/registers';
import { requestedFlow } from './airflow/requestedFlow';
import { traverse } from './airflow/traverse';
import { airState } from './bench/airState';
import { capacity } from './bench/capacity';
import { ductBudget } from './bench/ductBudget';
import { ductFrictionTool } from './bench/ductFrictionTool';
import { ductSizing } from './bench/ductSizing';
import { filterSizing } from './bench/filterSizing';
import { measuredDrop } from './bench/measuredDrop';
import { pitot } from './bench/pitot';
import { predictedDrop } from './bench/predictedDrop';
import { tesp } from './bench/tesp';
import { beltLengthTool } from './drive/beltLengthTool';
import { beltTensionTool } from './drive/beltTensionTool';
import { fanLawsTool } from './drive/fanLawsTool';
import { sheaveTool } from './drive/sheaveTool';
import { imbalanceTool } from './electrical/imbalanceTool';
import { motorLoadTool } from './electrical/motorLoadTool';
import { overloadTool } from './electrical/overloadTool';
import { runCapacitorTool } from './electrical/runCapacitorTool';
import type { Tool } from './tool';

export { RETURN_DEW_POINT } from './bench/measuredDrop';
export { traverseDuct, traversePoints } from './airflow/traverse';
export { WORKABLE_FRICTION } from './bench/ductBudget';
export * from './solveTool';
export * from './tool';
export * from './units';

/** Every calculation that stands alone, in the order of the bench. */
export const TOOLS: readonly Tool[] = [
  tesp,
  filterSizing,
  traverse,
  pitot,
  electricHeat,
  gasHeat,
  requestedFlow,
  flowPlate,
  registers,
  coolingDrop,
  airState,
  measuredDrop,
  predictedDrop,
  capacity,
  ductFrictionTool,
  ductSizing,
  ductBudget,
  fanLawsTool,
  sheaveTool,
  beltLengthTool,
  beltTensionTool,
  imbalanceTool,
  overloadTool,
  runCapacitorTool,
  motorLoadTool,
] as unknown as readonly Tool[];

/** Ids of the ways to an airflow that a visit keeps as facts. */
export const FLOW_METHOD_IDS = [
  'requestedFlow',
  'electricHeat',
  'gasHeat',
  'traverse',
  'flowPlate',
  'registers',
  'coolingDrop',
] as const;
export type FlowMethodId = (typeof FLOW_METHOD_IDS)[number];

const BY_ID = new Map(TOOLS.map((tool) => [tool.id, tool]));

/** The tool of an id, or undefined. */
export const toolOf = (id: string): Tool | undefined => BY_ID.get(id);
