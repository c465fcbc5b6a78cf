import { describe, expect, it } from 'vitest'
import { dice } from '../../../simulators/golfers/dice'
import type { GolferId } from '../../core/model/ids'
import { mayAsk, type Scope } from './scope'
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

describe('a phone', () => {
  const own: Scope = { kind: 'bay', golferId: 'g' as GolferId }
  const ownerOf = (id: string) => ({ s: 'g', other: 'h' })[id] ?? null
  const may = (request: string) => {
    const [method = '', path = ''] = request.split(' ')
    return mayAsk(own, method, path, ownerOf)
  }

  it.each([
    ...['GET /golfers/g/bay', 'HEAD /golfers/g/bay', 'GET /api/sessions/s/bay', 'POST /api/sessions/s/shots'],
    ...[
      'POST /api/sessions/s/events',
      'PUT /api/sessions/s/station',
      'POST /api/sessions/s/undo',
      'PATCH /api/sessions/s',
    ],
    ...[
      'POST /api/golfers/g/shot',
      'POST /api/golfers/g/sessions',
      'GET /api/notices',
      'GET /_next/static/x.js',
    ],
  ])('that is paired for one Bay may %s', (request) => expect(may(request)).toBe(true))

  it.each([
    ...[
      'GET /',
      'GET /desk',
      'GET /desk/phones',
      'GET /golfers/h/bay',
      'GET /golfers/g',
      'GET /golfers/g/gaps',
    ],
    ...['POST /golfers/g/bay', 'GET /golfers/g/bay/x', 'GET /api/golfers/g/export', 'DELETE /api/golfers/g'],
    ...[
      'PATCH /api/golfers/g',
      'POST /api/golfers/h/sessions',
      'GET /api/sessions/other/bay',
      'DELETE /api/sessions/s',
    ],
    ...[
      'POST /api/sessions/none/shots',
      'POST /api/sessions/s/readings',
      'POST /api/golfers/h/shot',
      'GET /api/backup',
    ],
    ...[
      'POST /api/backup',
      'POST /api/files',
      'POST /api/feed/shots',
      'POST /api/pairings',
      'POST /api/desk/arrivals',
    ],
    ...[
      'PATCH /api/visits/v',
      'GET /_next/image',
      'GET /api/golfers',
      'GET /api',
      'POST /api/golfers/restore',
    ],
  ])('that is paired for one Bay may not %s', (request) => expect(may(request)).toBe(false))

  it('that is paired for the whole may ask for everything', () => {
    expect(mayAsk({ kind: 'whole' }, 'DELETE', '/api/golfers/h', ownerOf)).toBe(true)
  })
})
