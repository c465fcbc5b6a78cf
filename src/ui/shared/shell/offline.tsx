'use client'

import { useEffect } from 'react'

const AT_HOME = new Set(['127.0.0.1', 'localhost', '[::1]'])

/** On a phone of the network Banco opens without it too, where the browser allows that: in a secure place alone. */
export function Offline() {
  useEffect(() => {
    if (AT_HOME.has(location.hostname) || !window.isSecureContext || !('serviceWorker' in navigator)) return
    // A browser that refuses it does without.
    navigator.serviceWorker.register('/sw.js').catch(() => {})
  }, [])
  return null
}
