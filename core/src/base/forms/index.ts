export { inputFaults, solveTool, soundInputs } from './solveTool';
export type {
  FieldError,
  FieldSet,
  ListField,
  NumberField,
  RawInputs,
  Tool,
  ToolAnswer,
  ToolField,
  ToolFields,
  ToolOutcome,
  ToolUnit,
  ValuesOf,
} from './tool';
export { toolFigure, toolText, toolUnitText } from './units';
