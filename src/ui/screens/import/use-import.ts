import { useRef } from 'react'
import type { GolferId } from '@/core/model/ids'
import { sendText, sendWork, type Following, type Sent } from '../../shared/send'
import { useWork } from '../../shared/use-work'

export type Taken = {
  importId: string
  taken: number
  known: number
  held: number
  /** The first session with shots that need checking. */
  heldIn?: string
  conflicts: number
}
/** What is to be done with a file, besides taking it. */
type ImportFields = {
  name: string
  columns: { field: string | null; unit: string | null }[]
  clubs: Record<string, string>
  offsetMin: number
  monitor?: string
  watches?: boolean
}

/** The store's side of a file: it is sent once, asked about, and taken in, which can be followed and stopped. */
export function useImport(golferId: GolferId) {
  const kept = useRef<{ blob: Blob; file: string } | null>(null)
  const { progress: taking, stop, run } = useWork()

  const ask = async <Result>(
    blob: Blob,
    form: ImportFields & { dry?: true },
    following: Partial<Following>,
  ): Promise<Sent<Result> | null> => {
    if (kept.current?.blob !== blob) {
      const sent = await sendText<{ file: string }>('/api/files', blob)
      if (!sent.ok) return sent
      kept.current = { blob, file: sent.value.file }
    }
    const body = { file: kept.current.file, ...form }
    const response = await sendWork<Result>(`/api/golfers/${golferId}/import`, body, following)
    // The store keeps a file for an hour: after that it is sent again.
    if (response && !response.ok && response.problems.some(({ field }) => field === 'file'))
      kept.current = null
    return response
  }
  return {
    taking,
    stop,
    /** Which rows are on file already. */
    known: (blob: Blob, form: ImportFields, following: Partial<Following>) =>
      ask<{ known: number[] }>(blob, { ...form, dry: true }, following),
    /** Takes the shots in; null where that was stopped. */
    take: (blob: Blob, form: ImportFields, rows: number): Promise<Sent<Taken> | null> =>
      run(rows, (following) => ask<Taken>(blob, form, following)),
  }
}
