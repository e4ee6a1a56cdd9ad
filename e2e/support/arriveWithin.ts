/**
 * With nothing from the server, the phone waits up to 75 s between two tries (`LONGEST_WAIT_MS` of the sender, and a quarter more so
 * that phones do not come all at once). A test that brings the server back waits that long before it calls a record lost.
 */
export const ARRIVE_WITHIN = { timeout: 80_000 };
