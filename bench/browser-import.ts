import { chromium } from '@playwright/test'
import { writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { BancoServer } from '../demo/banco-server'
import { CHROMIUM } from '../demo/chromium'
import { makeDemoIn } from '../demo/make-demo-in'

const ROWS = 100_000

/** 100,000 rows all the way: from the choosing of the file in the browser to the page that says that they are in. */
export async function browserImport(): Promise<string[]> {
  const server = await BancoServer.prepare()
  makeDemoIn(server.data)
  const file = join(server.data, 'long.csv')
  const rows = Array.from(
    { length: ROWS },
    (_, i) => `7 Iron,${140 + (i % 97) / 7},${110 + (i % 89) / 9},${17 + (i % 13) / 5}`,
  )
  writeFileSync(file, `Club,Carry (yd),Ball Speed (mph),Launch Angle (deg)\n${rows.join('\n')}\n`)
  await server.start()
  const browser = await chromium.launch(CHROMIUM)
  const page = await browser.newPage()
  await page.goto(`${server.address}/golfers/demo-marek/import`)
  const began = performance.now()
  await page.getByTestId('file').setInputFiles(file)
  await page.getByRole('button', { name: `Take ${ROWS} shots` }).waitFor({ timeout: 120_000 })
  const read = performance.now()
  await page.getByRole('button', { name: `Take ${ROWS} shots` }).click()
  await page.getByRole('heading', { name: /brought in/ }).waitFor({ timeout: 120_000 })
  const taken = performance.now()
  await browser.close()
  await server.stop()
  return [
    `chosen to previewed ${((read - began) / 1000).toFixed(1)} s, taken ${((taken - read) / 1000).toFixed(1)} s later`,
  ]
}
