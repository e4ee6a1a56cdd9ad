import type { PartedVisit, VisitDto } from '@huff/contract';
import type { FactKind, NextMeasure, PortId, RouteStation, Verdict } from '@huff/core';
import type { ComponentType } from 'react';
import type { Station } from '../../ui/stations';
import type { Frame } from './frame';
import type { Assessment } from './useAssessment';

export type StationId = RouteStation;

/** What a station can set going in its visit. */
export interface StationActs {
  /** A change to the part of the visit that is drawn. */
  readonly onVisit: (visit: VisitDto) => void;
  readonly askPort: (port: PortId, filterOut?: boolean) => void;
  readonly askMethod: (method: FactKind) => void;
  readonly showWorking: (title: string, verdict: Verdict) => void;
  readonly goTo: (station: StationId) => void;
  /** Begins one thing to read or to look at, where that is done. */
  readonly measure: (next: NextMeasure) => void;
  /** Absent when the visit is saved already. */
  readonly onSave?: () => void;
}

/** What a station is drawn from. */
export interface StationProps {
  /** The part of the visit that the stations show, as it is drawn; a moment behind while readings come in. */
  readonly visit: VisitDto;
  readonly assessment: Assessment;
  readonly parted: PartedVisit;
  readonly acts: StationActs;
  /** Width of the station's own pane, px. */
  readonly width: number;
}

/** What a station that lays out the whole visit gets beside that; the visit as it stands this moment comes from `useWholeVisit`. */
export interface StepProps extends StationProps {
  readonly wholeParted: PartedVisit;
  readonly frame: Frame;
}

/** What says how far a station is. */
export interface StationFacts {
  readonly visit: VisitDto;
  /** The whole visit, before and after its plan. */
  readonly whole: VisitDto;
  /** Of the part that stands now. */
  readonly assessment: Assessment;
  readonly parted: PartedVisit;
}

/** A station of a visit: its name, how far it is, and what it draws. One folder each, and one line in the registry. */
export interface StationPlan {
  readonly id: StationId;
  readonly progress: (facts: StationFacts) => Pick<Station, 'name' | 'state' | 'lacks' | 'says'>;
  /** What stands in the station's pane; beside it and under it stands what is common to all. */
  readonly Pane?: ComponentType<StationProps>;
  /** A station that fills the whole frame itself. */
  readonly Place?: ComponentType<StepProps>;
}
