import { readFile } from 'node:fs/promises'
import { join } from 'node:path'
import { bareRoute, refuse } from '@/http/route'

/** A picture of the guide. */
export const GET = bareRoute<{ picture: string }>(async (_, { picture }) => {
  if (!/^[a-z-]{1,40}\.png$/.test(picture)) refuse(404, 'picture', 'There is no such picture in the guide.')
  const bytes = await readFile(join(process.cwd(), 'docs', 'screenshots', picture)).catch(() =>
    refuse(404, 'picture', 'There is no such picture in the guide.'),
  )
  return new Response(new Uint8Array(bytes), { headers: { 'Content-Type': 'image/png' } })
})
