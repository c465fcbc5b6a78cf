import type { Drawing, Part } from './drawing'
import { ruler } from './ruler'

/** How one club goes along a ruler of temperature or altitude, all in the golfer's units. */
export type SeasonTrace = {
  name: string
  /** The change with half of its 90% interval. */
  points: { at: number; change: number; half: number }[]
  chosen: boolean
}
export type SeasonPanel = {
  /** What stands along the ruler: "temperature, °C". */
  along: string
  /** Where the day stands on it. */
  now: number
  traces: SeasonTrace[]
  unit: string
}

const HEIGHT = 250
const TOP = 40
const AXIS = 200
const NAME_APART = 15

/** What a change of air does to each club: change in carry beside the day's, upwards longer, over the ruler. */
export function seasonPanel({ along, now, traces, unit }: SeasonPanel, width: number): Drawing {
  const ats = traces.flatMap(({ points }) => points.map(({ at }) => at))
  const [from, to] = ats.length > 0 ? [Math.min(...ats), Math.max(...ats)] : [0, 1]
  const scale = { left: 52, right: width - 92, from, to }
  const changes = traces.flatMap(({ points }) =>
    points.flatMap(({ change, half }) => [change - half, change + half]),
  )
  const most = Math.max(2, ...changes)
  const least = Math.min(-2, ...changes)
  const y = (change: number) => TOP + ((most - change) / (most - least)) * (AXIS - 12 - TOP)
  const parts: Part[] = [
    { kind: 'label', x: { px: 6 }, y: 16, text: along, ink: 'ink', size: 13.5, weight: 600, align: 'left' },
    ...levels(least, most).flatMap((level): Part[] => [
      {
        kind: 'line',
        x1: from,
        y1: y(level),
        x2: to,
        y2: y(level),
        ink: level === 0 ? 'line' : 'hair',
        weight: 1,
      },
      {
        kind: 'label',
        x: { px: 44 },
        y: y(level),
        text: level > 0 ? `+${level}` : level < 0 ? `−${-level}` : `0 ${unit}`,
        ink: 'quiet',
        size: 12.5,
        weight: 500,
        align: 'right',
      },
    ]),
    ...ruler(scale, { y: AXIS, side: 'below' }),
    { kind: 'line', x1: now, y1: TOP - 12, x2: now, y2: AXIS, ink: 'dye', weight: 1.5, dash: [4, 3] },
  ]
  const ordered = [...traces].sort((a, b) => Number(a.chosen) - Number(b.chosen))
  for (const { points, chosen } of ordered) {
    const ink = chosen ? 'dye' : 'quiet'
    parts.push({
      kind: 'area',
      // Many bands lie over each other: faint ones leave the lines to be seen.
      ink: chosen ? 'dye' : 'line',
      outline: [
        ...points.map(({ at, change, half }) => ({ x: at, y: y(change + half) })),
        ...points.toReversed().map(({ at, change, half }) => ({ x: at, y: y(change - half) })),
      ],
    })
    for (let i = 1; i < points.length; i++) {
      const [a, b] = [
        points[i - 1] as SeasonTrace['points'][number],
        points[i] as SeasonTrace['points'][number],
      ]
      parts.push({
        kind: 'line',
        x1: a.at,
        y1: y(a.change),
        x2: b.at,
        y2: y(b.change),
        ink,
        weight: chosen ? 2.75 : 1,
        // Perhaps nothing: the band holds zero.
        ...(Math.min(Math.abs(a.change) - a.half, Math.abs(b.change) - b.half) < 0 && { dash: [3, 3] }),
      })
    }
  }
  return { width, height: HEIGHT, ...scale, parts: [...parts, ...names(traces, y, scale.right)] }
}

/** Whole numbers for the levels, five or so of them, zero among them. */
function levels(least: number, most: number): number[] {
  const step = [1, 2, 5, 10, 20, 50, 100].find((each) => (most - least) / each <= 6) ?? 200
  const first = Math.ceil(least / step)
  return Array.from({ length: Math.floor(most / step) - first + 1 }, (_, i) => (first + i) * step)
}

/** Names at the ends of the traces, the chosen ones and the outermost; those that would overlap are left out. */
function names(traces: SeasonTrace[], y: (change: number) => number, right: number): Part[] {
  const ends = traces.flatMap(({ name, points, chosen }) => {
    const last = points.at(-1)
    return last ? [{ name, y: y(last.change), chosen }] : []
  })
  const byPlace = [...ends].sort((a, b) => a.y - b.y)
  const outermost = [byPlace[0], byPlace.at(-1)]
  const wanted = [...ends].sort(
    (a, b) =>
      Number(b.chosen) - Number(a.chosen) || Number(outermost.includes(b)) - Number(outermost.includes(a)),
  )
  const placed: number[] = []
  return wanted.flatMap((end): Part[] => {
    if (placed.some((taken) => Math.abs(taken - end.y) < NAME_APART)) return []
    placed.push(end.y)
    const look = end.chosen
      ? ({ ink: 'dye', weight: 700 } as const)
      : ({ ink: 'quiet', weight: 500 } as const)
    return [
      { kind: 'label', x: { px: right + 7 }, y: end.y, text: end.name, size: 12.5, align: 'left', ...look },
    ]
  })
}
