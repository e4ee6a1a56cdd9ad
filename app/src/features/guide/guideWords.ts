/** One step of a first visit. */
export interface GuideStep {
  readonly title: string;
  readonly words: string;
  /** What is drawn beside it. */
  readonly picture?: 'airway' | 'crossing' | 'marks';
}

/** A first visit in ten steps. docs/guide.md says the same with pictures of the demo; a test compares the two. */
export const FIRST_VISIT: readonly GuideStep[] = [
  {
    title: 'Start with two readings',
    words:
      'Today, then Quick check. You need no customer and no unit. You can set up the equipment at any time, and all of it is optional.',
  },
  {
    title: 'Enter the complaint',
    words:
      'Complaint: touch what the customer reported. It sets the steps of this visit; all other steps stay one touch away. Other units at this address are listed at the bottom. Touch one to start there, or to go on where you left it. “Check unlisted unit” starts one that has no record.',
  },
  {
    title: 'Inspect before you measure',
    words:
      'Inspect: filter, coil, wheel, belt, dampers, drain. One touch each. A filter that passes no light can end the search before you take out a gauge.',
  },
  {
    title: 'Enter readings on the drawing',
    words:
      'Pressure: the air runs down the page. Touch the open circle where your probe is, and enter what the gauge shows. Suction is left of the line, supply is right. If you have only the total, enter it under the drawing.',
    picture: 'airway',
  },
  {
    title: 'Follow the next reading',
    words:
      'The bottom of the page names the one reading that tells most for the least work, and why. You can take any other reading instead.',
  },
  {
    title: 'Check the mark, then the limit',
    words:
      'A full mark is in range, a half mark is borderline, a ringed mark is out of range. A dash means not enough data. Touch a figure to see its formula, its inputs and the source of its limit.',
    picture: 'marks',
  },
  {
    title: 'Find the operating point',
    words:
      'Airflow: enter the blower table once, or read it from a photo. Two cells are enough for today. Where the manufacturer’s figures end, the curve ends; Huff guesses nothing beyond.',
    picture: 'crossing',
  },
  {
    title: 'Try a fix before you do it',
    words:
      'Fix: turn fixes on and off. Airflow, static, amps, ΔT, minutes and cost change at once. Up to three plans are ready, each with its chance of meeting every target.',
  },
  {
    title: 'Verify it',
    words:
      'Choose a plan, do the work, measure again. Verify compares the prediction with the new readings. It shows how much the change did, and how much is measurement error.',
  },
  {
    title: 'Wrap up',
    words:
      'See the owner’s page as it will be. Mark each finding fixed, quoted, declined or watched, and set the next visit. “Add a finding” is at the bottom of every step. Enter shop name, license and payment terms under Settings. Then print, send or save the report, the label and the readings.',
  },
];

/** Other questions, with their answers. */
export const ANSWERS: readonly { readonly title: string; readonly words: readonly string[] }[] = [
  {
    title: 'What explains your readings',
    words: [
      'Causes ranks what fits everything you read and saw, alone or two together, with how likely each is. Touch a cause to see what it predicts beside what you read.',
      'The button at the bottom is the reading that tells most for its minutes, with what each outcome means. The refrigerant side is ranked once you measured ΔT or connected gauges.',
    ],
  },
  {
    title: 'Live probes',
    words: [
      'Pressure, Connect probes: a simulated set for practice, a bridge, or a Bluetooth probe. Live values appear on the drawing and in the keypad. The ring fills while a value settles; filled means steady.',
      '“Save when steady” saves by itself. If a probe goes quiet, its last value stays and is marked. What you saved stays.',
      'A log that an instrument wrote is opened there too, as CSV: its steady values become readings. At Airflow, Duct traverse reads its points from a probe by one button.',
    ],
  },
  {
    title: 'Practice',
    words: [
      'Settings, Practice: units with hidden faults to learn on. Pick a drill, a named one, or type a case code. The same code opens the same unit on any phone, without a signal too.',
      'Touch a port to put the hose there, a panel to take it off, the disconnect to lock out. Record what the instruments show, name the cause, choose the fix, do the work and verify it. Hands in a live cabinet stop the drill.',
      'The debrief shows your path beside the shortest good one, and one thing to do differently. Progress shows your skills, and each case with everybody who did it.',
    ],
  },
  {
    title: 'What works without a signal',
    words: [
      'Readings, verdicts, plans and verification all work without a signal. The phone holds today’s sites and units, last week’s visits, and everything you opened before.',
      'A line under Today shows what is not synced yet. It syncs by itself when there is a signal. Nothing is lost when you close the app.',
      'Truck load, due jobs, email, roof sheets and unit history show the last data from the server, with its time. Jobs of today and tomorrow load by themselves while there is a signal: open Today before you drive. The phone makes the report page; PDF and CSV need the server.',
    ],
  },
  {
    title: 'Where the data is, and how to back it up',
    words: [
      'The data is on the server, in the folder it was started with (HUFF_DATA). A phone holds a copy of what it needs. The server makes a backup each night: Settings, Import and export, shows the last good one.',
      'Settings, Import and export saves the whole shop as one JSON file with a published schema. Save one each week on another disk. Importing it adds what is missing and overwrites nothing.',
      'The export with photos is a second, larger file. You can also stop the server and copy its whole folder.',
    ],
  },
  {
    title: 'What Huff does not decide',
    words: [
      'Lock out and verify it is dead before you reach in. Refrigerant, gas and line voltage are for licensed people. Local code comes before anything Huff says.',
      'An assumed figure has a dotted underline. It is only as good as the assumption: read the nameplate when you can.',
    ],
  },
];
