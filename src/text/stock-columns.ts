import { ordinaryRun, runOfTotals, type OrdinaryRun } from '@/core/stock/station-run'
import type { Golfer } from '@/core/model/golfer'
import { FLIGHT, unitOfKind, type FlightField } from '@/core/shots/flight-fields'
import { isHit, type Stock } from '@/core/stock/stock'
import { lengthIn, speedIn } from '@/core/units'
import { AS_HIT } from './day'
import { aroundCell, fixed, len, lenUnit, side, speed } from './numbers'
import { EXPECTED, ADJUSTMENT_NAME } from './names'
import { RUN_FROM } from './run'

/** What stands in a cell: nothing is an empty text. */
type StockCell = {
  text: string
  /** A model of the flight fills it: shown in italics behind ≈. */
  modelled?: true
  /** What else is said where one asks. */
  title?: string
  /** In small letters behind it. */
  detail?: string
}

export type StockColumn = {
  title: (golfer: Golfer) => string
  cell: (stock: Stock, golfer: Golfer) => StockCell
  /** A column that no stock has anything for is left out: typed shots have few numbers. Absent: always there. */
  has?: (stock: Stock) => boolean
  screen?: true
  /** Its share of a paper's width; absent: not on paper. */
  paper?: number
  /** What stands beside it in small letters is said elsewhere on paper. */
  bare?: true
  /** What files say of it, in the golfer's units and with more digits; absent: not in files. */
  file?: { title: (golfer: Golfer) => string; value: (stock: Stock, golfer: Golfer) => string | number }[]
}

const NOTHING: StockCell = { text: '' }
const text = (value: string): StockCell => ({ text: value })

/** A column of files that holds a length. */
const lengths = (name: string, of: (stock: Stock) => number | undefined) => ({
  title: ({ lengthUnit }: Golfer) => `${name} (${lengthUnit})`,
  value: (stock: Stock, { lengthUnit }: Golfer) => {
    const metres = of(stock)
    return metres === undefined ? '' : Number(lengthIn(metres, lengthUnit).toFixed(2))
  },
})
const plain = (name: string, value: (stock: Stock, golfer: Golfer) => string | number) => ({
  title: () => name,
  value,
})

/** A number of a stock's run, marked where no ball's total said it. */
function ofRun(
  title: string,
  paper: number | null,
  of: (run: OrdinaryRun) => number,
  file: NonNullable<StockColumn['file']>,
): StockColumn {
  return {
    title: () => title,
    has: (stock) => ordinaryRun(stock) !== null,
    cell: (stock, golfer) => {
      const run = ordinaryRun(stock)
      if (!run) return NOTHING
      const value = len(of(run), golfer)
      if (run.from === 'modelled') return { text: value, modelled: true }
      return run.from === 'monitor' ? { text: `${value}*`, title: RUN_FROM.monitor } : text(value)
    },
    screen: true,
    ...(paper !== null && { paper }),
    file,
  }
}

type MeasuredField = Exclude<FlightField, 'carryM'>
/** What the solid shots measure on average, or a model fills. */
function average(
  field: MeasuredField,
  title: (golfer: Golfer) => string,
  inWords: (value: number, golfer: Golfer) => string,
  more: { paper?: number; decimals: number },
): StockColumn {
  const modelledOf = ({ modelled }: Stock) =>
    field === 'peakM' || field === 'landingDeg' ? modelled?.[field] : undefined
  const { kind, title: name } = FLIGHT[field]
  const { decimals, ...where } = more
  return {
    title,
    has: (stock) => (stock.averages[field] ?? modelledOf(stock)) !== undefined,
    cell: (stock, golfer) => {
      const measured: number | undefined = stock.averages[field]
      if (measured !== undefined) return text(inWords(measured, golfer))
      const modelled = modelledOf(stock)
      return modelled === undefined ? NOTHING : { text: inWords(modelled, golfer), modelled: true }
    },
    screen: true,
    ...where,
    file: [
      {
        title: (golfer) => `${name} (${unitOfKind(kind, golfer)})`,
        value: (stock, { lengthUnit, speedUnit }) => {
          const value: number | undefined = stock.averages[field]
          if (value === undefined) return ''
          const given =
            kind === 'speed'
              ? speedIn(value, speedUnit)
              : kind === 'length' || kind === 'height'
                ? lengthIn(value, lengthUnit)
                : value
          return Number(given.toFixed(decimals))
        },
      },
    ],
  }
}

/** What every table of stocks says behind the name of a station, in order: on the screen, on paper and in files. */
export const STOCK_COLUMNS: StockColumn[] = [
  {
    title: ({ lengthUnit }) => `Carry, ${lengthUnit}`,
    cell: (stock, golfer) => {
      if (stock.byHand) return { text: len(stock.byHand.carryM, golfer, 1), detail: 'by hand' }
      if (!isHit(stock)) return text('not hit')
      const carry = text(len(stock.carryM, golfer, 1))
      return stock.isExpected ? { ...carry, modelled: true, detail: EXPECTED } : carry
    },
    paper: 0.09,
    file: [
      lengths('carry', ({ carryM }) => carryM),
      lengths('carry low 90%', ({ lowM }) => lowM),
      lengths('carry high 90%', ({ highM }) => highM),
      lengths('sd', ({ sdM }) => sdM),
    ],
  },
  {
    title: () => '±',
    cell: (stock, golfer) =>
      stock.byHand || !isHit(stock)
        ? NOTHING
        : {
            text: aroundCell(stock, golfer),
            title: `between ${len(stock.lowM, golfer, 1)} and ${lenUnit(stock.highM, golfer, 1)}, 90%`,
          },
    screen: true,
    paper: 0.09,
  },
  {
    title: () => 'Typical range',
    cell: ({ reachM }, golfer) =>
      text(reachM ? `${len(reachM[0], golfer)} to ${len(reachM[1], golfer)}` : ''),
    screen: true,
    paper: 0.12,
    file: [
      lengths('reach low', ({ reachM }) => reachM?.[0]),
      lengths('reach high', ({ reachM }) => reachM?.[1]),
    ],
  },
  ofRun('Roll', null, ({ runM }) => runM, [lengths('run', (stock) => runOfTotals(stock)?.runM)]),
  ofRun('Total', 0.07, ({ totalM }) => totalM, [lengths('total', (stock) => runOfTotals(stock)?.totalM)]),
  average('ballSpeedMps', ({ speedUnit }) => `Ball, ${speedUnit}`, speed, { paper: 0.1, decimals: 2 }),
  average(
    'launchDeg',
    () => 'Launch',
    (value) => `${fixed(value, 1)}°`,
    { paper: 0.08, decimals: 2 },
  ),
  average(
    'spinRpm',
    () => 'Spin',
    (value) => fixed(value, 0),
    { paper: 0.07, decimals: 0 },
  ),
  average('peakM', () => 'Peak', len, { decimals: 2 }),
  average(
    'landingDeg',
    () => 'Lands',
    (value) => `${fixed(value, 0)}°`,
    { decimals: 1 },
  ),
  average('offlineM', () => 'Side', side, { decimals: 2 }),
  {
    title: () => 'Good',
    cell: ({ count, conditions, inAir, older, leftOut, adjustments = [] }) => {
      const asHit = inAir?.asHit ?? 0
      const details = [
        older !== undefined && `newest of ${count + leftOut.length + older}`,
        conditions?.countedWhy.some((each) => each === 'wind' || each === 'rough') && 'wind',
        asHit > 0 && `${asHit} as measured`,
        ...adjustments.map(({ kind, of }) =>
          kind === 'offSurface' ? `off ${of.join(', ')}` : ADJUSTMENT_NAME[kind],
        ),
      ].filter(Boolean)
      return {
        text: count === 0 ? '' : String(count),
        ...(details.length > 0 && { detail: details.join(' ') }),
        ...(asHit > 0 && { title: (inAir?.because ?? []).map((each) => AS_HIT[each]).join('; ') }),
      }
    },
    screen: true,
    paper: 0.06,
    bare: true,
    file: [
      plain('solid shots', ({ count }) => count),
      plain('expected after a change', ({ isExpected }) => (isExpected ? 'yes' : '')),
      plain('holds', ({ adjustments = [] }) =>
        adjustments.map(({ kind, of }) => `${ADJUSTMENT_NAME[kind]}: ${of.join(', ')}`).join('; '),
      ),
    ],
  },
  {
    title: () => 'Left out',
    has: ({ leftOut }) => leftOut.length > 0,
    cell: ({ leftOut }) => text(leftOut.length === 0 ? '' : String(leftOut.length)),
    screen: true,
    paper: 0.08,
    file: [plain('left out', ({ leftOut }) => leftOut.length)],
  },
  {
    title: () => 'Rule',
    cell: () => NOTHING,
    file: [
      plain('rule', (_, { stockRule }) => stockRule),
      lengths('by hand', ({ byHand }) => byHand?.carryM),
      plain('by hand because', ({ byHand }) => byHand?.because ?? ''),
    ],
  },
]

/** A cell as one line of letters, for paper. */
export const cellText = ({ text: words, modelled, detail: details }: StockCell): string =>
  words === '' ? '' : `${modelled ? '≈ ' : ''}${words}${details ? ` ${details}` : ''}`

/** A table of stocks as files have it: titles, then a row a station. */
export function stockRows(
  stocks: readonly Stock[],
  golfer: Golfer,
  name: (clubId: string) => string,
): (string | number)[][] {
  const columns = STOCK_COLUMNS.flatMap(({ file }) => file ?? [])
  return [
    ['club', 'swing', ...columns.map(({ title }) => title(golfer))],
    ...stocks.map((stock) => [
      name(stock.clubId),
      stock.swing,
      ...columns.map(({ value }) => value(stock, golfer)),
    ]),
  ]
}
