'use client'

import { useRouter } from 'next/navigation'
import { useEffect } from 'react'
import { outbox } from '../outbox'

/** Sends typed shots that waited in this browser as soon as any page opens: nobody has to find the Bay again. */
export function SendWaiting() {
  const router = useRouter()
  useEffect(() => {
    void outbox.sendAll().then((taken) => taken > 0 && router.refresh())
  }, [router])
  return null
}
