'use client'

import { useRouter } from 'next/navigation'
import { useEffect, useState } from 'react'
import type { Problem } from '@/core/model/problem'
import { focusProblem } from './focus-problem'
import { send, type Method, type Sent } from './send'

/** Sends what a golfer enters on a page, and keeps what was wrong with it until the next time: the first such field has the focus. */
export function useSubmit() {
  const router = useRouter()
  const [problems, setProblems] = useState<Problem[]>([])
  useEffect(() => {
    if (problems.some(({ field }) => field !== '')) focusProblem()
  }, [problems])
  const sendIt = async <T = unknown>(method: Method, url: string, body?: unknown): Promise<Sent<T>> => {
    const sent = await send<T>(method, url, body)
    setProblems(sent.ok ? [] : sent.problems)
    return sent
  }
  return {
    problems,
    /** What is wrong is known before it is sent. */
    setProblems,
    send: sendIt,
    /** Sends it, and reads the page anew once it was taken. */
    submit: async (method: Method, url: string, body?: unknown): Promise<boolean> => {
      const { ok } = await sendIt(method, url, body)
      if (ok) router.refresh()
      return ok
    },
  }
}
