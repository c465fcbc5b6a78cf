import type { Problem } from '@/core/problem'
import { check, type Form } from '@/formats/check'
import { dataMark } from '@/store/database'
import { notify } from './notices'

/** A request that cannot be done, with its HTTP status and what to mend. */
export class Refusal extends Error {
  constructor(
    readonly status: number,
    readonly problems: Problem[],
  ) {
    super(problems.map((problem) => problem.sentence).join(' '))
  }
}

export const refuse = (status: number, field: string, sentence: string): never => {
  throw new Refusal(status, [{ field, sentence }])
}

export const FORM_BYTES = 64 * 1024

/** A route handler that answers refusals as JSON with their status, and tells every open page where data changed. */
export function route<P extends Record<string, string>>(
  handle: (request: Request, params: P) => Promise<Response> | Response,
) {
  return async (request: Request, context: { params: Promise<P> }): Promise<Response> => {
    const before = dataMark()
    try {
      return await handle(request, await context.params)
    } catch (error) {
      if (error instanceof Refusal)
        return Response.json({ problems: error.problems }, { status: error.status })
      throw error
    } finally {
      if (dataMark() !== before) notify()
    }
  }
}

/** The text of a request's body, read no further than `most` bytes. */
export async function bodyText(request: Request, most: number): Promise<string> {
  const tooLong = `The request is larger than the ${size(most)} that are taken here: send less at a time.`
  if (Number(request.headers.get('content-length') ?? 0) > most) refuse(413, '', tooLong)
  const chunks: Uint8Array[] = []
  let bytes = 0
  const reader = request.body?.getReader()
  for (let part = await reader?.read(); part && !part.done; part = await reader?.read()) {
    bytes += part.value.byteLength
    if (bytes > most) {
      await reader?.cancel()
      refuse(413, '', tooLong)
    }
    chunks.push(part.value)
  }
  return new TextDecoder().decode(Buffer.concat(chunks))
}

/** The JSON of a request's body. */
export async function bodyJson(request: Request): Promise<unknown> {
  const text = await bodyText(request, FORM_BYTES)
  try {
    return JSON.parse(text)
  } catch (error) {
    return refuse(400, '', `The request is not JSON (${(error as Error).message}): send one JSON object.`)
  }
}

/** The checked form of a request's body. */
export async function bodyForm<T>(request: Request, form: Form<T>): Promise<T> {
  const checked = check(form, await bodyJson(request))
  if (!checked.ok) throw new Refusal(422, checked.problems)
  return checked.value
}

const size = (bytes: number): string =>
  bytes >= 1024 * 1024 ? `${bytes / 1024 / 1024} MB` : `${bytes / 1024} kB`
