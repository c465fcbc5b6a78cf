import type { Units } from '@/core/model/golfer'
import type { ActionFacts } from '@/core/session/action'
import { MARK_NAME, stationName } from './names'
import { count, len, lenUnit } from './numbers'

/** What an action was, as it stands behind "Undo": "92.2 yd from the monitor", "fat for 91.0 yd". */
export function actionWords(action: ActionFacts, units: Units, name: (clubId: string) => string): string {
  const shot = ({ shots, carryM }: { shots: number; carryM: number | null }) =>
    shots > 1 ? count(shots, 'shot') : carryM === null ? 'a shot' : lenUnit(carryM, units, 1)
  switch (action.kind) {
    case 'taken':
      return `${shot(action)} ${action.source === 'typed' ? 'typed' : `from the ${action.source}`}`
    case 'corrected':
      return `${action.fromM === null ? 'no carry' : len(action.fromM, units, 1)} corrected to ${shot(action)}`
    case 'to-golfer':
      return `${shot(action)} from ${action.from} to ${action.to}`
    case 'mark':
      return action.mark === null
        ? `no mark for ${shot(action)}`
        : `${MARK_NAME[action.mark]} for ${shot(action)}`
    case 'station':
      return `${shot(action)} to the ${stationName(name(action.clubId), action.swing)}`
    case 'released':
      return `${shot(action)} taken as ${action.shots > 1 ? 'they are' : 'it is'}`
    case 'withdrawn':
      return `${shot(action)} left out for good`
    case 'warm-up':
      return action.on ? 'warm-up begins' : 'warm-up ends'
    case 'air':
      return 'the air from here on'
    case 'ball':
      return `${action.ball} from here on`
    case 'expectation':
      return `${lenUnit(action.carryM, units, 1)} expected of the ${stationName(name(action.clubId), action.swing)}`
  }
}
