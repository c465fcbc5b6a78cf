import { season, type SeasonLine, type SeasonStation } from '@/core/course/season'
import type { Day } from '@/core/session/day'

export type SeasonRequest = { stations: SeasonStation[]; base: Day; day: Day }
export type SeasonResult = { day: Day; lines: SeasonLine[] }

self.onmessage = ({ data: { stations, base, day } }: MessageEvent<SeasonRequest>) =>
  self.postMessage({ day, lines: season(stations, base, day) } satisfies SeasonResult)
