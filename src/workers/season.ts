import { season, type SeasonLine, type SeasonStation } from '@/core/flight/season'
import type { Day } from '@/core/flight/day'

export type SeasonAsked = { stations: SeasonStation[]; base: Day; day: Day }
export type SeasonAnswer = { day: Day; lines: SeasonLine[] }

self.onmessage = ({ data: { stations, base, day } }: MessageEvent<SeasonAsked>) =>
  self.postMessage({ day, lines: season(stations, base, day) } satisfies SeasonAnswer)
