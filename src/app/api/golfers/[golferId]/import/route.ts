import { statSync } from 'node:fs'
import { LONG_FROM } from '@/core/model/long-work'
import { forget, sentFile } from '@/http/uploads'
import { bodyForm, route } from '@/http/route'
import { requireClub, requireGolfer } from '@/http/require'
import { workResponse } from '@/http/work-response'
import { IMPORT_FORM } from '@/formats/import-form'

const FORM_BYTES = 1024 * 1024

/** Takes the table of a file that was sent, whole or not at all; with `dry` it takes nothing and says which of its rows are known. */
export const POST = route<{ golferId: string }>(
  async (request, { golferId }) => {
    const golfer = requireGolfer(golferId)
    const form = await bodyForm(request, IMPORT_FORM, FORM_BYTES)
    for (const club of Object.values(form.clubs))
      if (club !== 'new' && club !== 'later') requireClub(golfer.id, club)
    const path = sentFile(form.file)
    const isLong = statSync(path).size > LONG_FROM.fileBytes
    if (form.dry) return workResponse(request, 'known', { golferId: golfer.id, path, form }, { isLong })
    return workResponse(
      request,
      'import',
      { golferId: golfer.id, path, form, nowMs: Date.now() },
      { isLong, onDone: () => forget(path) },
    )
  },
  { isLong: true },
)
