import type { Metadata } from 'next'
import type { ReactNode } from 'react'
import { dataNow, golferOfPage, scopeOfPage } from '@/http/golfer-of-page'
import { MOST_CLUBS } from '@/core/bag/club'
import { bagOf } from '@/store/bags'
import { allGolfers } from '@/store/golfers'
import { hasDesk } from '@/store/visits'
import { BayOnlyHead } from '@/ui/shared/shell/bay-only-head'
import { Head } from '@/ui/shared/shell/head'
import { RememberGolfer } from '@/ui/shared/shell/remember-golfer'
import { LivePage } from '@/ui/shared/shell/live-page'
import { ShotsToCheck } from '@/ui/shared/shell/shots-to-check'
import { markNow } from '@/http/route'
import { currentSession, needsChecking } from '@/store/sessions'
import { WaitingShots } from '@/ui/shared/shell/waiting-shots'

export const dynamic = 'force-dynamic'

type Params = { params: Promise<{ golferId: string }> }

export async function generateMetadata({ params }: Params): Promise<Metadata> {
  const { name } = golferOfPage((await params).golferId)
  return { title: { default: `${name} · Banco`, template: `%s · ${name} · Banco` } }
}

export default async function GolferLayout({
  children,
  params,
}: {
  children: ReactNode
  params: Promise<{ golferId: string }>
}) {
  const golfer = golferOfPage((await params).golferId)
  const [db, nowMs] = dataNow()
  const bag = bagOf(db, golfer.id)
  const openSession = currentSession(db, golfer.id, nowMs)?.id ?? null
  if ((await scopeOfPage()).kind === 'bay')
    return (
      <>
        <BayOnlyHead golfer={golfer} />
        <WaitingShots golfer={golfer} openSession={openSession} />
        <main>{children}</main>
      </>
    )
  return (
    <>
      <Head
        golfer={golfer}
        golfers={allGolfers(db)}
        desk={hasDesk(db)}
        bag={bag ? `${bag.name} · ${bag.clubs.length} of ${MOST_CLUBS}` : 'no bag yet'}
      />
      <RememberGolfer id={golfer.id} />
      <LivePage mark={markNow()} />
      <WaitingShots golfer={golfer} openSession={openSession} />
      <ShotsToCheck golferId={golfer.id} sessions={needsChecking(db, golfer.id)} openSession={openSession} />
      <main>{children}</main>
    </>
  )
}
