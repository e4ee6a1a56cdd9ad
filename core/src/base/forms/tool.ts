import type { Source } from '../numbers/source';

/** Units a tool's figures come in. */
export type ToolUnit =
  | 'inWc'
  | 'cfm'
  | 'cfmPerTon'
  | 'fpm'
  | 'degF'
  | 'deltaF'
  | 'percent'
  | 'percentFine'
  | 'volts'
  | 'amps'
  | 'watts'
  | 'in'
  | 'ft'
  | 'sqFt'
  | 'sqIn'
  | 'seconds'
  | 'cuFt'
  | 'btuPerCuFt'
  | 'btuH'
  | 'tons'
  | 'lbPerCuFt'
  | 'lbPerLb'
  | 'btuPerLb'
  | 'inWcPer100Ft'
  | 'psia'
  | 'count'
  | 'year'
  | 'factor'
  | 'rpm'
  | 'hp'
  | 'microfarads'
  | 'ohms'
  | 'microamps'
  | 'minutes'
  | 'oz'
  | 'microns'
  | 'psig'
  | 'turns'
  | 'degrees';

export interface NumberField {
  readonly kind: 'number';
  readonly label: string;
  readonly unit: ToolUnit;
  /** The range that is taken; `above` 0 when zero itself is not. */
  readonly min: number;
  readonly max: number;
  readonly above?: boolean;
  readonly optional?: boolean;
  /** Taken when nothing is typed; shown as assumed. */
  readonly assumed?: number;
  readonly hint?: string;
}

interface ChoiceField {
  readonly kind: 'choice';
  readonly label: string;
  readonly options: readonly { readonly id: string; readonly text: string }[];
}

/** Several numbers of one kind: the points of a traverse, the outlets of a house. */
export interface ListField {
  readonly kind: 'list';
  readonly label: string;
  readonly unit: ToolUnit;
  readonly min: number;
  readonly max: number;
  readonly least: number;
  readonly most: number;
  readonly optional?: boolean;
  readonly hint?: string;
}

/** A few characters: the mark on a belt, a tap. */
export interface TextField {
  readonly kind: 'text';
  readonly label: string;
  readonly most: number;
  readonly optional?: boolean;
  readonly hint?: string;
}

export type ToolField = NumberField | ChoiceField | ListField | TextField;
export type ToolFields = Readonly<Record<string, ToolField>>;

/** Fields to be filled in: a tool's, a move's. */
export interface FieldSet<Fs extends ToolFields = ToolFields> {
  readonly fields: Fs;
  /** Fields that do not matter with what is chosen so far. */
  readonly hides?: (raw: RawInputs) => readonly string[];
}

/** What `solve` gets for a field: missing optional fields are undefined, assumed ones are filled in. */
type ValueOf<F> = F extends { kind: 'number'; optional: true }
  ? number | undefined
  : F extends { kind: 'number' }
    ? number
    : F extends { kind: 'choice'; options: readonly { readonly id: infer Id }[] }
      ? Id
      : F extends { kind: 'text'; optional: true }
        ? string | undefined
        : F extends { kind: 'text' }
          ? string
          : F extends { kind: 'list'; optional: true }
            ? readonly number[] | undefined
            : readonly number[];
export type ValuesOf<Fs extends ToolFields> = { readonly [K in keyof Fs]: ValueOf<Fs[K]> };

/** One figure of an answer. */
export interface ToolLine {
  readonly label: string;
  readonly value: number;
  readonly unit: ToolUnit;
  readonly source?: Source;
  readonly note?: string;
}

/** An airflow got by a method, with how sure it is. */
interface FlowFigure {
  readonly flowCfm: number;
  /** One standard deviation as a share of the flow. */
  readonly sigmaShare: number;
  /** What makes it less trustworthy here, a sentence each. */
  readonly doubts: readonly string[];
}

export interface FieldError {
  readonly field: string;
  readonly message: string;
}

export interface ToolAnswer {
  readonly ok: true;
  /** The figure asked for. */
  readonly headline: ToolLine;
  readonly lines: readonly ToolLine[];
  readonly formula: string;
  /** Sentences: what it means, what to mind. */
  readonly notes: readonly string[];
  readonly flow?: FlowFigure;
  /** Heat the air takes up, Btu/h, where the tool measures it. */
  readonly heatBtuH?: number;
}

export type ToolOutcome = ToolAnswer | { readonly ok: false; readonly errors: readonly FieldError[] };

/** A calculation on its own: its fields with their limits, and how it is solved. One small file a tool. */
export interface Tool<Fs extends ToolFields = ToolFields> extends FieldSet<Fs> {
  readonly id: string;
  readonly name: string;
  readonly group:
    | 'Pressure'
    | 'Airflow'
    | 'Air'
    | 'Temperature'
    | 'Ducts'
    | 'Drive'
    | 'Electrical'
    | 'Heat'
    | 'Refrigerant'
    | 'Building air';
  /** One sentence: what it tells and from what. */
  readonly says: string;
  /** What to mind while measuring. */
  readonly care?: string;
  readonly solve: (values: ValuesOf<Fs>) => ToolOutcome;
}

/** Inputs as they come from a form, an address or the wire. */
export type RawInputs = Readonly<Record<string, unknown>>;

/** Keeps the fields' literal types, so that `solve` knows each value's type. */
export const defineTool = <const Fs extends ToolFields>(tool: Tool<Fs>): Tool<Fs> => tool;

export const refuse = (field: string, message: string): ToolOutcome => ({ ok: false, errors: [{ field, message }] });
