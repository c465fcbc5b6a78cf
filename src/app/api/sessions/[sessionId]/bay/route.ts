import { route } from '@/app/server/answer'
import { answerBay } from '@/app/server/answer-bay'
import { ownedSession } from '@/app/server/known'

export const dynamic = 'force-dynamic'

export const GET = route<{ sessionId: string }>((_request, { sessionId }) =>
  answerBay(ownedSession(sessionId).id),
)
