import {
  FLIGHT,
  FLIGHT_FIELDS,
  FLIGHT_NAMES,
  type FlightKind,
  type FlightName,
  unitOfKind,
} from '@/core/shots/flight-fields'
import type { LengthUnit, SpeedUnit } from '@/core/units'

/** What a column of a table can hold besides a flight's numbers. */
const OTHER_KINDS = {
  club: 'text',
  swing: 'text',
  date: 'date',
  time: 'time',
  session: 'text',
  id: 'text',
  mark: 'text',
  monitor: 'text',
  left: 'length',
  after: 'length',
  lie: 'text',
  place: 'text',
} as const
type OtherField = keyof typeof OTHER_KINDS

/** What a column of a table of shots can hold. */
export const TABLE_FIELDS: readonly ShotField[] = [
  'club',
  'swing',
  ...FLIGHT_NAMES,
  'date',
  'time',
  'session',
  'id',
  'mark',
  'monitor',
]
/** What a column of a table of rounds can hold. */
const ROUND_FIELDS = ['club', 'swing', 'left', 'after', 'carry', 'lie', 'place', 'date', 'session'] as const
export type TableField = FlightName | OtherField
export type ShotField = Exclude<TableField, 'left' | 'after' | 'lie' | 'place'>
export type TableLength = LengthUnit | 'ft' | 'in'
/** Days before months, or months before days. */
export type DateOrder = 'dmy' | 'mdy'
export type TableUnit = TableLength | SpeedUnit | 'ft/s' | 'rpm' | 'deg' | 'ms' | DateOrder

type Kind = FlightKind | (typeof OTHER_KINDS)[OtherField]
/** What kind of number a field is, which says what units it can have. */
export const KIND_OF = {
  ...OTHER_KINDS,
  ...Object.fromEntries(FLIGHT_FIELDS.map((field) => [FLIGHT[field].name, FLIGHT[field].kind])),
} as Record<TableField, Kind>
const LENGTHS = ['yd', 'm', 'ft', 'in'] as const
export const UNITS_OF: Record<Kind, readonly TableUnit[]> = {
  length: LENGTHS,
  height: LENGTHS,
  speed: ['mph', 'km/h', 'm/s', 'ft/s'],
  angle: ['deg'],
  spin: ['rpm'],
  text: [],
  date: ['dmy', 'mdy'],
  time: [],
}

/** Names of columns in the trade's plain words, in several languages; the better name of a field first. */
const NAMES: [TableField, RegExp][] = [
  [
    'carry',
    /^(carry( (distance|length|flat|total)){0,2}|flat carry|portee|vuelo|carrylange|carry lange|carry weite)$/,
  ],
  [
    'total',
    /^(total( (distance|length|carry)){0,2}|distance total|total lange|gesamt(lange|weite|distanz)?|distance totale|distancia total)$/,
  ],
  [
    'ballSpeed',
    /^(ball ?(speed|velocity|v)|speed ball|ballgeschwindigkeit|ball geschwindigkeit|vitesse (de )?balle|velocidad (de )?(la )?bola|smashed ball speed)$/,
  ],
  [
    'clubSpeed',
    /^((club ?(head)?|swing|head) ?(speed|velocity|v)|schlager(kopf)?geschwindigkeit|vitesse (de )?(club|tete)|velocidad (del? )?palo)$/,
  ],
  [
    'launch',
    /^(launch( ?angle)?( v| vertical)?|angle launch|vertical launch( angle)?|v ?launch( angle)?|vla|start ?winkel|abflugwinkel|angle (de )?lancement|angulo (de )?(lanzamiento|salida))$/,
  ],
  ['spin', /^(spin( ?rate)?|total ?spin|ball ?spin|spin total|spinrate|taux (de )?spin)$/],
  ['spin', /^(back ?spin)$/],
  [
    'landing',
    /^(land(ing)?( ?angle)?|descent( ?angle)?|angle (of )?(descent|landing)|(lande|auftreff|eintreff)winkel|angle (de )?descente|angulo (de )?(caida|descenso))$/,
  ],
  [
    'peak',
    /^(peak( ?height)?|apex( ?height)?|height (at )?(peak|apex)|max(imum)? ?height|height( max| apex)?|hohe|scheitelhohe|max hohe|hauteur( max)?|apogee|altura( max)?)$/,
  ],
  [
    'offline',
    /^(off ?line( distance)?|carry (side|offline|deviation)|side carry|side( distance)?|lateral( (distance|deviation))?|deviation( distance)?|off ?target|dispersion|seite|seitliche abweichung|abweichung|ecart( lateral)?|desviacion( lateral)?)$/,
  ],
  ['offline', /^(total (side|offline|deviation)|side total)$/],
  ['club', /^(club( ?(name|type|used|id))?|clubtype|schlager|palo|club utilise|baton)$/],
  ['swing', /^(swing( ?(type|length|name))?|(type|kind) of (swing|shot)|shot ?type|schwung|swing art)$/],
  [
    'date',
    /^(date|day|datum|fecha|jour|session date|date ?time|timestamp|time ?stamp|hit at|shot (date|time)|date (and )?(time|heure)|recorded( at)?|created( at)?|zeitpunkt)$/,
  ],
  ['time', /^(time( of day)?|uhrzeit|zeit|heure|hora|clock)$/],
  ['session', /^(session( ?(id|name|no|number))?|practice|round)$/],
  ['id', /^(id|shot ?id|uuid|guid)$/],
  ['mark', /^mark$/],
  ['monitor', /^((launch )?monitor( ?name)?|device( ?name)?|gerat|appareil|dispositivo)$/],
]

/** Names of columns in tables of rounds; in a monitor's table they would mean something else. */
const ROUND_NAMES: [TableField, RegExp][] = [
  [
    'left',
    /^((distance )?left( before)?|(distance )?(to (the )?(target|pin|hole|flag))|to go|asked( for)?|rest)$/,
  ],
  ['after', /^((distance )?left after|after|(ended|finished)( from (the )?(target|pin|hole))?|then left)$/],
  ['lie', /^(lie|from|lage)$/],
  ['place', /^(place|course|where|ort|platz)$/],
]

const CANONICAL = { lengthUnit: 'm', speedUnit: 'm/s' } as const
/** Column names of Banco's own files, letter for letter. */
const OWN: Record<string, [TableField, TableUnit | null]> = {
  ...Object.fromEntries(
    FLIGHT_FIELDS.map((field): [string, [TableField, TableUnit]] => [
      field,
      [FLIGHT[field].name, unitOfKind(FLIGHT[field].kind, CANONICAL)],
    ]),
  ),
  hitMs: ['date', 'ms'],
}

const UNIT_WORDS: [TableUnit, RegExp][] = [
  ['km/h', /^(km ?\/? ?h|kmh|kph|km ?\/ ?(std|hr?)|kilomet(er|re)s? (per|an|a|\/) hour)$/],
  ['m/s', /^(m ?\/ ?s|mps|m ?\/ ?sec|m s|met(er|re)s? (per|a|\/) sec(ond)?)$/],
  ['ft/s', /^(ft ?\/ ?s(ec)?|fps|f(ee|oo)t (per|a|\/) sec(ond)?)$/],
  ['mph', /^(mph|mi ?\/ ?h|miles ?\/ ?h(our)?|miles (per|an) hour)$/],
  ['rpm', /^(rpm|u\/min|1\/min|tr\/min|revs?)$/],
  ['deg', /^(deg|degs|degrees?|grad|°|º|degres|grados)$/],
  ['ft', /^(ft|feet|foot|fuss|')$/],
  ['in', /^(in|ins|inch|inches|zoll|")$/],
  ['yd', /^(yd|yds|yards?|y|yardas|verges)$/],
  ['m', /^(m|mtr|mtrs|met(er|re)s?|meter|metros?)$/],
]

/** The unit that a word means; null where it is none. */
export function unitOf(word: string): TableUnit | null {
  const plain = plainWords(word)
    .replace(/[()[\]{}]/g, '')
    .trim()
  return UNIT_WORDS.find(([, words]) => words.test(plain))?.[0] ?? null
}

/** Words of titles that stand for longer ones. */
const SHORT_WORDS: Record<string, string> = {
  ang: 'angle',
  spd: 'speed',
  vel: 'velocity',
  dist: 'distance',
  dst: 'distance',
  ht: 'height',
  hgt: 'height',
  len: 'length',
}
/** "in kilometres an hour": a unit behind a name has at most so many words. */
const MOST_UNIT_WORDS = 4

/** The unit that the last words of a title name, "in" before it or not. */
function unitOfWords(words: readonly string[]): TableUnit | null {
  const named = words[0] === 'in' && words.length > 1 ? words.slice(1) : words
  return unitOf(named.join(' ')) ?? unitOf(named.join('/'))
}

export type ReadTitle = (title: string) => { field: TableField; rank: number; unit: TableUnit | null } | null

/** What a column's title says of it: the field, how good a name it is for it, and the unit where it names one. */
export const readTitle: ReadTitle = (title) => titleRead(title, NAMES)
/** The same of a table of rounds. */
export const readRoundTitle: ReadTitle = (title) => {
  const found = titleRead(title, [...ROUND_NAMES, ...NAMES])
  return found && (ROUND_FIELDS as readonly string[]).includes(found.field) ? found : null
}

/** A longer text is no title of a column. */
const MAX_TITLE = 200

function titleRead(title: string, names: typeof NAMES): ReturnType<ReadTitle> {
  const trimmed = title.trim().slice(0, MAX_TITLE)
  const own = OWN[trimmed]
  if (own) return { field: own[0], rank: -1, unit: own[1] }
  const spaced = trimmed.replace(/([a-z])([A-Z])/g, '$1 $2')
  const bracket = /[([{<]([^()[\]{}<>]*)[)\]}>]/.exec(spaced)
  let unit = bracket ? unitOf((bracket[1] as string).trim()) : null
  const words = plainWords(bracket ? spaced.replace(bracket[0], ' ') : spaced)
    .replace(/[_\-–./:#,]+/g, ' ')
    .split(' ')
    .filter(Boolean)
    .map((word) => SHORT_WORDS[word] ?? word)
  const known = (list: string[]) => {
    const name = list.join(' ')
    const rank = names.findIndex(([, words]) => words.test(name))
    return rank < 0 ? null : { field: (names[rank] as [TableField, RegExp])[0], rank }
  }
  // "carry yds", "ball speed km h", "peak height ft": the unit stands behind the name.
  for (let take = 0; take <= MOST_UNIT_WORDS && take < words.length; take++) {
    const found = known(words.slice(0, words.length - take))
    const behind = take === 0 ? null : unitOfWords(words.slice(words.length - take))
    if (!found || (take > 0 && behind === null)) continue
    unit ??= behind
    const fits = unit !== null && UNITS_OF[KIND_OF[found.field]].includes(unit)
    return { ...found, unit: fits ? unit : null }
  }
  return null
}

const plainWords = (text: string): string =>
  text
    .normalize('NFD')
    .replace(/[\u0300-\u036f]/g, '')
    .replace(/ß/g, 'ss')
    .toLowerCase()
    .replace(/\s+/g, ' ')
    .trim()
