import type { APIRequestContext, Page } from '@playwright/test'
import type { BancoServer } from '../../demo/banco-server'
import { allSent, bayOf, expect, golferWithBag, openSession, pausedFor, test } from './banco'

const phone = { viewport: { width: 390, height: 664 }, hasTouch: true, isMobile: true }
const entry = (page: Page) => page.getByLabel('Carry in yd')

/** Types carries on the phone's pad, as a thumb does. */
async function onPad(page: Page, carry: number): Promise<void> {
  const pad = page.getByRole('group', { name: 'Keys for a carry' })
  for (const digit of String(carry)) await pad.getByRole('button', { name: digit, exact: true }).tap()
  await pad.getByRole('button', { name: 'Add' }).tap()
}

const yards = (carryM: number | null) => Math.round((carryM ?? 0) / 0.9144)

/** Shots of one club that count, sent as if typed. */
async function hits(
  request: APIRequestContext,
  banco: BancoServer,
  session: string,
  name: string,
  carries: number[],
) {
  const { bag } = await bayOf(request, banco, session)
  const clubId = bag.clubs.find((club) => club.name === name)!.id
  const shots = carries.map((carry, i) => ({
    ...{ id: `${name}-${i}`, clubId, swing: 'full', carryM: carry * 0.9144, hitMs: Date.now() },
  }))
  const sent = await request.post(`${banco.address}/api/sessions/${session}/shots`, { data: { shots } })
  expect(sent.status()).toBe(200)
}

test.describe('on a phone', () => {
  test.use(phone)

  test('five a club typed from paper, with three slips: every shot is of its club, and no key moves or hides', async ({
    page,
    request,
    banco,
  }) => {
    test.setTimeout(240_000)
    const golfer = await golferWithBag(request, banco, 'Denzil Carne')
    await page.goto(`${banco.address}/golfers/${golfer}/bay`)
    await page.getByLabel('What to hit').selectOption('short to long')
    await page.getByLabel('Shots each').selectOption('5')
    await page.getByRole('button', { name: 'All clear, start' }).tap()
    const add = page.getByRole('group', { name: 'Keys for a carry' }).getByRole('button', { name: 'Add' })
    const first = await add.boundingBox()
    expect(first!.y + first!.height).toBeLessThanOrEqual(664 - 60)
    const clubs = await page.locator('.pick-station select').first().locator('option').allTextContents()
    const paper = clubs.toReversed().map((name, i) => ({
      name,
      carries: [0, 1, -1, 2, -2].map((off) => 60 + 12 * i + off),
    }))
    // Two digits swapped, and two wrong ones, among good ones.
    paper[4]!.carries[3] = 180
    paper[7]!.carries[2] = 413
    paper[9]!.carries[4] = 266
    for (const { name, carries } of paper) {
      await expect(page.getByRole('combobox', { name: 'Club' })).toHaveValue(/./)
      await expect(page.locator('.pick-station select').first().locator('option:checked')).toHaveText(name)
      for (const carry of carries) await onPad(page, carry)
      expect(await add.boundingBox()).toEqual(first)
    }
    await expect(page.getByText(/in this browser/)).toHaveCount(0)
    await allSent(page)
    const session = (await currentSession(request, banco, golfer))!
    const { shots, bag } = await bayOf(request, banco, session)
    const of = (name: string) =>
      shots
        .filter(({ clubId }) => bag.clubs.find(({ id }) => id === clubId)?.name === name)
        .map(({ carryM }) => yards(carryM))
    for (const { name, carries } of paper) expect([name, of(name)]).toEqual([name, carries])
    const held = shots.filter(({ heldBecause }) => heldBecause !== null)
    expect(held.length).toBeGreaterThan(0)
    const card = page.getByRole('region', { name: 'Shots that need checking' })
    for (const { clubId } of held)
      await expect(card).toContainText(`${bag.clubs.find(({ id }) => id === clubId)!.name}:`)
    // The plan is done, and what comes next are the gaps.
    await expect(page.locator('.pick-station').getByRole('link', { name: 'See gaps' })).toBeVisible()
  })

  test('the pad stays where it is under a question, a held shot, a pause and a long name', async ({
    page,
    request,
    banco,
  }) => {
    const golfer = await golferWithBag(request, banco, 'Kenver Tyack')
    const session = await openSession(request, banco, golfer, 'range')
    await hits(request, banco, session, '58° wedge', [66, 67, 65, 66, 68])
    pausedFor(banco, session, 9)
    await page.goto(`${banco.address}/golfers/${golfer}/bay`)
    const add = page.getByRole('group', { name: 'Keys for a carry' }).getByRole('button', { name: 'Add' })
    const where = await add.boundingBox()
    await page.getByRole('combobox', { name: 'Club' }).selectOption({ label: '7-iron' })
    await expect(page.getByText('What do you expect of the 7-iron?')).toBeVisible()
    expect(await add.boundingBox()).toEqual(where)
    await page.getByRole('combobox', { name: 'Club' }).selectOption({ label: '58° wedge' })
    await onPad(page, 166)
    await expect(page.getByRole('region', { name: 'Shots that need checking' })).toBeVisible()
    expect(await add.boundingBox()).toEqual(where)
    await expect(page.getByRole('button', { name: 'Total', exact: true })).toBeVisible()
    await page.getByRole('combobox', { name: 'Swing' }).selectOption('three-quarter')
    expect(await add.boundingBox()).toEqual(where)
    expect(where!.y + where!.height).toBeLessThanOrEqual(664 - 60)
  })
})

async function currentSession(
  request: APIRequestContext,
  banco: BancoServer,
  golfer: string,
): Promise<string | null> {
  const page = await (await request.get(`${banco.address}/golfers/${golfer}/log`)).text()
  return /bay\?session=([\w-]+)/.exec(page)?.[1] ?? null
}

test('a corrected slip is one act: undone it needs checking again, and corrected again it counts once', async ({
  page,
  request,
  banco,
}) => {
  const golfer = await golferWithBag(request, banco, 'Massen Roscarrock')
  const session = await openSession(request, banco, golfer)
  await hits(request, banco, session, '5-wood', [219.7, 220.4, 219])
  await page.goto(`${banco.address}/golfers/${golfer}/bay`)
  await page.getByRole('button', { name: /^5-wood/ }).click()
  const held = page.getByRole('region', { name: 'Shots that need checking' })
  const counted = async () =>
    (await bayOf(request, banco, session)).shots
      .filter(({ heldBecause }) => heldBecause === null)
      .map(({ carryM }) => Math.round(carryM! / 0.09144) / 10)
  await entry(page).pressSequentially('290.8\n')
  await expect(held).toContainText('5-wood: 290.8 yd needs checking')
  for (let times = 0; times < 2; times++) {
    await held.getByRole('button', { name: /^It was / }).click()
    await expect(held).toHaveCount(0)
    await expect.poll(async () => (await counted()).length).toBe(4)
    if (times === 0) {
      await page.getByRole('button', { name: /^Undo: 290.8 corrected to/ }).click()
      await expect(held).toBeVisible()
      expect(await counted()).toEqual([219.7, 220.4, 219])
    }
  }
  expect(await counted()).toHaveLength(4)
})

test('what was asked for last is the plan: clubs put aside win over an old draft, and a draft is kept from then on', async ({
  page,
  request,
  banco,
}) => {
  const golfer = await golferWithBag(request, banco, 'Elowen Tresize')
  const home = `${banco.address}/golfers/${golfer}`
  await page.goto(`${home}/bay`)
  await page.getByRole('button', { name: 'One shot more with the 58° wedge, place 1', exact: true }).click()
  const grid = page.locator('.station-grid')
  await expect(page.getByLabel('What to hit')).toHaveValue('by-hand')
  await expect(grid).toBeVisible()
  await page.getByLabel('Shots each').selectOption('7')
  await expect(page.getByText(/^(84|91) shots over 2 days/)).toBeVisible()
  await page.goto(`${home}/wedges`)
  await page.getByRole('button', { name: /^Plan all \d+ that are not hit/ }).click()
  await expect(page.getByText(/stations put aside/)).toBeVisible()
  await page.goto(`${home}/bay`)
  await expect(grid.getByLabel('Driver, full')).not.toBeChecked()
  await expect(grid.getByLabel('58° wedge, half')).toBeChecked()
  await page.getByLabel('Shots each').selectOption('4')
  await page.getByLabel('On the range').check()
  await page.reload()
  await expect(page.getByLabel('Shots each')).toHaveValue('4')
  await expect(page.getByLabel('On the range')).toBeChecked()
  await expect(grid.getByLabel('Driver, full')).not.toBeChecked()
})

test('the first field with a problem has the focus and is in view', async ({ page, banco }) => {
  await page.setViewportSize({ width: 390, height: 500 })
  await page.goto(`${banco.address}/golfers/new`)
  await page.getByRole('button', { name: 'Continue to the bag' }).click()
  await expect(page.getByLabel('Name')).toBeFocused()
  await expect(page.getByLabel('Name')).toBeInViewport()
  await expect(page.getByText('The name is empty')).toBeInViewport()
})

test('shots that went to the wrong golfer are moved to the right one, and undone', async ({
  page,
  request,
  banco,
}) => {
  const mats = await golferWithBag(request, banco, 'Mats Oakes')
  const ida = await golferWithBag(request, banco, 'Ida Oakes')
  const session = await openSession(request, banco, mats)
  await hits(request, banco, session, '7-iron', [150, 151, 149, 130, 131, 129, 130, 132, 131])
  await page.goto(`${banco.address}/golfers/${mats}/bay`)
  await page.getByRole('button', { name: /^7-iron/ }).click()
  await page.locator('[data-shot="7-iron-3"] button').click()
  await page.getByRole('button', { name: 'History of shot 4' }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByLabel('Who hit it?').selectOption('Ida Oakes')
  await dialog.getByRole('button', { name: 'Move it and the 5 shots after it' }).click()
  await expect(page.locator('[data-shot]')).toHaveCount(3)
  const hers = (await currentSession(request, banco, ida))!
  expect((await bayOf(request, banco, hers)).shots.map(({ carryM }) => yards(carryM))).toEqual([
    130, 131, 129, 130, 132, 131,
  ])
  await page.getByRole('button', { name: 'Undo: 6 shots from Mats Oakes to Ida Oakes' }).click()
  await expect(page.locator('[data-shot]')).toHaveCount(9)
  expect((await bayOf(request, banco, hers)).shots).toHaveLength(0)
})

test('before a slow page is alive its controls are disabled, and look it; then what is chosen stays', async ({
  page,
  request,
  banco,
}) => {
  const golfer = await golferWithBag(request, banco, 'Nancarrow Slade')
  let release = () => {}
  const slow = new Promise<void>((resolve) => (release = resolve))
  await page.route('**/_next/static/chunks/**', async (route) => {
    await slow
    await route.continue()
  })
  const opened = page.goto(`${banco.address}/golfers/${golfer}/bay`)
  const each = page.getByLabel('Shots each')
  await expect(each).toBeVisible()
  await expect(each).toBeDisabled()
  expect(await each.evaluate((node) => Number(getComputedStyle(node).opacity))).toBeLessThan(0.75)
  release()
  await opened
  await each.selectOption('9')
  await expect(page.getByText(/^(108|117) shots over 2 days/)).toBeVisible()
})

test('“Hit these” in an open session opens the club that it names, however often it is asked for', async ({
  page,
  request,
  banco,
}) => {
  const golfer = await golferWithBag(request, banco, 'Wenna Polglase')
  const session = await openSession(request, banco, golfer)
  await hits(request, banco, session, '7-iron', [150, 151, 149])
  await hits(request, banco, session, '8-iron', [138, 139, 137])
  const hitThese = async () => {
    await page.goto(`${banco.address}/golfers/${golfer}/gaps`)
    await page.getByRole('button', { name: 'Hit these' }).click()
    await page.waitForURL(/\/bay$/)
  }
  await hitThese()
  const plan = page.getByTestId('plan')
  await expect(plan).toContainText(/0 of \d+ with the/)
  const named = /with the ([\w-]+)/.exec(await plan.innerText())![1]!
  await expect(page.getByRole('heading', { level: 1 })).toContainText(`${named}, full swing`)
  await expect(plan).not.toContainText('Open:')
  const before = (await bayOf(request, banco, session)).plan
  await hitThese()
  expect((await bayOf(request, banco, session)).plan).toEqual(before)
})

test('other pages show a new shot without a reload, and a chosen gap and a number survive the way back', async ({
  page,
  context,
  request,
  banco,
}) => {
  const golfer = await golferWithBag(request, banco, 'Jenifer Penrose')
  const home = `${banco.address}/golfers/${golfer}`
  const session = await openSession(request, banco, golfer)
  await hits(request, banco, session, '7-iron', [150, 151, 149, 150])
  await hits(request, banco, session, '8-iron', [138, 139, 137, 138])
  await page.goto(`${home}/gaps`)
  const yardages = await context.newPage()
  await yardages.goto(`${home}/stock`)
  const desk = await context.newPage()
  await golferWithBag(request, banco, 'Another Penrose')
  await desk.goto(`${banco.address}/desk`)
  await expect(desk.getByRole('row', { name: /Jenifer Penrose/ })).toContainText('8 shots')
  await hits(request, banco, session, '9-iron', [126, 127, 125, 126])
  const table = page.getByTestId('stair-table')
  await expect(table.getByRole('row', { name: /8-iron to 9-iron/ })).toContainText('12')
  await expect(yardages.getByRole('row', { name: /9-iron/ })).toContainText('126')
  await expect(desk.getByRole('row', { name: /Jenifer Penrose/ })).toContainText('12 shots')

  await page
    .getByRole('button', { name: /^7-iron to 8-iron/ })
    .first()
    .click()
  const evidence = page.getByRole('region', { name: 'Evidence' })
  await expect(evidence.getByRole('heading', { level: 2 })).toHaveText('7-iron to 8-iron')
  await page.goto(`${home}/number`)
  await page.getByLabel('I have').fill('141')
  await page.getByLabel('it ends at').fill('128')
  await page.goto(`${home}/gaps`)
  await expect(evidence.getByRole('heading', { level: 2 })).toHaveText('7-iron to 8-iron')
  await page.goBack()
  await expect(page.getByLabel('I have')).toHaveValue('141')
  await expect(page.getByLabel('it ends at')).toHaveValue('128')
})

test('no page scrolls sideways at 320 px, and an address without a page has a head', async ({
  page,
  request,
  banco,
}) => {
  const golfer = await golferWithBag(request, banco, 'Loveday Trenoweth-Bosanketh')
  await golferWithBag(request, banco, 'Another One')
  const session = await openSession(request, banco, golfer)
  await hits(request, banco, session, '7-iron', [150, 151, 149, 150])
  await page.setViewportSize({ width: 320, height: 640 })
  const home = `/golfers/${golfer}`
  for (const path of [
    ...['bag', 'bay', 'stock', 'gaps', 'wedges', 'refit', 'course', 'log', 'rounds', 'import'].map(
      (each) => `${home}/${each}`,
    ),
    ...['/desk', '/desk/reports', '/golfers/new', '/nothing-here'],
  ]) {
    await page.goto(banco.address + path)
    const wide = await page.evaluate(() => document.documentElement.scrollWidth)
    expect([path, wide]).toEqual([path, 320])
  }
  await expect(page.getByRole('banner').getByRole('link', { name: 'Banco' })).toBeVisible()
})
