/** One speed tap: its mark on the motor or board, and the manufacturer's airflow at each static of the table. */
export interface TapRow {
  readonly tap: string;
  /** CFM, one a static; null where the manufacturer gives no figure ("not allowed"): never filled in, never bridged. */
  readonly flowsCfm: readonly (number | null)[];
  /** What the motor draws, W, where the manufacturer lists it. */
  readonly watts?: readonly (number | null)[] | null;
}

/** A belt-driven unit's table as manufacturers print it: blower RPM and brake horsepower by airflow and static. */
export interface RpmFigures {
  /** Rising. */
  readonly flowsCfm: readonly number[];
  /** A row for each flow, a cell for each static of the table; null where the manufacturer gives no figure. */
  readonly rpm: readonly (readonly (number | null)[])[];
  readonly bhp: readonly (readonly (number | null)[])[];
}

/** A manufacturer's blower table: airflow in CFM by speed tap and external static pressure in in. w.c. */
export interface BlowerTable {
  /** Rising, any spacing. */
  readonly staticsInWc: readonly number[];
  readonly taps: readonly TapRow[];
  /** For a belt drive: any RPM between its figures is a tap, named by its number. `taps` then holds some of them. */
  readonly byRpm?: RpmFigures | null;
  /** Only a part of the blower table was typed: where it ends, the manufacturer may still go on. */
  readonly part?: boolean | null;
}

/** What is wrong with a table, and where: `tap` and `staticInWc` name the cell when one is to blame. */
export interface TableFault {
  readonly code:
    | 'noStatics'
    | 'noTaps'
    | 'staticsNotRising'
    | 'duplicateTap'
    | 'rowLength'
    | 'risingFlow'
    | 'badFlow'
    | 'emptyRow'
    | 'badRpm';
  readonly message: string;
  readonly tapIndex?: number;
  readonly staticIndex?: number;
}
