import { stopWork } from '@/http/workers'
import { bareRoute } from '@/http/route'

/** Stops a long work, which says by itself that it was stopped; false where it had ended. */
export const DELETE = bareRoute<{ number: string }>(async (_request, { number }) =>
  Response.json({ stopped: await stopWork(number) }),
)
