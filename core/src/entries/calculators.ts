/** Every calculation of the Bench. It is loaded by itself, so that what only judges a visit does not need it. */
import { coolingDrop } from '../calculators/airflow/coolingDrop';
import { electricHeat } from '../calculators/airflow/electricHeat';
import { flowPlate } from '../calculators/airflow/flowPlate';
import { gasHeat } from '../calculators/airflow/gasHeat';
import { registers } from '../calculators/airflow/registers';
import { requestedFlow } from '../calculators/airflow/requestedFlow';
import { traverse } from '../calculators/airflow/traverse';
import { airState } from '../calculators/design/airState';
import { capacity } from '../calculators/design/capacity';
import { ductBudget } from '../calculators/design/ductBudget';
import { ductFrictionTool } from '../calculators/design/ductFrictionTool';
import { ductSizing } from '../calculators/design/ductSizing';
import { filterSizing } from '../calculators/design/filterSizing';
import { measuredDrop } from '../calculators/temperature/measuredDrop';
import { pitot } from '../calculators/design/pitot';
import { predictedDrop } from '../calculators/design/predictedDrop';
import { tesp } from '../calculators/design/tesp';
import { beltLengthTool } from '../calculators/drive/beltLengthTool';
import { beltTensionTool } from '../calculators/drive/beltTensionTool';
import { fanLawsTool } from '../calculators/drive/fanLawsTool';
import { sheaveTool } from '../calculators/drive/sheaveTool';
import { imbalanceTool } from '../calculators/electrical/imbalanceTool';
import { motorLoadTool } from '../calculators/electrical/motorLoadTool';
import { overloadTool } from '../calculators/electrical/overloadTool';
import { runCapacitorTool } from '../calculators/electrical/runCapacitorTool';
import { BUILDING_TOOLS } from '../calculators/building/buildingTools';
import { HEAT_TOOLS, windingTool } from '../calculators/heat/heatTools';
import { REFRIGERANT_TOOLS } from '../calculators/refrigerant/refrigerantTools';
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
