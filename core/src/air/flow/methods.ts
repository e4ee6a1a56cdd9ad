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
