/** What the customer says, by complaint: words of a person who knows nothing of air. */
export const CUSTOMER_WORDS: Readonly<Record<string, readonly string[]>> = {
  notCooling: [
    'It runs all day and the back rooms never get cool.',
    'It used to hold 75. Now it is 79 by supper.',
    'Upstairs stays warm, whatever we set.',
  ],
  blowsWarm: ['Air comes out, but it is not cold.', 'It blows, but it feels like the fan alone.'],
  freezing: ['There was ice on the pipe this morning.', 'It freezes up, we shut it off, and it works again for a day.'],
  weakRegister: ['Hardly any air comes out in two of the rooms.', 'You can barely feel it at the register.'],
  noisy: ['It roars. We turn the TV up when it comes on.', 'There is a whistle at the return when it runs.'],
  noRun: ['Nothing happens. The thermostat says cool and nothing blows.', 'It quit last night. No air at all.'],
  startUp: ['It was put in last week and nobody has checked the air.', 'New tenant, new thermostat. Please set it up.'],
};

/** What was done there before, by complaint; none is a clue by itself. */
export const HISTORIES: readonly string[] = [
  'Same filter size for years, changed when somebody thinks of it.',
  'A remodel two years ago added a room.',
  'Another company added refrigerant last summer.',
  'The blower motor was replaced once. No static was written down.',
  'The owner bought better filters last month.',
  'Nothing is on record.',
];
