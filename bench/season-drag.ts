import { chromium, type Page } from '@playwright/test'
import { BancoServer } from '../demo/banco-server'
import { CHROMIUM } from '../demo/chromium'
import { makeDemoIn } from '../demo/make-demo-in'

const MOVES = 120

/** Dragging the season's temperature from one end to the other and back: the longest frames, and how soon the picture followed. */
export async function seasonDrag(): Promise<string[]> {
  const server = await BancoServer.prepare()
  makeDemoIn(server.data)
  await server.start()
  const browser = await chromium.launch(CHROMIUM)
  const page = await browser.newPage({ viewport: { width: 1280, height: 900 } })
  await page.goto(`${server.address}/golfers/demo-tilda/course`)
  const slider = page.getByRole('region', { name: 'The season' }).getByLabel(/^Temperature/)
  await slider.scrollIntoViewIfNeeded()
  await page.waitForTimeout(1500)
  const still = await framesWhile(page, () => page.waitForTimeout(2000))
  const box = await slider.boundingBox()
  if (!box) throw new Error('the season has no slider')
  const y = box.y + box.height / 2
  await page.mouse.move(box.x + box.width / 2, y)
  await page.mouse.down()
  const dragged = await framesWhile(page, async () => {
    for (let i = 0; i <= MOVES; i++) {
      const along = 0.5 + 0.48 * Math.sin((i / MOVES) * 2 * Math.PI)
      await page.mouse.move(box.x + box.width * along, y)
      await page.waitForTimeout(16)
    }
  })
  await page.mouse.up()
  await browser.close()
  await server.stop()
  const long = dragged.filter((ms) => ms > 50).length
  const say = (frames: number[]) =>
    `longest ${Math.max(...frames).toFixed(0)} ms, p95 ${percentile(frames, 0.95).toFixed(0)} ms`
  return [
    `${dragged.length} frames while dragging: ${say(dragged)}, ${long} over 50 ms (wanted none)`,
    `${still.length} frames of the still page beside it: ${say(still)}`,
  ]
}

/** As text: what compiles this file would call a function that the page does not have. */
const COUNT_FRAMES = `
  window.frames = []
  window.counting = true
  let last = performance.now()
  requestAnimationFrame(function next(now) {
    window.frames.push(now - last)
    last = now
    if (window.counting) requestAnimationFrame(next)
  })
  0`

async function framesWhile(page: Page, act: () => Promise<void>) {
  await page.evaluate(COUNT_FRAMES)
  await act()
  return (await page.evaluate('window.counting = false; window.frames.slice(1)')) as number[]
}

const percentile = (values: number[], share: number): number =>
  values.toSorted((a, b) => a - b)[Math.min(values.length - 1, Math.floor(share * values.length))] as number
