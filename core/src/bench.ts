/** Every calculation of the Bench. An entry of its own, so that what only judges a visit need not load it. */
import { coolingDrop } from './tools/airflow/coolingDrop';
import { electricHeat } from './tools/airflow/electricHeat';
import { flowPlate } from './tools/airflow/flowPlate';
import { gasHeat } from './tools/airflow/gasHeat';
import { registers } from './tools/airflow/registers';
import { requestedFlow } from './tools/airflow/requestedFlow';
import { traverse } from './tools/airflow/traverse';
import { airState } from './tools/bench/airState';
import { capacity } from './tools/bench/capacity';
import { ductBudget } from './tools/bench/ductBudget';
import { ductFrictionTool } from './tools/bench/ductFrictionTool';
import { ductSizing } from './tools/bench/ductSizing';
import { filterSizing } from './tools/bench/filterSizing';
import { measuredDrop } from './tools/temperature/measuredDrop';
import { pitot } from './tools/bench/pitot';
import { predictedDrop } from './tools/bench/predictedDrop';
import { tesp } from './tools/bench/tesp';
import { beltLengthTool } from './tools/drive/beltLengthTool';
import { beltTensionTool } from './tools/drive/beltTensionTool';
import { fanLawsTool } from './tools/drive/fanLawsTool';
import { sheaveTool } from './tools/drive/sheaveTool';
import { imbalanceTool } from './tools/electrical/imbalanceTool';
import { motorLoadTool } from './tools/electrical/motorLoadTool';
import { overloadTool } from './tools/electrical/overloadTool';
import { runCapacitorTool } from './tools/electrical/runCapacitorTool';
import { BUILDING_TOOLS } from './tools/building/buildingTools';
import { HEAT_TOOLS, windingTool } from './tools/heat/heatTools';
import { REFRIGERANT_TOOLS } from './tools/refrigerant/refrigerantTools';
import type { Tool } from './tools/tool';

/** Every calculation that stands alone, in the order of the Bench. */
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
  windingTool,
  ...HEAT_TOOLS,
  ...REFRIGERANT_TOOLS,
  ...BUILDING_TOOLS,
] as unknown as readonly Tool[];

const BY_ID = new Map(TOOLS.map((tool) => [tool.id, tool]));

/** The Bench's calculation of an id, or undefined. */
export const benchTool = (id: string): Tool | undefined => BY_ID.get(id);
