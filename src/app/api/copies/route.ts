import { COPY_FORM } from '@/formats/forms'
import { restoreFrom } from '@/http/restore'
import { bareRoute, bodyForm, refuse } from '@/http/route'
import { copyNamed } from '@/store/copies'
import { dataFolder } from '@/store/data-folder'

/** Puts one of the daily copies in the place of all data. */
export const POST = bareRoute(async (request) => {
  const { name } = await bodyForm(request, COPY_FORM)
  const path = copyNamed(dataFolder(), name)
  return path === null
    ? refuse(404, 'name', 'There is no such copy any more: choose another.')
    : restoreFrom(path)
})
