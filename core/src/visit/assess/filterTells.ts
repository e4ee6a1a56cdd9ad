/** Why the filter is pulled: said wherever the retest is offered. */
export const FILTER_TELLS =
  'With the filter out the static says what the filter alone takes, corrected for the air it gives back.';
