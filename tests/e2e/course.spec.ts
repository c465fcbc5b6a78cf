import { execFileSync } from 'node:child_process'
import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import type { Page } from '@playwright/test'
import { axeFindings, bayOf, expect, golferWithBag, openSession, test } from './banco'

const TILDA = '/golfers/demo-tilda'
test.use({ demo: true })

test('the card of a day: places, ground, the plain card', async ({ page, banco }) => {
  await page.goto(banco.address + `${TILDA}/course`)
  const finding = page.getByRole('heading', { level: 1 })
  await expect(finding).toHaveText(/^The [\w° -]+ carries \d+ yards, \d+ less than measured/)
  await expect(page.getByText('Tarnwick: 9 °C, 26 ft, calm, soft ground')).toBeVisible()
  await expect(page.getByText('Play the carry')).toBeVisible()
  const driver = page.getByRole('row', { name: /^Driver/ })
  await expect(driver).toContainText(/≈ \d+ (± \d+|\(\d+ to \d+\))/)
  await expect(page.getByRole('cell', { name: /perhaps nothing$/ }).last()).toBeVisible()
  expect(await axeFindings(page)).toEqual([])

  // A place that is tapped sets the day and the card at once, with the altitude and the ground that it keeps.
  await page.getByRole('button', { name: /^Alto Verin/ }).click()
  await expect(page.getByText('Alto Verin: 9 °C, 4757 ft, calm, firm ground')).toBeVisible()
  await expect(page.getByLabel('Altitude', { exact: true }).first()).toHaveValue('4757')
  await page.getByLabel('Temperature', { exact: true }).fill('24')
  await page.getByRole('button', { name: 'Set the day' }).click()
  await expect(page.getByText('The card is for this day.')).toBeVisible()
  await expect(page.getByText('Alto Verin: 24 °C, 4757 ft, calm, firm ground')).toBeVisible()
  await expect(finding).toHaveText(/^The [\w° -]+ carries \d+ yards, \d+ more than measured/)
  await page.reload()
  await expect(page.getByText('Alto Verin: 24 °C')).toBeVisible()

  await page.getByLabel('Temperature', { exact: true }).fill('warm')
  await expect(page.getByText('Type a number, or leave it empty.')).toBeVisible()
  await page.getByRole('button', { name: 'Set the day' }).click()
  await expect(page.getByText('One number of the day is empty or no number: type it.')).toBeVisible()
  await page.getByLabel('Temperature', { exact: true }).fill('240')
  await page.getByRole('button', { name: 'Set the day' }).click()
  await expect(page.getByText('The temperature must lie from −30 °C to 50 °C')).toBeVisible()
  await page.getByLabel('Temperature', { exact: true }).fill('24')

  await page.getByRole('textbox', { name: 'Place' }).fill('Skerrow Links')
  await page.getByRole('button', { name: 'Keep this place' }).click()
  await expect(page.getByRole('button', { name: /^Skerrow Links/ })).toBeVisible()
  await page.getByRole('button', { name: 'Forget this place' }).click()
  await expect(page.getByRole('button', { name: /^Skerrow Links/ })).toHaveCount(0)

  await page.getByRole('button', { name: 'Use weather station' }).click()
  await expect(page.getByText(/No weather station answers/)).toBeVisible()

  await expect(page.getByText('Rule 4.3')).toBeVisible()
  await page.getByRole('link', { name: 'The plain card' }).click()
  await expect(page.getByRole('img', { name: /Tilda Brandvoll, Winter bag/ })).toBeVisible()
  await page.getByRole('link', { name: 'of the day' }).click()
  const card = page.getByRole('img', { name: /Tilda Brandvoll, Alto Verin\. 24 °C, 4757 ft/ })
  await expect(card).toHaveAttribute('aria-label', /5-hybrid 1\d\d/)
  const href = await page.getByRole('link', { name: 'The card as PDF' }).getAttribute('href')
  const pdf = await page.request.get(banco.address + href)
  expect(pdf.headers()['content-type']).toBe('application/pdf')
  const download = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Save it as a picture' }).click()
  expect((await download).suggestedFilename()).toBe('day-pocket.png')
  expect(await axeFindings(page)).toEqual([])
})

test('the season goes with what is dragged', async ({ page, banco }) => {
  await page.goto(banco.address + `${TILDA}/course`)
  const season = page.getByRole('region', { name: 'The season' })
  const overAltitude = season.getByRole('img', { name: /over altitude/ })
  await expect(overAltitude).toHaveAttribute('aria-label', /Driver: .* yd at 0, /)
  const before = await overAltitude.getAttribute('aria-label')
  await season.getByLabel(/^Temperature/).fill('35')
  await expect(overAltitude).not.toHaveAttribute('aria-label', before ?? '')
  await season.getByLabel('Club').selectOption({ label: '7-iron' })
  await expect(overAltitude).toHaveAttribute(
    'aria-label',
    /^Change of carry over altitude, ft\. 7-iron: [^;]*$/,
  )
  await expect(season.getByText(/The 7-iron rolls .* on soft, .* on normal, .* on firm ground/)).toBeVisible()
})

test('stocks, gaps and the card in standard conditions, and back; old sessions are asked about once', async ({
  page,
  banco,
}) => {
  await page.goto(banco.address + `${TILDA}/stock`)
  const driver = page.getByRole('row', { name: /Driver/ })
  await expect(page.getByText('of the last 12 months, as measured')).toBeVisible()
  const asHit = await driver.locator('.carry').innerText()
  await page.getByLabel('Carries').selectOption('in standard conditions')
  await expect(page.locator('.lede')).toContainText('in standard conditions: 20 °C, 1013 hPa, 50%, calm')
  await expect(driver.locator('.carry')).not.toHaveText(asHit)
  await page.getByRole('link', { name: 'Gaps', exact: true }).click()
  await expect(page.locator('.lede')).toHaveText(/Focus distances 48–114.*Carries are in standard conditions/)
  await page.goto(`${banco.address}${TILDA}/paper`)
  await expect(page.getByRole('img', { name: /in standard conditions: 20 °C/ })).toBeVisible()
  await page.goto(`${banco.address}${TILDA}/stock`)
  await page.getByLabel('Carries').selectOption('as measured')
  await expect(driver.locator('.carry')).toHaveText(asHit)
  await expect(page.getByRole('region', { name: 'Weather is missing' })).toHaveCount(0)

  await page.goto(`${banco.address}/golfers/demo-junia/stock`)
  const region = page.getByRole('region', { name: 'Weather is missing' })
  await expect(region).toContainText('Weather is missing for 1 session.')
  expect(await axeFindings(page)).toEqual([])
  await page.goto(`${banco.address}/golfers/demo-junia/course`)
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(/Weather is missing/)
  await page.goto(`${banco.address}/golfers/demo-junia/stock`)
  await expect(region).toContainText(
    'missing are whether carries were measured or computed by the device and the air in which the device computes',
  )
  await region.getByRole('button', { name: 'Set it here' }).click()
  await region.getByLabel('The device’s own air').fill('25')
  await region.getByLabel('Altitude').fill('0')
  expect(await axeFindings(page)).toEqual([])
  await region.getByRole('button', { name: 'Set it for 1 session' }).click()
  await expect(region).toHaveCount(0)
  await page.goto(`${banco.address}/golfers/demo-junia/stock`)
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(/stocks from/)
  await expect(region).toHaveCount(0)
})

test('Course asks for the air of all sessions in one form, and the card follows', async ({
  page,
  request,
  banco,
}) => {
  const golfer = await golferWithBag(request, banco, 'Morwenna Tregear')
  for (const day of [1, 2]) {
    const session = await openSession(request, banco, golfer, 'range')
    const { bag } = await bayOf(request, banco, session)
    const club = bag.clubs.find(({ name }) => name === '7-iron')!.id
    for (const carry of [138, 140, 139]) {
      const shot = {
        id: `air-${day}-${carry}`,
        clubId: club,
        swing: 'full',
        carryM: carry * 0.9144,
        hitMs: Date.now(),
      }
      const url = `${banco.address}/api/sessions/${session}/shots`
      expect((await request.post(url, { data: { shots: [shot] } })).status()).toBe(200)
    }
    await request.patch(`${banco.address}/api/sessions/${session}`, { data: { ended: true } })
  }
  await page.goto(`${banco.address}/golfers/${golfer}/course`)
  const region = page.getByRole('region', { name: 'Weather is missing' })
  await expect(region.getByRole('checkbox')).toHaveCount(2)
  await region.getByLabel('Temperature').fill('10')
  await region.getByLabel('Altitude').fill('0')
  await region.getByRole('button', { name: 'Set it for all of them' }).click()
  // What was left open is still asked for, and nothing else.
  await expect(region).toContainText('missing is how strongly and from where the wind blew')
  await expect(region.getByLabel('Temperature')).toHaveCount(0)
  await region.getByLabel('Wind').fill('0')
  await region.getByRole('button', { name: 'Set it for all of them' }).click()
  await expect(region).toHaveCount(0)
  await expect(page.getByRole('row', { name: /^7-iron/ })).toContainText('≈')
})

/** What stands in a table under a heading, by club and swing; a swing stands under its club. */
const column = (page: Page, heading: RegExp) =>
  page.evaluate((source) => {
    const table = [...document.querySelectorAll('table')].find((each) =>
      [...each.querySelectorAll('thead th')].some((th) => new RegExp(source).test(th.textContent ?? '')),
    )
    const at = [...(table?.querySelectorAll('thead th') ?? [])].findIndex((th) =>
      new RegExp(source).test(th.textContent ?? ''),
    )
    let club = ''
    return [...(table?.querySelectorAll('tbody tr') ?? [])].flatMap((row) => {
      const cells = [...row.children].map((cell) => (cell.textContent ?? '').trim())
      const name = (cells[0] ?? '').replace(/^▸\s*/, '').replace(/.*, (three-quarter|half)/, '$1')
      const swing = /three-quarter|half/.exec(name)?.[0]
      if (!swing) club = name.replace(/\s*[\d.]+°$/, '').trim()
      const number = /\d+/.exec(cells[at] ?? '')?.[0]
      return number ? [[`${club} ${swing ?? 'full'}`, number] as const] : []
    })
  }, heading.source)

test('one total for each station, as painted and as printed: Stock, Wedges, the card of the day and the report', async ({
  page,
  banco,
}) => {
  await page.goto(banco.address + `${TILDA}/stock`)
  // The air in which the loft's monitor computes, on normal ground: whatever differs then is no other air.
  const day = {
    place: null,
    tempC: 24,
    altitudeM: 14,
    seaLevelHpa: 1013.25,
    humidity: 0.5,
    tailwindMps: 0,
    crosswindMps: 0,
    turf: 'normal',
  }
  const set = await page.request.put(`${banco.address}/api/golfers/demo-tilda/day`, { data: day })
  expect(set.status()).toBe(200)
  const onStock = new Map<string, string>(await column(page, /^Total/))
  expect(onStock.size).toBe(20)
  await page.goto(`${banco.address}${TILDA}/course`)
  await expect(page.locator('.lede')).toContainText('24 °C, 46 ft, calm, normal ground')
  expect(new Map(await column(page, /^Total/))).toEqual(onStock)
  await page.goto(`${banco.address}${TILDA}/wedges`)
  const cells = await page.locator('.wedge-table tbody tr').evaluateAll((rows) =>
    rows.flatMap((row) => {
      const [club, ...swings] = [...row.children].map((cell) => cell.textContent ?? '')
      return swings.map((cell, i) => [
        `${club} ${['full', 'three-quarter', 'half'][i]}`,
        /total (\d+)/.exec(cell)?.[1] ?? '',
      ])
    }),
  )
  expect(cells).toHaveLength(12)
  for (const [station, total] of cells)
    expect(`${station}: ${total}`).toBe(`${station}: ${onStock.get(station!)}`)
  const report = await page.request.get(`${banco.address}/api/golfers/demo-tilda/paper?kind=report`)
  const file = join(mkdtempSync(join(tmpdir(), 'banco-report-')), 'report.pdf')
  writeFileSync(file, await report.body())
  const lines = execFileSync('pdftotext', ['-layout', file, '-'], { encoding: 'utf8' }).split('\n')
  for (const club of ['Driver', '5-wood', '7-iron', 'P-wedge'])
    expect(
      lines.some((line) => line.includes(club) && line.includes(` ${onStock.get(`${club} full`)}`)),
    ).toBe(true)
})
