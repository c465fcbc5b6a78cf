import { bodyForm, refuse, route } from '@/app/server/answer'
import { analysedBag } from '@/app/server/gather'
import { knownGolfer } from '@/app/server/known'
import type { Golfer } from '@/core/golfer'
import { planBlocks, type Block } from '@/core/session/plan'
import { FULL_SWING } from '@/core/shots/shot'
import { bagOf } from '@/store/bags'
import { theDatabase } from '@/store/database'
import { keepPlan } from '@/store/plans'
import { openStation, startSession } from '@/store/sessions'
import { SESSION_FORM, type PlanForm } from '@/wire/forms'

/** Starts a session with the first station of its plan open; without a plan the shortest club: common practice warms up with it. */
export const POST = route<{ golferId: string }>(async (request, { golferId }) => {
  const golfer = knownGolfer(golferId)
  const { place, offsetMin, plan } = await bodyForm(request, SESSION_FORM)
  const shortest = bagOf(theDatabase(), golfer.id)?.clubs.findLast((club) => club.kind !== 'putter')
  if (!shortest) return refuse(409, 'bag', 'The bag has no club to hit yet: fill it first.')
  const blocks = plan ? blocksOf(golfer, plan) : []
  const nowMs = Date.now()
  const id = startSession(theDatabase(), { golferId: golfer.id, startedMs: nowMs, offsetMin, place })
  keepPlan(theDatabase(), id, blocks)
  openStation(theDatabase(), id, blocks[0] ?? { clubId: shortest.id, swing: FULL_SWING }, nowMs)
  return Response.json({ id }, { status: 201 })
})

function blocksOf(golfer: Golfer, plan: PlanForm): Block[] {
  const analysed = analysedBag(golfer)
  if (!analysed) return []
  const { bag, analysis } = analysed
  if (plan.kind === 'next') return analysis.next.map(({ clubId, swing, shots }) => ({ clubId, swing, shots }))
  return planBlocks(bag.clubs, plan, ({ id }) => {
    const stock = analysis.stocks.find(({ clubId, swing }) => clubId === id && swing === FULL_SWING)
    return stock?.lowM === undefined || stock.highM === undefined ? Infinity : (stock.highM - stock.lowM) / 2
  })
}
