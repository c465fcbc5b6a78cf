import { route } from '@/http/answer'
import { answerBay } from '@/http/answer-bay'
import { ownedSession } from '@/http/known'

export const dynamic = 'force-dynamic'

export const GET = route<{ sessionId: string }>((_request, { sessionId }) =>
  answerBay(ownedSession(sessionId).id),
)
