import { spawn } from 'node:child_process'
import type { Page } from '@playwright/test'
import type { BancoServer } from '../../demo/banco-server'
import { axeFindings, bayOf, expect, golferWithBag, moveByKey, openSession, pausedFor, test } from './banco'

test('the first ball and the first after a pause wait for the word that the range is clear', async ({
  page,
  request,
  banco,
}) => {
  const golfer = await golferWithBag(request, banco, 'Tegen Carlyon')
  const started = await request.post(`${banco.address}/api/golfers/${golfer}/sessions`, {
    data: { place: 'range', offsetMin: 0 },
  })
  const { id: session } = (await started.json()) as { id: string }
  await page.goto(`${banco.address}/golfers/${golfer}/bay`)
  const region = page.getByRole('region', { name: 'Is the range clear?' })
  await expect(region).toContainText('Before the first ball: is anybody in front of you?')
  await page.keyboard.type('66\n')
  await expect(region).toContainText('1 shot does not count yet: 58° wedge 66.0')
  await expect(page.locator('[data-shot]')).toHaveCount(0)
  await expect(page.locator('[data-pending]')).toContainText('not counted: range not clear')
  expect(await axeFindings(page)).toEqual([])
  await page.keyboard.press('Enter')
  await expect(region).toHaveCount(0)
  await expect(page.locator('[data-shot]')).toHaveCount(1)

  // The word was given nine minutes ago, and no ball was hit since.
  const later = await request.post(`${banco.address}/api/golfers/${golfer}/sessions`, {
    data: { place: 'range', offsetMin: 0 },
  })
  const { id: early } = (await later.json()) as { id: string }
  const url = `${banco.address}/api/sessions/${early}`
  await request.post(`${url}/clear`, { data: { atMs: Date.now() - 9 * 60_000 } })
  const { session: open } = await bayOf(request, banco, early)
  const nine = { id: 'nine', ...open.open!, carryM: 60, hitMs: Date.now() }
  await request.post(`${url}/shots`, { data: { shots: [nine] } })
  expect((await bayOf(request, banco, early)).shots[0]?.heldBecause).toBe('range-not-clear')
  await request.post(`${url}/clear`, { data: { atMs: Date.now() } })
  expect((await bayOf(request, banco, early)).shots[0]?.heldBecause).toBeNull()
  expect((await bayOf(request, banco, session)).shots).toHaveLength(1)
})

test('after a pause, what the monitor sends of another club waits in sight, and so does every shot after it', async ({
  page,
  request,
  banco,
}) => {
  const golfer = await golferWithBag(request, banco, 'Jory Trembath')
  const session = await openSession(request, banco, golfer, 'range')
  const url = `${banco.address}/api/sessions/${session}`
  const view = await bayOf(request, banco, session)
  const club = (name: string) => view.bag.clubs.find((each) => each.name === name)!.id
  await request.put(`${url}/station`, { data: { clubId: club('7-iron'), swing: 'full' } })
  pausedFor(banco, session, 6)
  await page.goto(`${banco.address}/golfers/${golfer}/bay`)
  const region = page.getByRole('region', { name: 'Is the range clear?' })
  await expect(region).toContainText('After a pause')
  const feed = (id: string, more: object = {}) =>
    request.post(`${banco.address}/api/feed/shots`, {
      data: { id, units: { length: 'yd', speed: 'mph' }, carry: 141, ...more },
    })
  await feed('eight', { club: '8-iron' })
  const held = page.getByRole('region', { name: 'Shots that need checking' })
  await held.getByRole('button', { name: 'It was the 8-iron: go there' }).click()
  await expect(held).toHaveCount(0)
  await expect(region).toContainText('1 shot does not count yet: 8-iron 141.0.')
  await feed('next')
  await page.keyboard.type('140\n')
  await expect(region).toContainText('3 shots do not count yet: 8-iron 141.0, 141.0, 140.0.')
  await expect(page.locator('[data-pending]')).toHaveCount(3)
  // Neither a reload nor another page hides them, nor the end of the session.
  await page.reload()
  await expect(region).toContainText('3 shots do not count yet')
  await page.goto(`${banco.address}/golfers/${golfer}/gaps`)
  await expect(page.getByText('3 shots need checking and do not count yet.')).toBeVisible()
  await page.getByRole('link', { name: 'Check them' }).click()
  await page.getByRole('button', { name: 'End the session' }).first().click()
  await expect(page.getByRole('heading', { name: /0 shots/ })).toBeVisible()
  await page.getByRole('button', { name: 'The range was clear' }).click()
  await expect(page.getByRole('heading', { name: /3 shots with 1 club/ })).toBeVisible()
  expect((await bayOf(request, banco, session)).shots.map(({ heldBecause }) => heldBecause)).toEqual([
    null,
    null,
    null,
  ])
})

test('where something hurts the session stops in place and at once, and a tap by mistake is taken back', async ({
  page,
  request,
  banco,
}) => {
  const golfer = await golferWithBag(request, banco, 'Wella Nankervis')
  const session = await openSession(request, banco, golfer)
  await page.goto(`${banco.address}/golfers/${golfer}/bay`)
  await page.keyboard.type('66\n67\n')
  await expect(page.locator('[data-shot]')).toHaveCount(2)
  await page.keyboard.press('r')
  await expect(page.getByRole('timer', { name: 'Rest' })).toContainText(/Rest: 1:2\d/)
  const stopped = page.getByRole('alert', { name: 'Something hurts' })
  const stop = async () => {
    const sent = page.waitForResponse((response) => response.request().method() === 'PATCH')
    await page.getByRole('button', { name: 'Something hurts' }).click()
    await expect(stopped).toContainText('Stopped. Do not hit another ball today.')
    await sent
  }
  await stop()
  await expect(page.getByLabel('Carry in yd')).toHaveCount(0)
  expect(await axeFindings(page)).toEqual([])
  const posted = await request.post(`${banco.address}/api/feed/shots`, {
    data: { id: 'after', units: { length: 'yd', speed: 'mph' }, carry: 66 },
  })
  expect(posted.status()).toBe(202)
  await expect(page.getByText('1 shot came while no session was open.')).toBeVisible()
  await stopped.getByRole('button', { name: 'Tapped by mistake, continue' }).click()
  await expect(page.getByLabel('Carry in yd')).toBeVisible()
  await stop()
  await page.getByRole('button', { name: 'Undo: something hurts' }).click()
  await page.getByLabel('Carry in yd').fill('68')
  await page.keyboard.press('Enter')
  await expect(page.locator('[data-shot]')).toHaveCount(3)
  await stop()
  await stopped.getByRole('link', { name: 'See the session' }).click()
  await expect(page.getByText('Stop here for today.')).toBeVisible()
  await expect(page.getByText('First let it heal.')).toBeVisible()
  expect((await bayOf(request, banco, session)).shots).toHaveLength(3)

  // A new session of the same day asks about it once.
  const start = page.getByRole('button', { name: 'All clear, start' })
  await page.goto(`${banco.address}/golfers/${golfer}/bay`)
  await start.click()
  await expect(page.getByText(/You stopped at \d\d:\d\d because something hurt/)).toBeVisible()
  await page.getByRole('button', { name: 'It does not hurt, all clear, start' }).click()
  await expect(page.getByLabel('Carry in yd')).toBeVisible()
  await page.getByRole('button', { name: 'End the session' }).first().click()
  await page.waitForURL(/sessions/)
  await page.goto(`${banco.address}/golfers/${golfer}/bay`)
  await start.click()
  await expect(page.getByLabel('Carry in yd')).toBeVisible()
})

/** The simulated weather station, where this Banco would ask it. */
async function withWeather(banco: BancoServer, place: string, activity: () => Promise<void>): Promise<void> {
  const station = spawn(process.execPath, [
    '.banco/programs/weather-station.mjs',
    '--place',
    place,
    '--port',
    String(banco.weatherPort),
  ])
  try {
    await new Promise((resolve) => station.stdout.once('data', resolve))
    await activity()
  } finally {
    station.kill()
  }
}

const inSetUp = (page: Page) => page.getByRole('region', { name: 'Conditions' })

test('a set-up is said, the weather station asked, and what was skipped stands beside the numbers', async ({
  page,
  request,
  banco,
}) => {
  const golfer = await golferWithBag(request, banco, 'Nessa Boden')
  await request.patch(`${banco.address}/api/golfers/${golfer}`, {
    data: { lengthUnit: 'm', homeAltitudeM: 12 },
  })
  await page.goto(`${banco.address}/golfers/${golfer}/bay`)
  const setUp = inSetUp(page)
  await setUp.getByText('optional').click()
  await setUp.getByRole('button', { name: 'Use weather station' }).click()
  await expect(setUp.getByText(/No weather station answers at .* or type the air yourself/)).toBeVisible()
  await withWeather(banco, 'Alto Verin', async () => {
    await setUp.getByRole('button', { name: 'Use weather station' }).click()
    await expect(setUp.getByText('From the weather station at Alto Verin.')).toBeVisible()
  })
  await expect(setUp.getByLabel('Altitude of the numbers')).toHaveValue('1450')
  await setUp.getByRole('button', { name: /as at my home course, 12 m/ }).click()
  await expect(setUp.getByLabel('Altitude of the numbers')).toHaveValue('12')
  await setUp.getByLabel('The ball lies on').selectOption('mat')
  await setUp.getByLabel('Which one').selectOption('My monitor')
  await setUp.getByRole('button', { name: 'Change its checklist and distances' }).click()
  await setUp.getByLabel('Ball to net, at least').fill('2.9')
  await setUp.getByLabel('Ball to net', { exact: true }).fill('2.6')
  await setUp.getByLabel('Monitor to ball', { exact: true }).fill('2.1 paces')
  await page.getByRole('button', { name: 'All clear, start' }).click()
  await expect(page.getByText('One number of the conditions is not a number')).toBeVisible()
  await setUp.getByLabel('Monitor to ball', { exact: true }).fill('2,1')
  await setUp.getByLabel('calibrated').check()
  await expect(setUp.getByText('2.6 m where 2.9 m is wanted: 0.3 m short')).toBeVisible()
  expect(await axeFindings(page)).toEqual([])
  await page.getByRole('button', { name: 'All clear, start' }).click()

  await page.getByLabel('Carry in m').pressSequentially('61\n')
  await expect(page.locator('[data-shot]')).toHaveCount(1)
  await page.getByRole('button', { name: 'End the session' }).first().click()
  await expect(inSetUp(page)).toContainText('0.3 m short')
  await expect(inSetUp(page)).toContainText('“level” was not checked (changes launch and peak)')
  await inSetUp(page).getByRole('button', { name: 'Edit conditions' }).click()
  await inSetUp(page).getByLabel('Ball', { exact: true }).fill('own ball')
  await inSetUp(page).getByRole('button', { name: 'Save' }).click()
  await expect(inSetUp(page)).toContainText('mat, own ball')
  await page.getByRole('link', { name: 'Stock', exact: true }).click()
  await page.getByText('Conditions are missing for 1 session').click()
  await expect(page.getByText(/0\.3 m short/)).toBeVisible()
})

test('a plan is made by hand with keys, is split over days, and a later day goes on where it stopped', async ({
  page,
  request,
  banco,
}) => {
  const golfer = await golferWithBag(request, banco, 'Peder Hosken', 'seven')
  await page.goto(`${banco.address}/golfers/${golfer}/bay`)
  const plan = page.getByRole('region', { name: 'Plan' })
  await plan.getByLabel('Shots each').selectOption('3 shots each')
  await plan.getByRole('button', { name: 'All clubs with the half swing, or none' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toContainText('36 shots with 6 clubs')
  await plan.getByRole('button', { name: 'All clubs with the half swing, or none' }).click()
  await plan.getByLabel('S-wedge, half').check()
  await expect(plan.getByText('21 shots, about')).toBeVisible()
  await moveByKey(page, plan.getByRole('button', { name: /^Move S-wedge, half, place 1$/ }), 'ArrowDown')
  await expect(plan.getByLabel('What to hit')).toHaveValue('by-hand')
  await expect(plan.locator('.block').first()).toContainText('S-wedge')
  await expect(plan.locator('.block').nth(1)).toContainText('S-wedge, half')
  await plan.getByRole('button', { name: 'One shot more with the S-wedge, place 1' }).click()
  await plan.getByRole('button', { name: /^Leave out the Driver/ }).click()
  await plan.getByLabel('What to hit').selectOption('3 shots at a time, round the bag')
  await plan.getByLabel('Shots each').selectOption('12 shots each')
  await plan.getByLabel('Longest day').selectOption('45 min a day')
  await expect(plan.getByText(/72 shots over 2 days, about \d+ min and \d+ min/)).toBeVisible()
  await expect(plan.getByText('Day 2:')).toBeVisible()
  expect(await axeFindings(page)).toEqual([])
  await page.getByRole('button', { name: 'All clear, start' }).click()
  await expect(page.getByTestId('plan')).toContainText('0 of 3 with the S-wedge, half')
  await page.getByLabel('Carry in yd').pressSequentially('38\n39\n')
  await expect(page.locator('[data-shot]')).toHaveCount(2)
  await page.getByRole('button', { name: 'End the session' }).first().click()
  await expect(page.getByText(/planned shots are for another day/)).toBeVisible()
  await page.getByRole('link', { name: 'Bay', exact: true }).click()
  await expect(page.getByText(/70 shots are left/)).toBeVisible()
  await page.getByRole('button', { name: 'Continue' }).click()
  await expect(page.getByText('70 shots over 2 days')).toBeVisible()
  await page.getByRole('button', { name: 'All clear, start' }).click()
  await expect(page.getByTestId('plan')).toContainText('0 of 1 with the S-wedge, half')
})

test('several carries are pasted as one action, all or none', async ({ page, request, banco }) => {
  const golfer = await golferWithBag(request, banco, 'Ysella Pender')
  const session = await openSession(request, banco, golfer)
  await page.goto(`${banco.address}/golfers/${golfer}/bay`)
  const carry = page.getByLabel('Carry in yd')
  const paste = (text: string) =>
    carry.evaluate((input, pasted) => {
      const clipboardData = new DataTransfer()
      clipboardData.setData('text', pasted)
      input.dispatchEvent(new ClipboardEvent('paste', { clipboardData, bubbles: true, cancelable: true }))
    }, text)
  await paste('66.2\n67,1\r\nsixty\n68')
  await carry.press('Enter')
  await expect(page.locator('#carry-problem')).toContainText('Carry 3: "sixty" is not a carry')
  await expect(page.locator('#carry-problem')).toContainText('None was taken.')
  expect((await bayOf(request, banco, session)).shots).toEqual([])
  await carry.fill('')
  await paste('66.2\n67,1 2l\r\n68')
  await carry.press('Enter')
  await expect(page.locator('[data-shot]')).toHaveCount(3)
  expect((await bayOf(request, banco, session)).shots.map(({ offlineM }) => offlineM ?? 0)).toEqual([
    0,
    expect.closeTo(-1.8288, 4),
    0,
  ])
  await page.keyboard.press('h')
  const history = page.getByRole('dialog', { name: /^Shot 3: 68\.0 yd/ })
  await expect(history).toContainText('hit, typed')
  await history.getByRole('button', { name: 'it was in the wind' }).click()
  await expect(history).toHaveCount(0)
  await expect(page.locator('[data-shot]').first()).toContainText('wind')
  await page.keyboard.press('z')
  await expect(page.locator('[data-shot]').first()).not.toContainText('wind')
  await page.keyboard.press('z')
  await expect(page.locator('[data-shot]')).toHaveCount(0)
})

test('what was expected stands beside what was found, and is never asked again where the golfer says so', async ({
  page,
  request,
  banco,
}) => {
  const golfer = await golferWithBag(request, banco, 'Derwa Tippett')
  await openSession(request, banco, golfer)
  await page.goto(`${banco.address}/golfers/${golfer}/bay`)
  await page.getByRole('button', { name: /^7-iron/ }).click()
  // A warm-up with the club does not answer for it.
  await page.keyboard.press('u')
  await expect(page.getByRole('button', { name: /^Warm-up off/ })).toBeVisible()
  await page.keyboard.type('110\n')
  await expect(page.locator('[data-shot]')).toHaveCount(1)
  await expect(page.getByText('What do you expect')).toHaveCount(0)
  await page.keyboard.press('u')
  await expect(page.getByText('What do you expect of the 7-iron?')).toBeVisible()
  await page.keyboard.type('123.5e')
  await expect(page.getByText('expected 124')).toBeVisible()
  await page.keyboard.type('116.4 116.4 116.4 116.4\n')
  await page.keyboard.press('p')
  await expect(page.getByText('What do you expect of the 8-iron?')).toBeVisible()
  await page.getByRole('button', { name: 'Never ask' }).click()
  await expect(page.getByText('What do you expect')).toHaveCount(0)
  await page.keyboard.press('p')
  await expect(page.getByRole('heading', { name: '9-iron, full swing' })).toBeVisible()
  await expect(page.getByText('What do you expect')).toHaveCount(0)
  await page.getByRole('button', { name: 'End the session' }).first().click()
  await expect(page.getByRole('region', { name: 'What you expected' })).toContainText(
    '7-iron: expected 123.5, stock 116.4: 7.1 yd too hopeful (6.1%)',
  )
})
