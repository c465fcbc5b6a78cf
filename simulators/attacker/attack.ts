import { readdirSync, readFileSync } from 'node:fs'
import { request as ask } from 'node:http'
import { join } from 'node:path'
import { dice, type Dice } from '../golfers/dice'
import { bodyOf, one, type KnownIds } from './bodies'

export type Route = { path: string; method: string }
export type Sent = Route & { target: string; body?: string; status: number; responseText: string }

const API = 'src/app/api'
const METHODS = ['GET', 'POST', 'PUT', 'PATCH', 'DELETE'] as const

/** Every route that there is, as its folders and what it exports say. */
export function routesOf(folder = API, path = '/api'): Route[] {
  return readdirSync(folder, { withFileTypes: true }).flatMap((entry): Route[] => {
    const at = join(folder, entry.name)
    if (entry.isDirectory()) return routesOf(at, `${path}/${entry.name}`)
    if (entry.name !== 'route.ts') return []
    const source = readFileSync(at, 'utf8')
    return METHODS.filter((method) =>
      new RegExp(`export (const|function|async function) ${method}\\b`).test(source),
    ).map((method) => ({ path, method }))
  })
}

/** Pages answer whatever stands in their address, too. */
const PAGES: Route[] = [
  '',
  'bag',
  'bay',
  'stock',
  'gaps',
  'wedges',
  'refit',
  'course',
  'log',
  'compare',
  'history',
  'practice',
  'import',
  'paper',
  'number',
  'monitors',
  'balls',
  'rounds',
  'rounds/[roundId]',
  'visits/[visitId]',
  'sessions/[sessionId]',
]
  .map((page) => `/golfers/[golferId]${page && `/${page}`}`)
  .concat('/desk', '/desk/reports', '/desk/phones', '/guide')
  .map((path) => ({ path, method: 'GET' }))

/** The pages of a golfer that need no other id. */
export const pagesOfGolfer = (golferId: string): string[] =>
  PAGES.map(({ path }) => path.replace('[golferId]', encodeURIComponent(golferId))).filter(
    (path) => path.startsWith('/golfers/') && !path.includes('['),
  )

const QUERIES = [
  '',
  '',
  '',
  '?what=constructor',
  '?what=shots',
  '?kind=report',
  '?kind=__proto__',
  '?session=a&session=b',
  '?session=%00',
  '?hit=%7E%7E',
  '?after=-1',
  '?after=1e99',
  '?card=day',
  '?clubs=all&clubs=x',
  '?monitor=constructor',
  '?first=a&second=%00',
  '?read=__proto__',
  '?%',
  '?id=%00',
  '?file=..',
]
const ODD_IDS = [
  '%',
  '%00',
  '%2e%2e%2f',
  '..',
  'x'.repeat(400),
  '%E0%A4%A',
  '__proto__',
  '%F0%9F%98%80',
  "'--",
]

function targetOf(path: string, roll: Dice, known: KnownIds): string {
  const filled = path.replace(/\[(\w+)\]/g, (_, name: keyof KnownIds) =>
    roll.chance(0.8) ? encodeURIComponent(one(known[name] ?? ['x'], roll)) : one(ODD_IDS, roll),
  )
  return filled + one(QUERIES, roll)
}

/** A restore would take everything away that the others need, and a stream of notices never ends. */
const isLeftOut = ({ path, method }: Route): boolean =>
  path === '/api/notices' || (path === '/api/backup' && method === 'POST') || path === '/api/copies'

/** Asks Banco for everything there is in ways that nobody meant, as the seed has it. */
export async function attack(
  address: string,
  {
    requests,
    seed,
    known,
    onSent,
  }: { requests: number; seed: number; known: KnownIds; onSent?: (sent: Sent) => void },
): Promise<Sent[]> {
  const roll = dice(seed)
  const routes = [...routesOf(), ...PAGES].filter((route) => !isLeftOut(route))
  const all: Sent[] = []
  for (let i = 0; i < requests; i++) {
    const route = one(routes, roll)
    const method = roll.chance(0.02) ? one(['TRACE', 'OPTIONS', 'HEAD', 'PUT', 'DELETE'], roll) : route.method
    const target = targetOf(route.path, roll, known)
    const body =
      method === 'GET' || method === 'HEAD' || method === 'TRACE' ? undefined : bodyOf(target, roll, known)
    const sent = {
      ...route,
      method,
      target,
      ...(body !== undefined && { body }),
      ...(await answerTo(address, method, target, body)),
    }
    all.push(sent)
    onSent?.(sent)
  }
  return all
}

/** Written to the wire as it is: a well-behaved client would mend it. */
function answerTo(
  address: string,
  method: string,
  path: string,
  body?: string,
): Promise<{ status: number; responseText: string }> {
  const { hostname, port } = new URL(address)
  return new Promise((resolve) => {
    const sent = ask(
      {
        ...{ hostname, port, path, method },
        headers: {
          'content-type': 'application/json',
          origin: address,
          // Without it the body of a DELETE would be read as a request of its own.
          ...(body !== undefined && { 'content-length': Buffer.byteLength(body) }),
        },
      },
      (response) => {
        let text = ''
        response.setEncoding('utf8')
        response.on('data', (part: string) => {
          if (text.length < 2000) text += part
        })
        response.on('end', () => resolve({ status: response.statusCode ?? 0, responseText: text }))
      },
    )
    sent.on('error', (error) => resolve({ status: 0, responseText: error.message }))
    sent.setTimeout(20_000, () => sent.destroy(new Error('no answer within 20 s')))
    sent.end(body)
  })
}
