'use client'

import { useEffect, useRef, useState } from 'react'
import type { Problem } from '@/core/model/problem'
import type { TableResult, TableQuestion } from '@/browser-workers/read-table'

type Opened = Extract<TableResult, { kind: 'opened' }>
export type Read = Extract<TableResult, { kind: 'read' }>
type State = {
  opened: Opened | null
  read: Read | null
  /** Rows read so far, of so many; null while nothing is read. */
  progress: { done: number; of: number } | null
  problems: Problem[]
}
const NOTHING: State = { opened: null, read: null, progress: null, problems: [] }

/** A table that is read beside the page, by a worker that can be stopped. */
export function useTable() {
  const worker = useRef<Worker | null>(null)
  const [state, setState] = useState(NOTHING)
  const stop = () => {
    worker.current?.terminate()
    worker.current = null
  }
  useEffect(() => stop, [])

  const ask = (question: TableQuestion) => {
    if (!worker.current) {
      worker.current = new Worker(new URL('../../../browser-workers/read-table.ts', import.meta.url))
      worker.current.onmessage = ({ data }: MessageEvent<TableResult>) => setState((now) => after(now, data))
      worker.current.onerror = () =>
        setState({
          ...NOTHING,
          problems: [{ field: '', sentence: 'The file could not be read: try it again, or another.' }],
        })
    }
    worker.current.postMessage(question)
  }
  return {
    ...state,
    open: (question: Omit<Extract<TableQuestion, { kind: 'open' }>, 'kind'>) => {
      stop()
      setState({ ...NOTHING, progress: { done: 0, of: 0 } })
      ask({ kind: 'open', ...question })
    },
    readRows: (columns: Extract<TableQuestion, { kind: 'read' }>['columns']) => {
      setState((now) => ({ ...now, read: null, progress: { done: 0, of: now.opened?.rows ?? 0 } }))
      ask({ kind: 'read', columns })
    },
    /** Stops reading and forgets the file. */
    close: () => {
      stop()
      setState(NOTHING)
    },
  }
}

function after(now: State, result: TableResult): State {
  switch (result.kind) {
    case 'refused':
      return { ...NOTHING, problems: result.problems }
    case 'opened':
      return { ...now, opened: result, progress: null }
    case 'progress':
      return { ...now, progress: result }
    case 'read':
      return { ...now, read: result, progress: null }
  }
}
