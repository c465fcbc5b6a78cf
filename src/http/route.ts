import type { Problem } from '@/core/model/problem'
import { check, type BodySchema } from '@/formats/check'
import { oddity } from '@/formats/oddity'
import { DataError, hindrance, isDamage, sqliteCode } from '@/store/data-error'
import { closeTheDatabase, dataMark, refuseMoved, theDatabase } from '@/store/database'
import { sessionById } from '@/store/sessions'
import type { SessionId } from '@/core/model/ids'
import { notify } from './notices'
import { BAY_ONLY, parseScope, SCOPE_HEADER } from './gateway/scope'
import { isFromElsewhere } from './gateway/request-origin'
import { writing } from './writers'

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

const FORM_BYTES = 64 * 1024

type Params = Record<string, string>
type Handle<P extends Params> = (request: Request, params: P) => Promise<Response> | Response
type BayParams = { golfer: { golferId: string }; session: { sessionId: string } }
type RouteOptions = {
  /** A phone that is paired for one Bay may call it, for its own golfer or for a session of that golfer. Absent: it may not. */
  bay?: keyof BayParams
  /** It writes for a while, and waits by itself for those who write. */
  isLong?: boolean
  /** It creates a file to save. Only Banco's own pages may request it, and HEAD creates nothing. */
  isFile?: boolean
}

/** A route handler that answers refusals as JSON with their status, and tells every open page where data changed. */
export const route = <P extends Params>(handle: Handle<P>, { isLong, isFile, bay }: RouteOptions = {}) =>
  bareRoute<P>(async (request, params) => {
    if (isFile && isFromElsewhere(request.headers.get('sec-fetch-site')))
      refuse(403, '', 'Another page asked for this file: open Banco itself.')
    if (isFile && request.method === 'HEAD') return new Response(null)
    try {
      marks.mark ??= dataMark()
      if (request.method !== 'GET') refuseMoved()
      const respond = async () => handle(request, params)
      return request.method === 'GET' || isLong ? await respond() : await writing(respond)
    } finally {
      notifyChange()
    }
  }, bay)

/** A route that a phone with one Bay may call as well, for its own golfer or for a session of that golfer. */
export const bayRoute = <Owner extends keyof BayParams>(bay: Owner, handle: Handle<BayParams[Owner]>) =>
  route(handle, { bay })

/** A route that works without the data, such as one that mends them. */
export const bareRoute =
  <P extends Params>(handle: Handle<P>, bay?: keyof BayParams) =>
  async (request: Request, context: { params: Promise<P> }): Promise<Response> => {
    try {
      const params = await context.params
      refusePhone(request, params, bay)
      return await handle(request, params)
    } catch (error) {
      return failed(error)
    }
  }

function refusePhone(request: Request, params: Params, bay: keyof BayParams | undefined): void {
  const scope = parseScope(request.headers.get(SCOPE_HEADER))
  if (scope.kind === 'whole') return
  const owner = {
    golfer: () => params.golferId,
    session: () => sessionById(theDatabase(), params.sessionId as SessionId)?.golferId,
  }
  if (!bay || owner[bay]() !== scope.golferId) refuse(403, '', BAY_ONLY)
}

const state = globalThis as { bancoMarks?: { mark?: string } }
/** As of when every open page was told. */
const marks = (state.bancoMarks ??= {})

/** Tells every open page where data changed since they were told last. */
export function notifyChange(): void {
  const mark = markNow()
  if (mark === '' || mark === marks.mark) return
  marks.mark = mark
  notify()
}

/** The mark of the data; empty where they cannot be read any more, which every page finds out by itself. */
export function markNow(): string {
  try {
    return dataMark()
  } catch {
    return ''
  }
}

const AGAIN_S = 1

/** The answer to a request that came to nothing: a refusal, data that cannot be used just now, or a fault of Banco's own. */
function failed(error: unknown): Response {
  const { status, problems } = problemsOf(error)
  const headers = status === 503 ? { 'Retry-After': String(AGAIN_S), 'Cache-Control': 'no-store' } : undefined
  return Response.json({ problems }, { status, ...(headers && { headers }) })
}

/** What is said of it, and the HTTP status that says as much. */
export function problemsOf(error: unknown): { status: number; problems: Problem[] } {
  if (error instanceof Refusal) return { status: error.status, problems: error.problems }
  if (isDamage(error)) closeTheDatabase()
  // A form that lets through what no table takes is a fault of Banco's, but not of this request's data.
  if (sqliteCode(error) === 'SQLITE_CONSTRAINT_CHECK') {
    console.error(error)
    return { status: 422, problems: [{ field: '', sentence: UNKEPT }] }
  }
  const sentence = error instanceof DataError ? error.message : isDamage(error) ? DAMAGED : hindrance(error)
  if (sentence === null) console.error(error)
  return { status: sentence === null ? 500 : 503, problems: [{ field: '', sentence: sentence ?? OWN_FAULT }] }
}

const OWN_FAULT = 'Banco failed at this, which is its own fault. Nothing was changed: try again.'
const UNKEPT =
  'One of these values is none that Banco can keep. Nothing was changed: look through them and send it again.'
const DAMAGED =
  'The data file is damaged. Nothing was changed: open Banco in a browser, which offers its copies.'

/** The text of a request's body, read no further than `most` bytes. */
async function bodyText(request: Request, most: number): Promise<string> {
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
export async function bodyJson(request: Request, most = FORM_BYTES): Promise<unknown> {
  const text = await bodyText(request, most)
  let body: unknown
  try {
    body = JSON.parse(text)
  } catch (error) {
    return refuse(400, '', `The request is not JSON (${(error as Error).message}): send one JSON object.`)
  }
  const odd = oddity(body)
  return odd === null ? body : refuse(400, '', odd)
}

/** The checked form of a request's body. */
export async function bodyForm<T>(request: Request, form: BodySchema<T>, most = FORM_BYTES): Promise<T> {
  const checked = check(form, await bodyJson(request, most))
  if (!checked.ok) throw new Refusal(422, checked.problems)
  return checked.value
}

const size = (bytes: number): string =>
  bytes >= 1024 * 1024 ? `${bytes / 1024 / 1024} MB` : `${bytes / 1024} kB`
