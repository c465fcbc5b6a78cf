'use client'

import { useRouter } from 'next/navigation'
import { useState } from 'react'
import type { Problem } from '@/core/problem'
import { send, type Method, type Sent } from './send'

/** Sends what a golfer says on a page, and keeps what was wrong with it until the next time. */
export function useSubmit() {
  const router = useRouter()
  const [problems, setProblems] = useState<Problem[]>([])
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
