/** A visit judged and parted, without the classes that check it: what the first screen needs. */
export * from './plan';
export * from './visitSummary';
