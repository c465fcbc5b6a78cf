/** How numbers are written in a table. */
export type Decimal = '.' | ','

const NOTHING = new Set([
  '',
  '-',
  '--',
  '---',
  '–',
  '—',
  'n/a',
  'na',
  'n.a.',
  'null',
  'none',
  'nan',
  '?',
  '#n/a',
  '#value!',
  '#div/0!',
])
/** Whether a cell says that there is nothing to say. */
export const saysNothing = (cell: string): boolean => NOTHING.has(cell.trim().toLowerCase())

/** A number of a cell with what stands beside it. */
type ReadCell = { value: number; side: -1 | 1 | null; suffix: string }

const CELL = /^([+-]?) ?(?:(l(?:eft)?|r(?:ight)?)\.? ?)?([+-]?)(\d(?:[\d.,]*\d)?|[.,]\d+)([^\d]*)$/i
/** A longer text is no number. */
const MAX_CELL = 200
const SIDE = /^(l(?:eft)?|r(?:ight)?)\b\.?$/i

/** Reads "131.2", "131,2", "1,234.5", "5'780", "131.2 yd", "12 L", "L12", "-12". Undefined where a cell holds no number. */
export function readCell(cell: string, decimal: Decimal): ReadCell | undefined {
  const quick = Number(cell)
  if (!Number.isNaN(quick) && cell.trim() !== '' && (decimal === '.' || !/\.\d{3}$/.test(cell)))
    return { value: quick, side: null, suffix: '' }
  if (cell.length > MAX_CELL) return undefined
  const plain = cell
    .replace(/[\u00a0\u2009\u202f'’]/g, ' ')
    .replace(/\s+/g, ' ')
    .replace(/[−–]/g, '-')
    .replace(/(\d) (?=\d{3}(?!\d))/g, '$1')
    .trim()
  const match = CELL.exec(plain)
  if (!match) return undefined
  const [, sign, before, innerSign, digits, after = ''] = match as unknown as [
    string,
    string,
    string | undefined,
    string,
    string,
    string,
  ]
  const value = plainNumber(digits, decimal)
  if (value === undefined) return undefined
  const words = after
    .replace(/^[.,]+/, '')
    .trim()
    .split(' ')
  const last = words.at(-1) ?? ''
  const word = before ?? (SIDE.test(last) ? last : undefined)
  const suffix = (before === undefined && word !== undefined ? words.slice(0, -1) : words).join(' ')
  const side = word === undefined ? null : /^l/i.test(word) ? -1 : 1
  return { value: (sign === '-' || innerSign === '-' ? -1 : 1) * value, side, suffix }
}

/** Digits with points and commas as one number: the last of two kinds is the decimal one; of one kind, three digits behind it may be thousands. */
function plainNumber(digits: string, decimal: Decimal): number | undefined {
  const [point, comma] = [digits.lastIndexOf('.'), digits.lastIndexOf(',')]
  const both = point >= 0 && comma >= 0
  const only = point >= 0 ? '.' : ','
  const mark: Decimal | null = both
    ? point > comma
      ? '.'
      : ','
    : point < 0 && comma < 0
      ? null
      : isThousands(digits, only) && only !== decimal
        ? null
        : digits.indexOf(only) === digits.lastIndexOf(only)
          ? only
          : null
  const whole =
    mark === null
      ? digits.replace(/[.,]/g, '')
      : digits.replaceAll(mark === '.' ? ',' : '.', '').replace(mark, '.')
  if (mark === null && both === false && /[.,]/.test(digits) && !isThousands(digits, only)) return undefined
  const value = Number(whole)
  return Number.isNaN(value) ? undefined : value
}

const isThousands = (digits: string, mark: Decimal): boolean =>
  new RegExp(`^\\d{1,3}(\\${mark}\\d{3})+$`).test(digits)

/** Whether a table writes decimals with a comma: what its numbers say, by their majority. */
export function decimalOf(cells: Iterable<string>): Decimal {
  let votes = 0
  for (const cell of cells) {
    if (/\d,(\d{1,2}|\d{4,})(?!\d)/.test(cell) && !/,\d{3}\./.test(cell)) votes++
    else if (/\d\.(\d{1,2}|\d{4,})(?!\d)/.test(cell) && !/\.\d{3},/.test(cell)) votes--
  }
  return votes > 0 ? ',' : '.'
}
