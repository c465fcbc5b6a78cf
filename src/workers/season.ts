import { season, type SeasonLine, type SeasonStation } from '@/core/flight/season'
import type { Day } from '@/core/flight/day'

export type SeasonAsked = { id: number; stations: SeasonStation[]; base: Day; day: Day }
export type SeasonAnswer = { id: number; lines: SeasonLine[] }

self.onmessage = ({ data: { id, stations, base, day } }: MessageEvent<SeasonAsked>) =>
  self.postMessage({ id, lines: season(stations, base, day) } satisfies SeasonAnswer)
