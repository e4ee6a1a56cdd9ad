/** Further off than this, a phone's clock is worth a word. */
export const CLOCK_WORTH_TELLING_MS = 120_000;

/** How far a phone's clock is from the server's, ms to add to the phone's time. A phone an hour ahead has −3,600,000. */
export const clockOffsetMs = (phoneTime: string, serverTime: string): number =>
  Date.parse(serverTime) - Date.parse(phoneTime);
