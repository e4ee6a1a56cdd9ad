/** Every calculation of the Bench. It is loaded by itself, so that what only judges a visit does not need it. */
import { coolingDrop } from '../bench/airflow/coolingDrop';
import { electricHeat } from '../bench/airflow/electricHeat';
import { flowPlate } from '../bench/airflow/flowPlate';
import { gasHeat } from '../bench/airflow/gasHeat';
import { registers } from '../bench/airflow/registers';
import { requestedFlow } from '../bench/airflow/requestedFlow';
import { traverse } from '../bench/airflow/traverse';
import { airState } from '../bench/design/airState';
import { capacity } from '../bench/design/capacity';
import { ductBudget } from '../bench/design/ductBudget';
import { ductFrictionTool } from '../bench/design/ductFrictionTool';
import { ductSizing } from '../bench/design/ductSizing';
import { filterSizing } from '../bench/design/filterSizing';
import { measuredDrop } from '../bench/temperature/measuredDrop';
import { pitot } from '../bench/design/pitot';
import { predictedDrop } from '../bench/design/predictedDrop';
import { tesp } from '../bench/design/tesp';
import { beltLengthTool } from '../bench/drive/beltLengthTool';
import { beltTensionTool } from '../bench/drive/beltTensionTool';
import { fanLawsTool } from '../bench/drive/fanLawsTool';
import { sheaveTool } from '../bench/drive/sheaveTool';
import { imbalanceTool } from '../bench/electrical/imbalanceTool';
import { motorLoadTool } from '../bench/electrical/motorLoadTool';
import { overloadTool } from '../bench/electrical/overloadTool';
import { runCapacitorTool } from '../bench/electrical/runCapacitorTool';
import { BUILDING_TOOLS } from '../bench/building/buildingTools';
import { HEAT_TOOLS, windingTool } from '../bench/heat/heatTools';
import { REFRIGERANT_TOOLS } from '../bench/refrigerant/refrigerantTools';
import type { Tool } from '../base/forms/tool';

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
