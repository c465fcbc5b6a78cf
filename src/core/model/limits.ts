import { yards } from '../units'

/** Carries outside these limits are taken for misreads: no golf shot worth a stock lands there. */
export const PLAUSIBLE_CARRY_M = { least: yards(3), most: yards(450) } as const

export type Range = { least: number; most: number }

/**
 * The range of every number that a golfer can say, in canonical units: forms, files, sentences and fields of a
 * screen read them here. The database checks wider ones, against faults of ours.
 */
export const LIMITS = {
  carryM: PLAUSIBLE_CARRY_M,
  sidewaysM: { least: -411, most: 411 },
  /** Where a ball can come to rest, and what a target, a hole or a zone can lie at. */
  distanceM: { least: 0, most: 500 },
  /** As sure as a golfer can want to be: never certain, never by chance. */
  sureness: { least: 0.5, most: 0.99 },
  /** What can be left to a target on any hole. */
  leftM: { least: 0, most: 700 },
  /** How far a chip flies. */
  chipM: { least: 0.5, most: 40 },
  halfWidthM: { least: 1, most: 60 },
  heightM: { least: -60, most: 60 },
  /** Along a shot, either way: more is no golf. */
  windOfShotMps: { least: 0, most: 20 },
  toleranceM: { least: 0.5, most: 20 },
  gapTooCloseM: { least: 0, most: 100 },
  gapTooWideM: { least: 0, most: 150 },
  altitudeM: { least: -500, most: 5000 },
  pressureHpa: { least: 500, most: 1100 },
  /** Of a forecast, reduced to the level of the sea. */
  seaLevelHpa: { least: 850, most: 1100 },
  humidity: { least: 0, most: 1 },
  /** Of air that golf is played in. */
  dayTempC: { least: -30, most: 50 },
  /** Of air as it was measured where shots were hit. */
  tempC: { least: -50, most: 60 },
  ballTempC: { least: -50, most: 80 },
  windMps: { least: 0, most: 60 },
  /** Along or across the line of play: negative against it, or from the right. */
  windAlongMps: { least: -60, most: 60 },
  windHeightM: { least: 0.5, most: 100 },
  /** How far a monitor's checklist can want it from the ball, and how far it can stand. */
  unitWantedM: { least: 0, most: 100 },
  unitM: { least: 0, most: 1000 },
  ageLimitDays: { least: 14, most: 365 },
  longestMin: { least: 10, most: 600 },
  shotsOfBlock: { least: 1, most: 200 },
  restEvery: { least: 0, most: 200 },
  restS: { least: 0, most: 3600 },
  planDay: { least: 1, most: 100 },
  /** How far back an arm goes on a clock's face. */
  clock: { least: 6, most: 13 },
  lengthShare: { least: 0, most: 1 },
  /** Wide enough for every driver, wedge and putter made. */
  loftDeg: { least: 0, most: 80 },
  lieDeg: { least: 45, most: 80 },
  clubLengthM: { least: 0.6, most: 1.35 },
  bounceDeg: { least: -5, most: 25 },
  sleeveDeg: { least: 0, most: 4 },
  longerM: { least: -0.06, most: 0.06 },
  turnDeg: { least: -4, most: 4 },
  shaftG: { least: 30, most: 160 },
  liking: { least: 1, most: 5 },
  gripDownCm: { least: 0, most: 15 },
  offsetMin: { least: -900, most: 900 },
  /** How long a visit to a coach takes. */
  visitMin: { least: 5, most: 600 },
  /** Rounds or weeks until a coach asks. */
  followAfter: { least: 1, most: 60 },
} as const satisfies Record<string, Range>

/** No clock that goes right says later, in milliseconds since 1970: the year 2096. */
export const LATEST_MS = 4e12

/** The most letters of what a golfer writes. */
export const MAX_LENGTH = {
  golfer: 60,
  bag: 60,
  club: 40,
  swing: 40,
  label: 40,
  /** The golfer's own word for a set, and for a shaft. */
  model: 40,
  refit: 60,
  shaft: 60,
  flex: 20,
  grip: 40,
  sleeveAt: 40,
  place: 40,
  ball: 40,
  monitor: 40,
  /** As a feed or a receiver names it. */
  device: 60,
  tempo: 60,
  check: 80,
  reason: 200,
  handReason: 120,
  likes: 400,
  consent: 400,
  toDo: 1000,
  coachWords: 4000,
  look: 400,
} as const

/** Whether a number lies in a range, its ends with it. */
export const isWithin = (value: number, { least, most }: Range): boolean => value >= least && value <= most
