/** How often what goes wrong on the way. */
const LOST_ON_THE_WAY = 0.08;
const ANSWER_LOST = 0.08;
const SENT_TWICE = 0.08;
const COMES_LATE = 0.05;
const SIGN_IN_PAGE = 0.02;
const LONGEST_DELAY_MS = 60;
const TIMEOUT_MS = 15_000;

const sleep = (ms) => new Promise((go) => setTimeout(go, ms));

/** A request as the app sends it. */
async function post(url, request, isSyncAnswer) {
  try {
    const answer = await fetch(`${url}/api/sync`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify(request),
      signal: AbortSignal.timeout(TIMEOUT_MS),
    });
    const body = await answer.json();
    if (answer.ok) return isSyncAnswer(body) ? { kind: 'answer', answer: body } : { kind: 'notHuff' };
    return { kind: 'problem', status: answer.status, problem: body };
  } catch {
    return { kind: 'noAnswer' };
  }
}

/**
 * A bad network before one of several servers: requests are lost, answers are lost, requests come twice, late, after others; a sign-in page answers in
 * between. `calm()` makes it a good one.
 */
export function badNetwork(addressOf, random, isSyncAnswer, onAnswer) {
  let bad = true;
  let onTheWay = 0;
  const send = async (request) => {
    onTheWay += 1;
    const outcome = await post(addressOf(), request, isSyncAnswer);
    onTheWay -= 1;
    if (outcome.kind === 'problem' && outcome.status === 500)
      throw new Error(`500: ${JSON.stringify(outcome.problem)}`);
    if (outcome.kind === 'answer') onAnswer(request, outcome.answer);
    return outcome;
  };
  return {
    async post(request) {
      if (!bad) return send(request);
      await sleep(random.next() * LONGEST_DELAY_MS);
      if (random.chance(LOST_ON_THE_WAY)) return { kind: 'noAnswer' };
      if (random.chance(SIGN_IN_PAGE)) return { kind: 'notHuff' };
      if (random.chance(COMES_LATE)) {
        // Kept somewhere on the way: it comes when others have gone by.
        void sleep(500 + random.next() * 2000).then(() => send(request).catch(() => undefined));
        return { kind: 'noAnswer' };
      }
      const outcome = await send(request);
      if (random.chance(SENT_TWICE)) await send(request);
      return random.chance(ANSWER_LOST) ? { kind: 'noAnswer' } : outcome;
    },
    calm: () => (bad = false),
    isQuiet: () => onTheWay === 0,
  };
}
