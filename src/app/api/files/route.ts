import { keepBody } from '@/http/uploads'
import { bareRoute } from '@/http/route'

const FILE_BYTES = 128 * 1024 * 1024
const TOO_LARGE =
  'The file is larger than the 128 MB that are taken here: split it, or bring it in with npm run -s banco -- import FILE.'

/** Takes a file that is to be looked at and brought in, for an hour. */
export const POST = bareRoute(async (request) => {
  const { id } = await keepBody(request, FILE_BYTES, TOO_LARGE)
  return Response.json({ file: id }, { status: 201 })
})
