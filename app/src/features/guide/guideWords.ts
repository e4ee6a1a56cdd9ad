/** One step of a first visit. */
export interface GuideStep {
  readonly title: string;
  readonly words: string;
  /** What is drawn beside it. */
  readonly picture?: 'airway' | 'crossing' | 'marks';
}

/** A first visit in ten steps. docs/guide.md says the same with pictures of the demo; a test holds the two together. */
export const FIRST_VISIT: readonly GuideStep[] = [
  {
    title: 'Begin with two readings',
    words:
      'Today, then Quick check. Nothing must be typed before: no customer, no unit. What stands here can be said at any time, and everything of it may stay unknown.',
  },
  {
    title: 'Enter the complaint',
    words:
      'Station Call: touch what the person complained of. The stations of this visit and their order follow from it; the others stay one touch away. More than one unit here: they are listed at the foot of the page. Touch one to start there or to go on at the step you left. “Check a unit not listed” takes one nobody wrote down.',
  },
  {
    title: 'Look before you measure',
    words:
      'Station Look: filter, coil, wheel, belt, dampers, drain. A touch each. A filter that passes no light can end the search before a gauge is out.',
  },
  {
    title: 'Read on the drawing',
    words:
      'Station Pressure: the air runs down the page. Touch an open circle where your probe is, and type what the gauge shows. Suction lies to the left of the line, supply to the right. If you took only the total, type it under the drawing.',
    picture: 'airway',
  },
  {
    title: 'Follow the next reading',
    words:
      'At the foot stands the one reading that would tell most for the least work, and why. You may read another: nothing is locked.',
  },
  {
    title: 'Look at the mark, then at the limit',
    words:
      'A full mark is in range, a half one borderline, a ringed one out of range. A dash means there is not enough data yet. Touch a figure: its formula, what went in, and whose limit it is.',
    picture: 'marks',
  },
  {
    title: 'See where fan and path meet',
    words:
      'Station Airflow: the blower’s table is typed once, two cells are enough for today. Where the manufacturer’s figures end, the curve ends; nothing is guessed beyond.',
    picture: 'crossing',
  },
  {
    title: 'Try a fix before you do it',
    words:
      'Station Fix: switch moves on and off. Airflow, static, amps, drop, minutes and money follow at once. Three plans stand ready, each with the chance that it lands.',
  },
  {
    title: 'Prove it',
    words:
      'Decide on a plan, do it, read again. Station Prove holds what was promised against what is read, and says what is owed to the change and what to the readings.',
  },
  {
    title: 'Hand over',
    words:
      'The owner’s page as it will be; each finding fixed, quoted, declined or watched; the day of the next visit. A finding of your own goes in with “Add a finding”, at the foot of every step. The shop’s name, license and payment terms are set under Shop. Then report, label and readings: printed, sent, or kept.',
  },
];

/** What else is asked, with its answer. */
export const ANSWERS: readonly { readonly title: string; readonly words: readonly string[] }[] = [
  {
    title: 'What works without a signal',
    words: [
      'Everything that is read, judged, planned and proven: the phone computes by itself. The day’s sites, units and visits of the last week are on it, and whatever you opened before.',
      'What waits to be sent is said in a quiet line under Today. It goes by itself when there is a signal; nothing is lost when the app is closed.',
      'Load list, what is due, mail, roof sheets and a unit’s history stand as they were told last, with the time. Today’s and tomorrow’s stops are carried along by themselves while there is a signal: open Today before you drive. The report as a page is made on the phone; PDF and CSV want the server.',
    ],
  },
  {
    title: 'Where the data lies, and how to back it up',
    words: [
      'On the server, in the folder it was started with (HUFF_DATA); a phone holds a copy of what it needs.',
      'Shop, Data out and in writes the whole shop as one file of JSON with a published form. Keep one a week on another disk. Read in again, it adds what is missing and overwrites nothing.',
      'With photos is a second, larger one: now and then. Or stop the server and copy its folder as a whole.',
    ],
  },
  {
    title: 'What Huff does not decide',
    words: [
      'Lock out and verify dead before hands go in; refrigerant, gas and line voltage are for those who are licensed for them. Where local code says otherwise, it stands.',
      'A figure that was assumed is underlined with dots. It is as good as what was assumed: read the plate when you can.',
    ],
  },
];
