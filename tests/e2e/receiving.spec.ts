import type { APIRequestContext, Page } from '@playwright/test'
import type { BancoServer } from '../../demo/banco-server'
import { axeFindings, bayOf, expect, golferWithBag, openSession, runMonitor, test } from './banco'

const status = (page: Page) => page.getByRole('region', { name: 'Receiving' })

test('two golfers, one monitor: sixty shots with a takeover and a pain stop land where the screens said', async ({
  page,
  context,
  request,
  banco,
}) => {
  test.setTimeout(180_000)
  const first = await golferWithBag(request, banco, 'Jory Kitto')
  const second = await golferWithBag(request, banco, 'Ailla Bosanko')
  const one = await openSession(request, banco, first)
  const two = await openSession(request, banco, second)
  const other = await context.newPage()
  await page.goto(`${banco.address}/golfers/${first}/bay`)
  await other.goto(`${banco.address}/golfers/${second}/bay`)
  await page.getByRole('button', { name: /^7-iron/ }).click()
  await other.getByRole('button', { name: /^7-iron/ }).click()

  // The Bay that was opened first receives; the newer one says whose the shots are, and takes none by itself.
  await expect(status(page)).toContainText('Receiving the monitor: its shots land here.')
  await expect(status(other)).toContainText('the shots of the monitor go to Jory Kitto')
  expect(await axeFindings(other)).toEqual([])
  await runMonitor(banco, '--no-club', '--shots', '20', '--every', '60', '--seed', '3')
  await expect(page.locator('[data-shot]')).toHaveCount(20)
  await expect(other.locator('[data-shot]')).toHaveCount(0)

  await status(other).getByRole('button', { name: 'Receive here' }).click()
  await expect(status(other)).toContainText('its shots land here')
  await expect(status(page)).toContainText('go to Ailla Bosanko')
  await runMonitor(banco, '--no-club', '--shots', '20', '--every', '60', '--seed', '4')
  await expect(other.locator('[data-shot]')).toHaveCount(20)
  await expect(page.locator('[data-shot]')).toHaveCount(20)

  // Something hurts: the session receives nothing more, and the shots are nobody else's.
  await other.getByRole('button', { name: 'Something hurts' }).click()
  await expect(other.getByRole('alert', { name: 'Something hurts' })).toBeVisible()
  await expect(status(page)).toContainText('go to nobody, and wait')
  await runMonitor(banco, '--no-club', '--shots', '10', '--every', '60', '--seed', '5')
  await expect(status(page)).toContainText('10 shots came while no session was open')
  await expect(page.locator('[data-shot]')).toHaveCount(20)

  await status(page).getByRole('button', { name: 'Receive here' }).click()
  await expect(status(page)).toContainText('its shots land here')
  await runMonitor(banco, '--no-club', '--shots', '10', '--every', '60', '--seed', '6')
  await expect(page.locator('[data-shot]')).toHaveCount(30)
  expect((await bayOf(request, banco, one)).shots).toHaveLength(30)
  expect((await bayOf(request, banco, two)).shots).toHaveLength(20)
  const { waiting } = await bayOf(request, banco, one)
  expect(waiting.map(({ shots }) => shots)).toEqual([10])
})

test('undo names what it takes back, a monitor’s shot too, and redo brings it again', async ({
  page,
  request,
  banco,
}) => {
  const golfer = await golferWithBag(request, banco, 'Tamsyn Penrice')
  const session = await openSession(request, banco, golfer)
  await page.goto(`${banco.address}/golfers/${golfer}/bay`)
  await page.getByRole('button', { name: /^58° wedge/ }).click()
  await page.keyboard.type('91\n')
  await expect(page.getByRole('button', { name: 'Undo: 91.0 yd typed' })).toBeVisible()
  await expect.poll(async () => (await bayOf(request, banco, session)).shots.length).toBe(1)
  await post(request, banco, 'fed-1', 92.2)
  await expect(page.getByRole('button', { name: 'Undo: 92.2 yd from the monitor' })).toBeVisible()
  await page.keyboard.press('z')
  await expect(page.getByText('Taken back: 92.2 yd from the monitor')).toBeVisible()
  await expect(page.locator('[data-shot]')).toHaveCount(1)
  await page.keyboard.press('Shift+Z')
  await expect(page.locator('[data-shot]')).toHaveCount(2)
  await expect(page.getByText('Taken back')).toHaveCount(0)
})

test('held shots of one reason are one card, placed as one, and no club is chosen beforehand', async ({
  page,
  request,
  banco,
}) => {
  const golfer = await golferWithBag(request, banco, 'Petroc Lugg')
  await openSession(request, banco, golfer)
  await page.goto(`${banco.address}/golfers/${golfer}/bay`)
  await expect(status(page)).toContainText('Receiving')
  for (const [i, carry] of [171, 173, 170].entries()) await post(request, banco, `u${i}`, carry, 'spoon')
  const held = page.getByRole('region', { name: 'Shots that need checking' })
  await expect(held).toContainText('3 shots of 171.0, 173.0, 170.0 yd need checking')
  await expect(held.getByLabel('Which club was it?')).toHaveValue('')
  expect(await axeFindings(page)).toEqual([])
  await held.getByLabel('Which club was it?').selectOption({ label: '5-wood' })
  await held.getByRole('button', { name: 'Only 171.0' }).click()
  await expect(held).toContainText('2 shots of 173.0, 170.0 yd need checking')
  await held.getByRole('button', { name: '“spoon” is this club' }).click()
  await expect(held).toHaveCount(0)
  await page.goto(`${banco.address}/golfers/${golfer}/bag`)
  const names = page.getByRole('region', { name: 'Names in files and feeds' })
  await expect(names).toContainText('spoon 3 shots')
  await names.getByLabel('Which club “spoon” is').selectOption({ label: '7-wood' })
  await expect(names.locator('option:checked')).toHaveText('7-wood')
  await page.goto(`${banco.address}/golfers/${golfer}/stock`)
  await expect(page.getByRole('row', { name: /7-wood 21°/ })).toContainText('171')
})

test('a plan and the open station agree, or one loud line says that they do not', async ({
  page,
  request,
  banco,
}) => {
  const golfer = await golferWithBag(request, banco, 'Conan Retallack')
  const home = `${banco.address}/golfers/${golfer}`
  await page.goto(`${home}/wedges`)
  for (const swing of ['half', 'three-quarter'])
    await page.getByRole('button', { name: `58° wedge, ${swing}: put it into the next plan` }).click()
  await expect(page.getByText('2 stations put aside')).toBeVisible()
  await page.goto(`${home}/bay`)
  await page.getByLabel('Shots each').selectOption('3')
  // A plan that is not started yet survives a reload.
  await page.reload()
  await expect(page.getByLabel('Shots each')).toHaveValue('3')
  await page.getByRole('button', { name: 'All clear, start' }).click()
  const heading = page.getByRole('heading', { level: 1 })
  const first = (await heading.textContent()) ?? ''
  for (const carry of [48, 49, 47]) await page.keyboard.type(`${carry}\n`)
  await expect(heading).not.toHaveText(first)
  await expect(page.getByTestId('plan')).not.toContainText('Open:')
  await page.getByRole('button', { name: /^8-iron/ }).click()
  await expect(page.getByTestId('plan')).toContainText(/Plan: 58° wedge, (half|three-quarter)\. Open: 8-iron/)
  await page.getByRole('button', { name: 'Open the plan’s' }).click()
  await expect(heading).toHaveText(/58° wedge, (half|three-quarter) swing/)
  await expect(page.getByText('Best to hit next')).toHaveCount(0)
})

async function post(
  request: APIRequestContext,
  banco: BancoServer,
  id: string,
  carry: number,
  club?: string,
) {
  const response = await request.post(`${banco.address}/api/feed/shots`, {
    data: { id, units: { length: 'yd', speed: 'mph' }, carry, ...(club && { club }) },
  })
  expect(response.ok()).toBe(true)
}
