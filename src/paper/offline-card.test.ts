import { expect, it } from 'vitest'
import type { OfflineCard } from '@/core/course/offline-card'
import { USUAL_COVER_CONFIDENCE } from '@/core/model/cover-confidence'
import { offlineCardHtml } from './offline-card'

const SHOT = {
  ...{
    name: '7-iron',
    carryM: 126,
    stockSdM: 1,
    shotSdM: 4,
    missed: 0.14,
    runM: 5,
    estimateOffM: 0,
    runSdM: 1.8,
    biasM: 0,
  },
  ...{ sideSdM: 6, landingDeg: 45, windM: [0, 1], windSdM: 0.1 },
}
const taken: OfflineCard = {
  title: 'Merryn </script><b> & "Oates"',
  notes: ['9 °C <calm>'],
  units: { lengthUnit: 'yd', speedUnit: 'mph' },
  ...{ dayWindMps: 0, sure: USUAL_COVER_CONFIDENCE, madeMs: 7 },
  card: { head: ['Club', 'carry, yd', '±'], lines: [["7-iron <'mine'>", '138', '2']] },
  shots: [SHOT],
}

it('nothing that a golfer writes becomes markup, in the page or in its data', () => {
  const html = offlineCardHtml(taken, 'const a = 1')
  expect(html).toContain('Merryn &lt;/script&gt;&lt;b&gt; &amp; &quot;Oates&quot;')
  expect(html).toContain('7-iron &lt;&#39;mine&#39;&gt;')
  expect(html.match(/<\/script>/g)).toHaveLength(2)
  expect(html).not.toContain('<b>')
  const data = /id="taken">(.*?)<\/script>/s.exec(html)?.[1] ?? ''
  expect(JSON.parse(data)).toEqual(taken)
})

it('it may ask for nothing, and without shots it has the card and neither picker nor program', () => {
  const html = offlineCardHtml({ ...taken, shots: [] }, 'const a = 1')
  expect(html).toContain("default-src 'none'")
  expect(html).not.toMatch(/https?:/)
  expect(html).not.toContain('id="finding"')
  expect(html).not.toContain('Rule 4.3')
  expect(html).not.toContain('<script')
})
