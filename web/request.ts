/** An answer from the server that says what is wrong and what to do. */
export class Problem extends Error {
  constructor(
    readonly status: number,
    message: string,
    readonly more: Record<string, unknown> = {},
  ) {
    super(message);
  }

  /** Whether the same request may well go through later: the server is away, busy, or wants a new sign-in. */
  get isPassing(): boolean {
    return [0, 401, 419, 429].includes(this.status) || this.status >= 500;
  }
}

/** Letters: a short message goes on its way even when the page closes behind it; browsers allow no long ones. */
const OUTLIVES_THE_PAGE = 4000;

function cookie(name: string): string {
  const found = document.cookie.split('; ').find((each) => each.startsWith(`${name}=`));
  return found ? decodeURIComponent(found.slice(name.length + 1)) : '';
}

/** Asks the server; a body that is not form data is sent as JSON. */
export async function send(
  method: string,
  address: string,
  body?: unknown,
  signal?: AbortSignal,
  more: Record<string, string> = {},
): Promise<Response> {
  let response = await answer(method, address, body, signal, more);
  if (response.status === 419) {
    // There is no session yet, or its token has grown old while the page was open.
    await answer('GET', '/api/session');
    response = await answer(method, address, body, signal, more);
  }
  if (!response.ok) {
    const problem = (await response.json().catch(() => ({}))) as Record<string, unknown>;
    throw new Problem(response.status, String(problem.detail ?? 'Something went wrong. Try again.'), problem);
  }
  return response;
}

async function answer(
  method: string,
  address: string,
  body?: unknown,
  signal?: AbortSignal,
  more: Record<string, string> = {},
): Promise<Response> {
  const headers: Record<string, string> = {
    Accept: 'application/json',
    'X-XSRF-TOKEN': cookie('XSRF-TOKEN'),
    ...more,
  };
  const form = body instanceof FormData ? body : undefined;
  const json = body === undefined || form ? undefined : JSON.stringify(body);
  if (json !== undefined) headers['Content-Type'] = 'application/json';
  try {
    return await fetch(address, {
      method,
      headers,
      signal,
      body: form ?? json,
      keepalive: json !== undefined && json.length < OUTLIVES_THE_PAGE,
    });
  } catch (error) {
    if (signal?.aborted) throw error;
    throw new Problem(
      0,
      'The server cannot be reached. Check the connection; what you did is kept here and sent again.',
    );
  }
}

/** Milliseconds before the server is asked again. */
const AGAIN = 3000;

/**
 * Asks until the server has answered, so that a dropped connection or a stopped server loses nothing; a refusal is an answer.
 *
 * @param onWait told what stands in the way, each time it is tried again
 */
export async function untilAnswered<Answer>(
  work: () => Promise<Answer>,
  onWait: (sentence: string) => void,
  signal: AbortSignal,
): Promise<Answer> {
  for (;;) {
    try {
      return await work();
    } catch (error) {
      if (!(error instanceof Problem) || (error.status !== 0 && error.status < 500)) throw error;
      onWait(error.message);
      await new Promise((resolve) => setTimeout(resolve, AGAIN));
      if (signal.aborted) throw error;
    }
  }
}

/** @param more headers beside the usual ones */
export async function ask<Answer>(
  method: string,
  address: string,
  body?: unknown,
  more?: Record<string, string>,
): Promise<Answer> {
  const response = await send(method, address, body, undefined, more);
  return (response.status === 204 ? undefined : await response.json()) as Answer;
}

export function sentence(error: unknown): string {
  return error instanceof Error ? error.message : 'Something went wrong. Try again.';
}
