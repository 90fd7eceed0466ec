/** An answer from the server that says what is wrong and what to do. */
export class Problem extends Error {
  constructor(
    readonly status: number,
    message: string,
    readonly more: Record<string, unknown> = {},
  ) {
    super(message);
  }
}

function cookie(name: string): string {
  const found = document.cookie.split('; ').find((each) => each.startsWith(`${name}=`));
  return found ? decodeURIComponent(found.slice(name.length + 1)) : '';
}

/** Asks the server; a body that is not form data is sent as JSON. */
export async function send(method: string, address: string, body?: unknown, signal?: AbortSignal): Promise<Response> {
  const headers: Record<string, string> = { Accept: 'application/json', 'X-XSRF-TOKEN': cookie('XSRF-TOKEN') };
  const isForm = body instanceof FormData;
  if (body !== undefined && !isForm) headers['Content-Type'] = 'application/json';
  let response: Response;
  try {
    response = await fetch(address, {
      method,
      headers,
      signal,
      body: isForm ? body : body === undefined ? undefined : JSON.stringify(body),
    });
  } catch (error) {
    if (signal?.aborted) throw error;
    throw new Problem(
      0,
      'The server cannot be reached. Check the connection; what you did is kept here and sent again.',
    );
  }
  if (!response.ok) {
    const problem = (await response.json().catch(() => ({}))) as Record<string, unknown>;
    throw new Problem(response.status, String(problem.detail ?? 'Something went wrong. Try again.'), problem);
  }
  return response;
}

export async function ask<Answer>(method: string, address: string, body?: unknown): Promise<Answer> {
  const response = await send(method, address, body);
  return (response.status === 204 ? undefined : await response.json()) as Answer;
}

export function sentence(error: unknown): string {
  return error instanceof Error ? error.message : 'Something went wrong. Try again.';
}
