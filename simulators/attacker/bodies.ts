import type { Dice } from '../golfers/dice'

/** What stands for a number, a text, an id where nobody expects it. */
export const ODD: unknown[] = [
  null,
  true,
  0,
  -1,
  1.5,
  1e13,
  -1e308,
  4e12,
  901,
  -901,
  '',
  ' ',
  '\u0000',
  'a\u0000b',
  '\u202e',
  '../../etc/passwd',
  '%',
  '__proto__',
  'constructor',
  'toString',
  'x'.repeat(300),
  "'; DROP TABLE shot; --",
  '<script>',
  '😀'.repeat(30),
  [],
  [[]],
  {},
  { length: 3 },
  [null],
  'full',
  'NaN',
  '12',
  '2026-13-40',
]

const FIELDS = [
  'id',
  'name',
  'hand',
  'lengthUnit',
  'speedUnit',
  'goalZoneM',
  'clubId',
  'swing',
  'carryM',
  'hitMs',
  'shots',
  'place',
  'offsetMin',
  'rangeClear',
  'setUp',
  'kind',
  'mark',
  'because',
  'atMs',
  'batch',
  'units',
  'carry',
  'club',
  'monitor',
  'hitAt',
  'template',
  'golferId',
  'ended',
  'injuryStop',
  'station',
  'shotIds',
  'stations',
  'label',
  'tempC',
  'altitudeM',
  'said',
  'drill',
  'calledM',
  'finishM',
  'air',
  'toDo',
  'words',
  'followUp',
  'changes',
  'bag',
  'plan',
  'blocks',
  'loftDeg',
  'decision',
  'what',
  '__proto__',
  'after',
  'until',
  'a',
  'b',
  'for',
  'fixes',
  'sinceMs',
  'build',
  'leftM',
  'lie',
  'competition',
  'sureness',
  'text',
]

/** Ids and names that are there, so that a request gets past the first door. */
export type KnownIds = Record<
  'golferId' | 'sessionId' | 'clubId' | 'shotId' | 'importId' | 'roundId' | 'visitId',
  string[]
>

export const one = <T>(of: readonly T[], roll: Dice): T => of[Math.floor(roll.between(0, of.length))] as T

function value(roll: Dice, known: KnownIds, depth: number): unknown {
  const what = roll.between(0, 1)
  if (what < 0.3) return one(ODD, roll)
  if (what < 0.5) return one(Object.values(known).flat(), roll)
  if (what < 0.7) return Math.round(roll.normal(0, 300))
  if (depth > 3) return null
  if (what < 0.8) return Array.from({ length: roll.between(0, 4) }, () => value(roll, known, depth + 1))
  return object(roll, known, depth + 1)
}

function object(roll: Dice, known: KnownIds, depth = 0): object {
  const fields = Array.from({ length: 1 + roll.between(0, 7) }, () => one(FIELDS, roll))
  return Object.fromEntries(fields.map((field) => [field, value(roll, known, depth)]))
}

/** Bodies as the pages send them, which are sent with one thing in them changed. */
const FORMS: [path: RegExp, body: (known: KnownIds, roll: Dice) => object][] = [
  [
    /feed\/shots$/,
    (_, roll) => ({ id: `m${roll.between(0, 1e9)}`, units: { length: 'yd', speed: 'mph' }, carry: 120 }),
  ],
  [
    /api\/golfers$/,
    () => ({ name: 'A', hand: 'right', lengthUnit: 'yd', speedUnit: 'mph', goalZoneM: null }),
  ],
  [
    /visits$/,
    (_, roll) => ({
      ...{ id: `v${roll.between(0, 1e9)}`, atMs: 1.7e12, offsetMin: 0, minutes: 72, toDo: 'wedges' },
    }),
  ],
  [
    /after-play$/,
    (known, roll) => ({
      ...{ missingM: 80, off: { clubId: one(known.clubId, roll), went: 'short' } },
      ...{ unusedId: null, words: null },
    }),
  ],
  [
    /visits\/[^/]+$/,
    () => ({ changes: 0, words: 'Well.', followUp: { after: 2, in: 'weeks', look: null }, ended: true }),
  ],
  [/api\/desk$/, () => ({ coach: 'A', wanted: true })],
  [
    /arrivals$/,
    (known, roll) => ({
      ...{ golferId: `g${roll.between(0, 1e9)}`, sessionId: `s${roll.between(0, 1e9)}`, hand: 'left' },
      ...{ name: `N${roll.between(0, 1e9)}`, lengthUnit: 'm', speedUnit: 'mph', place: 'indoor' },
      ...{ bag: { copyOf: one(known.golferId, roll) }, offsetMin: 0, rangeClear: true, receives: true },
    }),
  ],
  [/sessions$/, () => ({ place: 'indoor', offsetMin: 0, rangeClear: true })],
  [
    /sessions\/[^/]+\/shots$/,
    (known, roll) => ({
      shots: [
        {
          id: `t${roll.between(0, 1e9)}`,
          clubId: one(known.clubId, roll),
          swing: 'full',
          carryM: 120,
          hitMs: 1.7e12,
        },
      ],
    }),
  ],
  [
    /rounds$/,
    (_, roll) => ({
      ...{ id: `r${roll.between(0, 1e9)}`, place: 'Here', openedMs: 1.7e12, offsetMin: 0 },
      ...{ competition: false, day: null },
    }),
  ],
  [
    /rounds\/[^/]+\/shots$/,
    (known, roll) => {
      const name = `w${roll.between(0, 1e9)}`
      const word = { said: name, id: name, atMs: 1.7e12, clubId: one(known.clubId, roll), swing: 'full' }
      return { said: [{ ...word, leftM: 120, afterM: null, carryM: null, lie: 'rough' }], batch: name }
    },
  ],
  [/rounds\/table$/, () => ({ text: 'club,left\n7i,100', offsetMin: 0, clubs: {}, take: true })],
  [/rounds\/[^/]+\/undo$/, () => ({ batch: 'w1' })],
  [/api\/rounds\/[^/]+$/, () => ({ place: 'There', competition: false })],
  [/watching$/, (_, roll) => ({ monitor: 'Loft', on: roll.chance(0.5) })],
  [
    /readings$/,
    (known, roll) => ({
      monitor: 'Bay 3',
      readings: [{ id: `r${roll.between(0, 1e9)}`, shotId: one(known.shotId, roll), carryM: 120 }],
    }),
  ],
  [/pairs$/, (known, roll) => ({ moved: [{ shotId: one(known.shotId, roll), withId: null }], found: [] })],
  [
    /corrections$/,
    () => ({
      monitor: 'Loft',
      field: 'carryM',
      share: 0,
      plus: 2,
      half: 1,
      against: 'B',
      pairs: 9,
      on: false,
    }),
  ],
  [/balls$/, () => ({ name: 'range ball', range: true, worn: false })],
  [/as-on-course$/, () => ({ kind: 'iron', on: true })],
  [/station$/, (known, roll) => ({ clubId: one(known.clubId, roll), swing: 'full' })],
  [/events$/, () => ({ kind: 'air', wind: 'into', tempC: 12, surface: 'mat' })],
  [/moves$/, (known, roll) => ({ shotIds: [one(known.shotId, roll)], decision: 'withdrawn' })],
  [
    /to-golfer$/,
    (known, roll) => ({ shotIds: [one(known.shotId, roll)], golferId: one(known.golferId, roll) }),
  ],
  [/shot$/, (known, roll) => ({ id: one(known.shotId, roll), kind: 'mark', mark: 'fat' })],
  [/desk\/reports$/, (known, roll) => ({ kind: 'report', golfers: [one(known.golferId, roll)] })],
  [/clubs(\/[^/]+)?$/, () => ({ name: 'Spoon', kind: 'wood', loftDeg: 17 })],
  [
    /(done|tried)-refits$/,
    (known, roll) => ({
      fixes: [{ kind: 'bend', clubId: one(known.clubId, roll), degrees: 1 }],
      sinceMs: 1.7e12,
    }),
  ],
  [
    /hand-stocks$/,
    (known, roll) => ({ clubId: one(known.clubId, roll), swing: 'full', carryM: 120, because: 'so' }),
  ],
  [
    /drills$/,
    (known, roll) => ({
      drill: 'd',
      atMs: 1.7e12,
      calledM: 70,
      clubId: one(known.clubId, roll),
      swing: 'full',
      finishM: 71,
    }),
  ],
  [/venues$/, () => ({ name: 'Here', altitudeM: 12, turf: 'soft' })],
  [/swings$/, () => ({ swing: 'pitch', clock: 9, lengthShare: null, gripDownCm: 0, tempo: null })],
  [
    /day$/,
    () => ({
      place: null,
      tempC: 12,
      altitudeM: 0,
      seaLevelHpa: 1013,
      humidity: 0.5,
      tailwindMps: 0,
      crosswindMps: 0,
      turf: 'soft',
    }),
  ],
]

/** Texts whose repeats are slow to match for some regular expressions. */
const REPEATED = ['[ ', '(((', ' ', '\t', '{[(<', ',;', '1:', '-', '"', '2026-', '\n', '9.', 'e', '°', 'yd ']
const MOST_REPEATED = 1 << 20

const repeated = (roll: Dice): string => {
  const text = one(REPEATED, roll)
  return text.repeat(Math.ceil((MOST_REPEATED * roll.between(0, 1) ** 3) / text.length))
}

/** A body for a route: what it wants with a field that is odd, or nothing of the kind. */
export function bodyOf(target: string, roll: Dice, known: KnownIds): string {
  const what = roll.between(0, 1)
  if (what < 0.04) return '{'.repeat(Math.floor(roll.between(1, 5000)))
  if (what < 0.08) return '['.repeat(60) + ']'.repeat(60)
  if (what < 0.1) return 'x'.repeat(70_000)
  if (what < 0.12) return ''
  if (what < 0.13) return repeated(roll)
  const form = FORMS.find(([path]) => path.test(target.split('?')[0] ?? ''))?.[1]
  if (!form || what < 0.4) return JSON.stringify(object(roll, known))
  const body = form(known, roll) as Record<string, unknown>
  if (roll.chance(0.8)) {
    const field = roll.chance(0.8) ? one(Object.keys(body), roll) : one(FIELDS, roll)
    if (roll.chance(0.15)) delete body[field]
    else body[field] = roll.chance(0.05) ? repeated(roll) : value(roll, known, 0)
  }
  return JSON.stringify(body)
}
