import type { Head, Job } from '@/core/bag/club-build'
import type { Bag } from '@/core/bag/bag'
import { usualGapRule } from '@/core/gaps/zones'
import { type GapRule } from '@/core/model/gap-rule'
import type { BagWish, Golfer, Level } from '@/core/model/golfer'
import type { HeldReason } from '@/core/model/held-reason'
import type { PlanOrder } from '@/core/session/plan'
import type { CarryFrom } from '@/core/session/set-up'
import type { Place } from '@/core/model/session'
import type { Exclusion } from '@/core/shots/shot'
import type { Wind } from '@/core/session/conditions'
import type { StockSurface, Surface } from '@/core/model/surface'
import type { Mark } from '@/core/model/mark'
import type { AdjustmentKind } from '@/core/shots/adjustments'
import type { StockRule } from '@/core/model/stock-rule'
import { TEED_SWING, FULL_SWING } from '@/core/model/station'

/** The values of a table of names, each with its name, in the order of the table: what a golfer chooses from. */
export const choicesIn = <Key extends string>(names: Record<Key, string>): [Key, string][] =>
  Object.entries(names) as [Key, string][]

export const MARK_NAME: Record<Mark, string> = {
  solid: 'good',
  fat: 'fat',
  thin: 'thin',
  'off-centre': 'off centre',
  wild: 'wild',
  misread: 'misread',
  'other-club': 'other club',
}

export const HEAD_NAME: Record<Head, string> = {
  forged: 'forged',
  cast: 'cast',
  hollow: 'hollow, or of several pieces',
  titanium: 'titanium',
}

export const JOB_NAME: Record<Job, string> = {
  tee: 'only from the tee',
  approach: 'to the green',
  trouble: 'out of trouble',
}

export const LEVEL_NAME: Record<Level, string> = {
  beginner: 'as a beginner',
  improver: 'with a handicap',
  'single-figure': 'in single figures',
}

export const BAG_WISH_NAME: Record<BagWish, string> = {
  light: 'a light bag, as few clubs as do the work',
  full: 'a full bag, every number covered',
}

export const EXCLUSION_NAME: Record<Exclusion, string> = {
  'warm-up': 'warm-up',
  wind: 'wind',
  rough: 'rough',
  mat: 'mat',
  grass: 'grass',
}

export const WIND_NAME: Record<Wind, string> = {
  felt: 'wind, from anywhere',
  into: 'into the wind',
  with: 'with the wind',
  'from-left': 'wind from the left',
  'from-right': 'wind from the right',
}

export const CARRY_FROM_NAME: Record<CarryFrom, string> = {
  measured: 'measured in this air',
  computed: 'computed by the device',
}

/** "12 shots off the mat". */
export const OFF_SURFACE: Record<StockSurface, string> = { mat: 'off the mat', grass: 'off grass' }
/** Where shots were hit that are kept apart, or are all there is: "in wind or off the mat". */
export const exclusionWhere = (why: readonly Exclusion[]): string =>
  EITHER.format(why.map((each) => EXCLUSION_WHERE[each]))
const EXCLUSION_WHERE: Record<Exclusion, string> = {
  'warm-up': 'in the warm-up',
  wind: 'in wind',
  rough: 'from the rough',
  ...OFF_SURFACE,
}
const EITHER = new Intl.ListFormat('en', { type: 'disjunction' })

export const SURFACE_NAME: Record<Surface, string> = { mat: 'mat', grass: 'grass', rough: 'rough' }

const SWING_NAME: Record<string, string> = {
  full: 'full',
  'three-quarter': 'three-quarter',
  half: 'half',
  [TEED_SWING]: 'from the tee',
}
export const swingName = (swing: string): string => SWING_NAME[swing] ?? swing

const SHORT_SWING: Record<string, string> = { 'three-quarter': '¾', half: '½', [TEED_SWING]: 'tee' }
/** A swing in the room of a flag or a card's head; swings whose definition changed keep their number. */
export const shortSwing = (swing: string): string => {
  const [, base = swing, version] = /^(.*?)( \d+)?$/.exec(swing) ?? []
  return `${SHORT_SWING[base] ?? base}${version ?? ''}`
}

/** Beside a number of a changed club that no three good shots have replaced yet. */
export const EXPECTED = 'expected after the change'

/** What the golfer calls a club of the bag or the rack, by its id. */
export const clubNames =
  ({ clubs, rack }: Bag) =>
  (id: string | null | undefined): string =>
    [...clubs, ...rack].find((club) => club.id === id)?.name ?? ''

/** "8-iron" for the full swing, "8-iron, half" for another. */
export const stationName = (clubName: string, swing: string): string =>
  `${clubName || 'a club that is not in the bag'}${swing === FULL_SWING ? '' : `, ${swingName(swing)}`}`

/** What the golfer calls a station: its club with its swing. */
export const stationNames = (bag: Bag): ((station: { clubId: string | null; swing: string }) => string) => {
  const name = clubNames(bag)
  return ({ clubId, swing }) => stationName(name(clubId), swing)
}

export const PLACE_NAME: Record<Place, string> = {
  indoor: 'indoors',
  range: 'on the range',
  course: 'on the course',
}

export const HELD_NAME: Record<HeldReason, string> = {
  'implausible-carry': 'no golf shot carries that',
  'unknown-club': 'its club is not known here',
  'other-station': 'the monitor names another club than the open one',
  'unknown-field': 'it has a field that Banco does not know',
  'no-station': 'no club was open',
  'range-not-clear': 'hit before you confirmed that the range is clear',
  'clock-off': 'the monitor’s clock cannot be right',
  'second-monitor': 'another monitor has just sent what may be the same ball',
}

export const RULE_NAME: Record<StockRule, string> = {
  'mean-solid': 'average of good shots',
  'median-solid': 'median of good shots',
  'best-n-of-m': 'best 3 of 5',
  'mean-all': 'average of all',
  reliable: 'dependable (8 in 10)',
  model: 'Banco’s estimate',
}

export const GAP_RULE_NAME: Record<GapRule, string> = {
  segment: 'by part of the bag',
  tenth: 'by a tenth of the P-wedge',
  spread: 'by one even spacing',
  loft: 'by loft',
  own: 'by my own limits',
}

/** The rule for a good gap: the golfer's own choice, or the usual one. */
export const gapRuleOf = (golfer: Pick<Golfer, 'gapRule'>): GapRule =>
  golfer.gapRule ?? usualGapRule(undefined)

export const ORDER_NAME: Record<PlanOrder, string> = {
  'rounds-of-3': '3 shots at a time, round the bag',
  'rounds-of-2': '2 shots at a time, round the bag',
  'short-to-long': 'short to long',
  'long-to-short': 'long to short',
  'seven-iron-first': '7-iron first',
  'least-settled-first': 'least certain first',
}

/** In small letters beside a number that holds it. */
export const ADJUSTMENT_NAME: Record<AdjustmentKind, string> = {
  corrected: 'corrected',
  rangeBall: 'range balls',
  converted: 'converted',
  offSurface: 'other surface',
}
