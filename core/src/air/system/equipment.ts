/** Kinds of equipment by what makes the heat. Whether it is a packaged unit is its air path's to say. */
export const EQUIPMENT_IDS = ['airConditioner', 'heatPump', 'gasFurnace', 'electricHeat', 'makeUpAir'] as const;
export type EquipmentId = (typeof EQUIPMENT_IDS)[number];

/** What a kind of equipment can do. */
export interface EquipmentPlan {
  readonly name: string;
  readonly cools: boolean;
  readonly heats: 'nothing' | 'heatPump' | 'gas' | 'strips';
}

export const EQUIPMENT: Readonly<Record<EquipmentId, EquipmentPlan>> = {
  airConditioner: { name: 'Air conditioner only', cools: true, heats: 'nothing' },
  heatPump: { name: 'Heat pump', cools: true, heats: 'heatPump' },
  gasFurnace: { name: 'Gas furnace', cools: true, heats: 'gas' },
  electricHeat: { name: 'Electric heat', cools: true, heats: 'strips' },
  makeUpAir: { name: 'Make-up air', cools: false, heats: 'gas' },
};

/** What is known of the equipment behind the air path. */
export interface EquipmentFacts {
  readonly kind?: EquipmentId;
  /** Stages of cooling, or of the compressor. */
  readonly stages?: 1 | 2;
  /** A zone panel or a bypass duct: airflow and static change with the call. */
  readonly zoning?: 'none' | 'zones' | 'bypass';
}

/** Whether a unit heats with its compressor. @example isHeatPump({ kind: 'heatPump' }) // true */
export const isHeatPump = (equipment: EquipmentFacts | undefined): boolean => equipment?.kind === 'heatPump';
