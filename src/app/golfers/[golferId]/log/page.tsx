import { golferOfPage, pageDatabase, type Asked } from '@/http/golfer-of-page'
import { historyOf, sessionsOf, waitingSessions } from '@/store/sessions'
import { importsOf } from '@/store/shot-files'
import { Log } from '@/ui/screens/log/log'

export const metadata = { title: 'Log' }

const A_PAGE = 50
const MOST = 1e6

type Props = { params: Promise<{ golferId: string }>; searchParams: Asked<'after'> }

export default async function LogPage({ params, searchParams }: Props) {
  const golfer = golferOfPage((await params).golferId)
  const db = pageDatabase()
  const after = Math.min(MOST, Math.max(0, Math.floor(Number((await searchParams).after)) || 0))
  return (
    <Log
      golfer={golfer}
      sessions={sessionsOf(db, golfer.id, { most: A_PAGE, after })}
      all={historyOf(db, golfer.id)}
      after={after}
      aPage={A_PAGE}
      waiting={waitingSessions(db)}
      files={importsOf(db, golfer.id)}
    />
  )
}
