const NONSENSE = /undefined|NaN|\[object|Infinity|\bat .*\.m?js/;
/** A sentence, maybe one that ends in what was sent. */
const SENTENCE = /^[^\s].{8,}[.?]$/s;

function problemFault(problem, status, where) {
  const { detail, title, errors } = problem ?? {};
  if (typeof detail !== 'string' || !SENTENCE.test(detail)) return `${where}: no sentence: ${JSON.stringify(problem)}`;
  if (NONSENSE.test(detail)) return `${where}: nonsense: ${detail}`;
  if (typeof title !== 'string') return `${where}: no title`;
  if (status !== 422) return undefined;
  return Array.isArray(errors) && errors.every((e) => typeof e.field === 'string' && SENTENCE.test(e.message))
    ? undefined
    : `${where}: names no field: ${JSON.stringify(problem).slice(0, 300)}`;
}

const parsed = (text) => {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
};

/** What is wrong with an answer; undefined when it is as it should be. */
export function faultOf({ method, path }, { status, type, text, error }) {
  const where = `${method} ${path}`.slice(0, 160);
  if (error) return `${where}: ${error.message}`;
  if (status >= 500) return `${where}: ${status} ${text.slice(0, 200)}`;
  // An address that is none of the app's: a person is told by the app's own page.
  if (status === 404 && method === 'GET' && !path.startsWith('/api') && type.startsWith('text/html')) return undefined;
  if (status >= 400 && method !== 'HEAD') {
    if (!type.startsWith('application/problem+json')) return `${where}: ${status} is no problem document but ${type}`;
    return problemFault(parsed(text), status, where);
  }
  if (method !== 'POST' || path !== '/api/sync' || status !== 200) return undefined;
  for (const result of parsed(text)?.results ?? []) {
    if (result.status === 'failed') return `${where}: an operation failed: ${result.id}`;
    if (result.status === 'refused') {
      const fault = problemFault(result.problem, result.problem?.status, where);
      if (fault) return fault;
    }
  }
  return undefined;
}
