import type { Metadata, Viewport } from 'next'
import type { ReactNode } from 'react'
import { Awake } from '@/ui/shared/shell/awake'
import { Offline } from '@/ui/shared/shell/offline'
import 'bootstrap/dist/css/bootstrap.min.css'
import '@fontsource-variable/archivo/standard.css'
import '@/ui/theme.css'
import '@/ui/parts.css'
import '@/ui/sizes.css'

export const metadata: Metadata = {
  title: { default: 'Banco', template: '%s · Banco' },
  description: 'The bench where a golfer finds out how far each club really goes.',
}
// The word that its scripts carry is another one for every answer.
export const dynamic = 'force-dynamic'

export const viewport: Viewport = { width: 'device-width', initialScale: 1, themeColor: '#17256f' }

export default function Layout({ children }: { children: ReactNode }) {
  return (
    <html lang="en">
      <head>
        {/* A phone of the network sends its pairing along. */}
        <link rel="manifest" href="/manifest.webmanifest" crossOrigin="use-credentials" />
      </head>
      <body>
        <Awake>{children}</Awake>
        <Offline />
      </body>
    </html>
  )
}
