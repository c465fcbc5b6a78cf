import type { Problem } from '@/core/problem'

export type Sent<T> =
  | { ok: true; value: T }
  /** Unreachable: nobody answered, or not with yes or no, so that nobody knows whether it was taken. */
  | { ok: false; problems: Problem[]; unreachable?: true }

export type Method = 'GET' | 'POST' | 'PUT' | 'PATCH' | 'DELETE'

/** Letters that a browser sends in the name of a page that is gone: of all requests together at most 64 kB. */
const SMALL = 4000

/** Sends something to Banco. What went wrong comes back as sentences, never as an exception. */
export async function send<T = unknown>(method: Method, url: string, body?: unknown): Promise<Sent<T>> {
  try {
    const text = body === undefined ? undefined : JSON.stringify(body)
    const response = await fetch(url, {
      method,
      // A page that is left at once takes back nothing that the golfer has done on it.
      keepalive: method !== 'GET' && (text?.length ?? 0) <= SMALL,
      ...(text !== undefined && { body: text, headers: { 'Content-Type': 'application/json' } }),
    })
    return await readAnswer<T>(response)
  } catch {
    return unreachable()
  }
}

/** Sends the contents of a file. */
export async function sendText<T>(url: string, text: string | Blob): Promise<Sent<T>> {
  try {
    return await readAnswer<T>(await fetch(url, { method: 'POST', body: text }))
  } catch {
    return unreachable()
  }
}

/** Sends a file with what is to be done with it. */
export async function sendForm<T>(url: string, form: object, file: Blob): Promise<Sent<T>> {
  const body = new FormData()
  body.set('form', JSON.stringify(form))
  body.set('file', file)
  try {
    return await readAnswer<T>(await fetch(url, { method: 'POST', body }))
  } catch {
    return unreachable()
  }
}

async function readAnswer<T>(response: Response): Promise<Sent<T>> {
  const answer: unknown = await response.json().catch(() => null)
  if (response.ok) return { ok: true, value: answer as T }
  const problems = (answer as { problems?: Problem[] } | null)?.problems
  return {
    ok: false,
    // A server that failed or is busy has not said no.
    ...(response.status >= 500 && { unreachable: true as const }),
    problems: problems ?? [
      { field: '', sentence: `Banco failed (${response.status}). Nothing was changed: try again.` },
    ],
  }
}

/** What is answered in the place of one that nobody gave. */
export const unreachable = () => ({
  ok: false as const,
  unreachable: true as const,
  problems: [
    { field: '', sentence: 'Banco does not answer. Nothing was changed: start it again and repeat this.' },
  ],
})
