import { bodyJson, Refusal, route } from '@/http/route'
import { theDatabase } from '@/store/database'
import { receiveShot } from '@/store/feed'
import { readFeedPost } from '@/formats/feed-post'

/** The open feed of shots (docs/feed.md). */
export const POST = route(async (request) => {
  const checked = readFeedPost(await bodyJson(request))
  if (!checked.ok) throw new Refusal(422, checked.problems)
  const { taken, heldBecause } = receiveShot(
    theDatabase(),
    checked.value,
    Date.now(),
    -new Date().getTimezoneOffset(),
  )
  if (taken === 'other-contents') {
    throw new Refusal(409, [
      {
        field: 'id',
        sentence: `There is another shot with the id "${checked.value.id}": give each shot an id of its own.`,
      },
    ])
  }
  const { id } = checked.value
  if (taken === 'known') return Response.json({ id, taken: 'known' }, { status: 200 })
  return heldBecause
    ? Response.json({ id, taken: 'held', because: heldBecause }, { status: 202 })
    : Response.json({ id, taken: 'new' }, { status: 201 })
})
