import { parseArgs } from 'node:util'
import { setTimeout as pause } from 'node:timers/promises'
import { clubForLabel } from '@/core/shots/club-for-label'
import type { ClubId } from '@/core/model/ids'
import { lengthIn, speedIn } from '@/core/units'
import { dice, seedOf } from '../golfers/dice'
import { makeHiddenGolfer } from '../golfers/hidden-golfer'
import { hitShot } from '../golfers/hit-shot'
import { NET_LOFT } from '../golfers/net-loft'

const USAGE = `npm run monitor -- [options]
  --golfer NAME   whose swing to simulate; a name of your own makes up a golfer (Tilda Brandvoll)
  --club NAME     the club that is hit: 7i, driver, 54 … (7i)
  --swing NAME    full, three-quarter or half (full)
  --shots N       how many shots (6)
  --seed N        the same seed hits the same shots (1)
  --every MS      pause between shots (1500)
  --at MS         when the first ball was hit, milliseconds since 1970 (now): of what is past it is told at once
  --as NAME       the monitor's name (Net loft, bay 2)
  --bias YD       what it reads too much of every carry; --bias=-2 reads too little (0)
  --noise YD      how far a reading of a carry is off by chance, one standard deviation (0)
  --lose N        balls that it does not see, by number: 5 or 5,12
  --no-club       leave club and swing to the station that is open in the Bay
  --to URL        where Banco listens (http://127.0.0.1:4614)`

const { values } = parseArgs({
  options: {
    golfer: { type: 'string', default: 'Tilda Brandvoll' },
    club: { type: 'string', default: '7i' },
    swing: { type: 'string', default: 'full' },
    shots: { type: 'string', default: '6' },
    seed: { type: 'string', default: '1' },
    every: { type: 'string', default: '1500' },
    at: { type: 'string' },
    as: { type: 'string', default: 'Net loft, bay 2' },
    bias: { type: 'string', default: '0' },
    noise: { type: 'string', default: '0' },
    lose: { type: 'string', default: '' },
    'no-club': { type: 'boolean', default: false },
    to: { type: 'string', default: `http://127.0.0.1:${process.env.BANCO_PORT ?? 4614}` },
    help: { type: 'boolean', default: false },
  },
})

if (values.help) {
  console.log(USAGE)
  process.exit(0)
}

const seed = wholeNumber('seed', values.seed)
const golfer =
  NET_LOFT.find(({ name }) => name.toLowerCase() === values.golfer.toLowerCase()) ??
  makeHiddenGolfer(values.golfer, dice(seedOf(values.golfer)))
const named = golfer.clubs.map((club) => ({ id: club.name as ClubId, name: club.name }))
const clubName = clubForLabel(values.club, named)
const club = golfer.clubs.find(({ name }) => name === clubName)
if (!club) {
  console.error(
    `${golfer.name} has no "${values.club}". There are: ${named.map(({ name }) => name).join(', ')}.`,
  )
  process.exit(2)
}

const roll = dice(seed ^ seedOf(golfer.name) ^ seedOf(club.name + values.swing))
const shots = wholeNumber('shots', values.shots)
const every = wholeNumber('every', values.every)
const [bias, noise] = [number('bias', values.bias), number('noise', values.noise)]
const lost = values.lose.split(',').map((each) => each.trim())
// What one monitor misreads is its own: two of them see the same balls of one seed.
const misread = dice(seed ^ seedOf(values.as))
// A run's own name keeps its shot ids apart from those of an earlier run with the same seed.
const run = Date.now().toString(36)
const began = values.at === undefined ? Date.now() : wholeNumber('at', values.at)
for (let position = 0; position < shots; position++) {
  const { flight, truth } = hitShot(golfer, club, { swing: values.swing, position }, roll)
  const off = misread.normal(bias, noise)
  if (lost.includes(String(position + 1))) {
    console.log(`${position + 1}/${shots}  not seen`)
    await due(position + 1)
    continue
  }
  const read = (metres: number | undefined) => metres && Number((lengthIn(metres, 'yd') + off).toFixed(1))
  const yd = (metres: number | undefined) => metres && Number(lengthIn(metres, 'yd').toFixed(1))
  const mph = (mps: number | undefined) => mps && Number(speedIn(mps, 'mph').toFixed(1))
  const response = await post({
    id: `${values.as.replace(/[^\w]+/g, '-').toLowerCase()}-${run}-${seed}-${position + 1}`,
    hitAt: Math.min(Date.now(), began + position * every),
    monitor: values.as,
    units: { length: 'yd', speed: 'mph' },
    ...(!values['no-club'] && { club: values.club, swing: values.swing }),
    carry: read(flight.carryM ?? undefined),
    total: read(flight.totalM),
    ballSpeed: mph(flight.ballSpeedMps),
    clubSpeed: mph(flight.clubSpeedMps),
    launch: flight.launchDeg,
    spin: flight.spinRpm,
    offline: yd(flight.offlineM),
    peak: yd(flight.peakM),
    landing: flight.landingDeg,
  })
  console.log(
    `${position + 1}/${shots}  ${club.name} ${values.swing}  ${read(flight.carryM ?? undefined)} yd  ${truth}  ${response}`,
  )
  await due(position + 1)
}

/** A golfer does not wait for the answer: the next ball is hit when it is due. */
async function due(position: number): Promise<void> {
  if (position < shots) await pause(Math.max(0, began + position * every - Date.now()))
}

/** Posts until Banco has the shot: it is the same shot however often it is sent. */
async function post(shot: object): Promise<string> {
  for (let wait = 250; ; wait = Math.min(wait * 2, 5000)) {
    try {
      const response = await fetch(`${values.to}/api/feed/shots`, {
        method: 'POST',
        headers: { 'Content-Type': 'application/json' },
        body: JSON.stringify(shot),
      })
      if (response.status < 500) return `${response.status} ${(await response.text()).trim()}`
      console.error(`Banco answered ${response.status}: trying again in ${wait / 1000} s`)
    } catch {
      console.error(`Banco does not answer at ${values.to}: trying again in ${wait / 1000} s`)
    }
    await pause(wait)
  }
}

function wholeNumber(name: string, text: string): number {
  const value = Number(text)
  if (Number.isInteger(value) && value >= 0) return value
  console.error(`--${name} must be a whole number, and is "${text}".`)
  process.exit(2)
}

function number(name: string, text: string): number {
  const value = Number(text)
  if (Number.isFinite(value)) return value
  console.error(`--${name} must be a number, and is "${text}".`)
  process.exit(2)
}
