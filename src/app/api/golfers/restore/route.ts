import { LONG_FROM } from '@/core/model/long-work'
import { doWork } from '@/http/workers'
import { forget, keepBody } from '@/http/uploads'
import { route } from '@/http/route'

const FILE_BYTES = 64 * 1024 * 1024
const TOO_LARGE =
  'The file is larger than the 64 MB that are taken here: bring it back with npm run -s banco -- restore FILE.'

/** Brings a golfer back from a file, whole or not at all. */
export const POST = route(
  async (request) => {
    const { path, bytes } = await keepBody(request, FILE_BYTES, TOO_LARGE)
    try {
      const { signal } = request
      const { id } = await doWork('restore', { path }, { isLong: bytes > LONG_FROM.fileBytes, signal })
      return Response.json({ id }, { status: 201 })
    } finally {
      forget(path)
    }
  },
  { isLong: true },
)
