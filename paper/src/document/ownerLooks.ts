/** What an owner reads of something seen. */
export interface OwnerLook {
  readonly found: string;
  /** What is recommended; absent where it is a sign of something else. */
  readonly toDo?: string;
}

/** By item and state of the step Inspect. */
export const OWNER_LOOKS: Readonly<Record<string, OwnerLook>> = {
  'air weak': { found: 'Little air came from the registers.' },
  'air none': { found: 'No air came from the registers.' },
  'elements yes': {
    found: 'The electric heat came on without the blower.',
    toDo: 'Repair the heat control before the heat is used.',
  },
  'ice coil': { found: 'The indoor coil was iced.', toDo: 'Thaw the coil, then find the cause.' },
  'flashes yes': { found: 'The control board showed an error.', toDo: 'Find the error and repair its cause.' },
  'wiring loose': { found: 'Wiring was loose.', toDo: 'Tighten the wiring.' },
  'wiring burnt': { found: 'Wiring was burnt.', toDo: 'Replace the burnt wiring.' },
  'belt slack': { found: 'The belt was slack.', toDo: 'Tighten the belt.' },
  'belt glazed': { found: 'The belt was glazed and slipped.', toDo: 'Replace the belt.' },
  'belt cracked': { found: 'The belt was cracked.', toDo: 'Replace the belt.' },
  'belt broken': { found: 'The belt was broken.', toDo: 'Replace the belt.' },
  'wheel dusty': { found: 'The blower wheel was dusty.', toDo: 'Clean the blower wheel.' },
  'wheel caked': { found: 'The blower wheel was caked with dirt.', toDo: 'Clean the blower wheel.' },
  'capacitor weak': { found: 'The blower’s capacitor was weak.', toDo: 'Replace the capacitor.' },
  'capacitor bulged': { found: 'The blower’s capacitor had failed.', toDo: 'Replace the capacitor.' },
  'speedLead other': {
    found: 'The blower was set to another speed than planned.',
    toDo: 'Set the blower to the right speed.',
  },
  'dehumidify on': {
    found: 'A dehumidify setting slowed the blower without its sensor.',
    toDo: 'Turn off the dehumidify setting or connect its sensor.',
  },
  'rotation backwards': { found: 'The blower turned backwards.', toDo: 'Correct the direction of the blower.' },
  'filter loaded': { found: 'The filter was clogged.', toDo: 'Replace the filter.' },
  'filter uneven': { found: 'The filter drew dirt unevenly.', toDo: 'Replace the filter and spread the air over it.' },
  'filter bypassed': { found: 'Air went around the filter.', toDo: 'Seal the gaps around the filter.' },
  'filter missing': { found: 'There was no filter.', toDo: 'Install a filter.' },
  'filter fine': {
    found: 'The filter is too fine for its size.',
    toDo: 'Fit a larger filter or one that lets more air through.',
  },
  'secondFilter there': { found: 'Two filters were in a row.', toDo: 'Take out one of the two filters.' },
  'light no': { found: 'The filter was clogged.', toDo: 'Replace the filter.' },
  'coilFace dusty': { found: 'The coil was dusty.', toDo: 'Clean the coil.' },
  'coilFace matted': { found: 'The coil was matted with dirt.', toDo: 'Clean the coil.' },
  'drain slow': { found: 'The drain ran slowly.', toDo: 'Clean the drain.' },
  'drain blocked': { found: 'The drain was blocked.', toDo: 'Clear the drain.' },
  'dampers closed': { found: 'Some dampers or registers were closed.', toDo: 'Open the dampers and registers.' },
  'dampers fire': { found: 'A fire damper was closed. It needs inspection.', toDo: 'Have the fire damper inspected.' },
  'returnSize small': { found: 'The return opening is too small.', toDo: 'Enlarge the return or add a second one.' },
  'ducts crushed': { found: 'A duct was crushed.', toDo: 'Replace the crushed duct.' },
  'ducts open': { found: 'A duct was open or loose.', toDo: 'Reconnect and seal the duct.' },
  'ducts liner': { found: 'The lining inside a duct had come loose.', toDo: 'Repair the lining inside the duct.' },
  'noise loud': { found: 'The blower was loud.', toDo: 'Find and repair the cause of the noise.' },
  'noise rubs': { found: 'Something rubbed or squealed.', toDo: 'Find and repair what rubs.' },
  'smell hot': { found: 'There was a smell of burning.', toDo: 'Find and repair what got hot before it runs.' },
  'smell gas': { found: 'There was a smell of gas.', toDo: 'Have the gas leak repaired before it runs.' },
};
