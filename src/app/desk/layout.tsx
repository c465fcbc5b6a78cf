import type { ReactNode } from 'react'
import { pageDatabase } from '@/http/golfer-of-page'
import { deskSettings } from '@/store/visits'
import { markNow } from '@/http/route'
import { LivePage } from '@/ui/shared/shell/live-page'
import { DeskHead } from '@/ui/shared/shell/desk-head'

export const metadata = { title: 'Desk' }
export const dynamic = 'force-dynamic'

export default function DeskLayout({ children }: { children: ReactNode }) {
  return (
    <>
      <DeskHead coach={deskSettings(pageDatabase()).coach} />
      <LivePage mark={markNow()} />
      <main>{children}</main>
    </>
  )
}
