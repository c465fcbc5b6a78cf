import { statSync } from 'node:fs'
import { COPY_FORM } from '@/formats/forms'
import { restoreFrom } from '@/http/restore'
import { bareRoute, bodyForm, refuse } from '@/http/route'
import { copyNamed } from '@/store/copies'
import { dataFolder } from '@/store/data-folder'

/** Smaller ones are checked before another process would have started. */
const LONG_BYTES = 16 * 1024 * 1024

/** Puts one of the daily copies in the place of all data. */
export const POST = bareRoute(async (request) => {
  const { name } = await bodyForm(request, COPY_FORM)
  const path = copyNamed(dataFolder(), name)
  return path === null
    ? refuse(404, 'name', 'There is no such copy any more: choose another.')
    : restoreFrom(path, { isLong: statSync(path).size > LONG_BYTES })
})
