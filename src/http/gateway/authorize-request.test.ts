import { mkdtempSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest'
import { dice } from '../../../simulators/golfers/dice'
import type { GolferId } from '../../core/model/ids'
import { closeTheDatabase, theDatabase } from '@/store/database'
import { addGolfer } from '@/store/golfers'
import { startSession } from '@/store/sessions'
import { mayVisit } from './authorize-request'
import { SCOPE_HEADER } from './scope'
import { passcodeFrom, PASSCODE_BITS, PASSCODE_BYTES, plainPasscode } from './passcode'
import { waitMs } from './tries'

describe('a passcode', () => {
  it('is five words that hold 60 bits, every syllable as likely as another', () => {
    expect(PASSCODE_BITS).toBeGreaterThanOrEqual(60)
    expect(passcodeFrom(new Uint8Array(PASSCODE_BYTES))).toBe('baba baba baba baba baba')
    const syllables = new Set(
      Array.from({ length: 256 }, (_, byte) =>
        passcodeFrom(new Uint8Array(PASSCODE_BYTES).fill(byte)).slice(0, 2),
      ),
    )
    expect(syllables.size).toBe(64)
    const roll = dice(19)
    for (let i = 0; i < 300; i++) {
      const bytes = Uint8Array.from({ length: PASSCODE_BYTES }, () => Math.floor(roll.between(0, 256)))
      expect(passcodeFrom(bytes)).toMatch(/^([b-z][aeio][b-z][aeio] ){4}[b-z][aeio][b-z][aeio]$/)
    }
    expect(() => passcodeFrom(new Uint8Array(3))).toThrow(RangeError)
  })

  it('is the same however it is typed', () => {
    expect(plainPasscode(' Kalo-bemi  TAFO,ruza nobi')).toBe(plainPasscode('kalo bemi tafo ruza nobi'))
  })

  it('that is wrong again and again has to wait longer each time, a minute at most', () => {
    const wait = (tries: number, passedMs = 0) => waitMs({ tries, lastMs: 5000 }, 5000 + passedMs)
    expect([0, 1, 2, 3, 4, 5, 8, 9, 1000].map((tries) => wait(tries))).toEqual([
      ...[0, 0, 0, 1000, 2000, 4000, 32_000, 60_000, 60_000],
    ])
    expect([wait(5, 3999), wait(5, 4000), wait(5, 9e9)]).toEqual([1, 0, 0])
  })
})

vi.mock('../bay-response', () => ({ bayResponse: () => new Response(), afterOthers: async () => {} }))
beforeAll(() => vi.stubEnv('BANCO_DATA', mkdtempSync(join(tmpdir(), 'banco-authorize-'))))
afterAll(() => {
  closeTheDatabase()
  vi.unstubAllEnvs()
})

const routes = import.meta.glob<Record<string, (request: Request, context: object) => Promise<Response>>>(
  '../../app/api/**/route.ts',
)
const ALLOWED = [
  'GET /api/golfers/[golferId]/shot',
  'GET /api/sessions/[sessionId]/bay',
  'GET /api/sessions/[sessionId]/shots',
  'PATCH /api/sessions/[sessionId]',
  'POST /api/golfers/[golferId]/sessions',
  'POST /api/golfers/[golferId]/shot',
  'POST /api/sessions/[sessionId]/clear',
  'POST /api/sessions/[sessionId]/events',
  'POST /api/sessions/[sessionId]/moves',
  'POST /api/sessions/[sessionId]/receive',
  'POST /api/sessions/[sessionId]/redo',
  'POST /api/sessions/[sessionId]/shots',
  'POST /api/sessions/[sessionId]/undo',
  'PUT /api/sessions/[sessionId]/set-up',
  'PUT /api/sessions/[sessionId]/station',
  'PUT /api/sessions/[sessionId]/watching',
]
/** It sends no data of any golfer, only that something changed. */
const OPEN = ['/api/notices GET']

describe('a phone that is paired for one Bay', () => {
  const may = (request: string) => {
    const [method = '', path = ''] = request.split(' ')
    return mayVisit('g' as GolferId, method, path)
  }

  it.each(['GET /golfers/g/bay', 'HEAD /golfers/g/bay', 'GET /_next/static/x.js', 'GET /icon.svg'])(
    'may open %s',
    (request) => expect(may(request)).toBe(true),
  )

  it.each([
    ...[
      'GET /',
      'GET /desk',
      'GET /desk/phones',
      'GET /golfers/h/bay',
      'GET /golfers/g',
      'GET /golfers/g/gaps',
    ],
    ...['POST /golfers/g/bay', 'GET /golfers/g/bay/x', 'GET /_next/image', 'GET /api', 'GET /guide'],
  ])('may not open %s', (request) => expect(may(request)).toBe(false))

  it('is refused by every route but those of its Bay, also where the session is another golfer’s', async () => {
    const settings = { hand: 'left', lengthUnit: 'm', speedUnit: 'km/h', goalZoneM: null } as const
    const sessionOf = (golferId: GolferId) => {
      addGolfer(theDatabase(), golferId, { name: golferId, ...settings }, 0)
      return startSession(theDatabase(), { golferId, startedMs: 0, offsetMin: 0, place: null })
    }
    const [own, other] = [sessionOf('g' as GolferId), sessionOf('h' as GolferId)]
    const allowed: string[] = []
    for (const [file, load] of Object.entries(routes)) {
      const path = file.replace('../../app', '').replace('/route.ts', '')
      for (const [method, handle] of Object.entries(await load())) {
        if (typeof handle !== 'function' || OPEN.includes(`${path} ${method}`)) continue
        const statusFor = async (golferId: string, sessionId: string) => {
          const params = Promise.resolve({ golferId, sessionId })
          const request = new Request(`http://127.0.0.1${path}`, {
            method,
            headers: { [SCOPE_HEADER]: 'bay g' },
            ...(method !== 'GET' && { body: 'no JSON' }),
          })
          return (await handle(request, { params })).status
        }
        expect(await statusFor('h', other), `${path} ${method}`).toBe(403)
        if ((await statusFor('g', own)) !== 403) allowed.push(`${method} ${path}`)
      }
    }
    expect(allowed.sort()).toEqual(ALLOWED)
  })
})
