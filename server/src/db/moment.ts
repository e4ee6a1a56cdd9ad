/** SQL for a timestamp as the client wrote it: ISO 8601 in UTC with milliseconds. */
export const moment = (column: string) => `to_char(${column} AT TIME ZONE 'UTC', 'YYYY-MM-DD"T"HH24:MI:SS.MS"Z"')`;
