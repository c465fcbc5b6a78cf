import { playsAs, greenOf, hazardOf, numberFound, type NumberRequest } from '@/core/course/number'
import type { CourseShot } from '@/core/course/course-shots'
import { HAZARDS, type HazardKind } from '@/core/model/cover-confidence'
import type { OfflineCard } from '@/core/course/offline-card'
import type { ClubId } from '@/core/model/ids'
import { readLength } from '@/core/shots/typed-length'
import { choiceLine, playsAsLine, numberFinding } from '@/text/course-number'
import { age, chance } from '@/text/numbers'
import { mpsFrom, type HeightUnit } from '@/core/units'

/** The number picker of the offline card. It runs from its own file, without Banco and without a network. */

const taken = JSON.parse(document.getElementById('taken')?.textContent ?? '') as OfflineCard
/** Air of yesterday is another. */
const OLD_MS = 18 * 3_600_000
const shots = taken.shots.map(({ name, ...shot }): CourseShot => ({
  ...shot,
  // A name is all that the file knows of a club.
  clubId: name as ClubId,
  swing: '',
  path: [],
}))

const element = <T extends HTMLElement>(id: string): T => document.getElementById(id) as T
const lengthOf = (id: string, unit: HeightUnit = taken.units.lengthUnit): number | null => {
  const read = readLength(element<HTMLInputElement>(id).value, unit)
  return read === null || Number.isNaN(read) ? null : read
}
const wordOf = (id: string): string => element<HTMLSelectElement>(id).value

/** The shot as the fields ask for it; null before the distance is known. */
function request(): NumberRequest | null {
  const leftM = lengthOf('left')
  if (leftM === null || leftM <= 0) return null
  const wind = Number(element<HTMLInputElement>('wind').value.replace(',', '.')) || 0
  const blows = mpsFrom(Math.abs(wind), taken.units.speedUnit)
  return {
    leftM,
    by: element<HTMLInputElement>('rest').checked ? 'finish' : 'carry',
    fromTee: element<HTMLInputElement>('tee').checked,
    heightM: lengthOf('height', taken.units.lengthUnit === 'yd' ? 'ft' : 'm') ?? 0,
    tailwindMps: wordOf('along') === 'with' ? blows : -blows,
    dayWindMps: taken.dayWindMps,
    sure: taken.sure,
    ...greenOf(lengthOf('front'), lengthOf('back'), lengthOf('wide')),
    ...hazardOf('over', wordOf('over-kind') as HazardKind, lengthOf('over')),
    ...hazardOf('behind', wordOf('behind-kind') as HazardKind, lengthOf('behind')),
  }
}

function respond(): void {
  const of = request()
  const [finding, list] = [element('finding'), element('answer')]
  list.replaceChildren()
  if (!of) {
    finding.textContent = 'How far is it?'
    return
  }
  const choices = numberFound(shots, of)
  const [best] = choices
  const name = ({ shot }: (typeof choices)[number]) => shot.clubId
  finding.textContent = `${best ? playsAsLine(of, playsAs(best, of.leftM), taken.units) : ''}${numberFinding(choices, of, name, taken.units)}.`
  for (const choice of choices) {
    const item = document.createElement('li')
    const [club, likely, line] = [
      document.createElement('b'),
      document.createElement('span'),
      document.createElement('small'),
    ]
    club.textContent = name(choice)
    likely.textContent = chance(choice.chance)
    line.textContent = `${choice.sureEnough || choice.layUp ? '' : 'less sure than you asked for; '}${choice.shot.asOnCourse ? 'as on the course; ' : ''}${choiceLine(choice, of, taken.units)}`
    item.append(club, likely, line)
    list.append(item)
  }
}

for (const kind of ['over-kind', 'behind-kind'])
  element(kind).append(...HAZARDS.map((each) => new Option(each, each)))
element<HTMLSelectElement>('behind-kind').value = 'bunker'
const old = Date.now() - taken.madeMs
element('age').textContent =
  old > OLD_MS ? `Made ${age(old)}, for the air of that day: take a new one along for today’s.` : ''
document.getElementById('number')?.addEventListener('input', respond)
respond()
