/** One field that is wrong, and what would be right. */
export interface FieldError {
  /** Path in the body: "readings[2].value" */
  readonly field: string;
  readonly message: string;
}

/** An error answer: RFC 9457 problem details, with the fields to blame. */
export interface Problem {
  readonly type: string;
  readonly title: string;
  readonly status: number;
  readonly detail: string;
  readonly errors?: readonly FieldError[];
}

export const PROBLEM_MEDIA_TYPE = 'application/problem+json';
