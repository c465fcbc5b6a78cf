import type { Page } from '@playwright/test'
import { axeFindings, bayOf, expect, golferWithBag, openSession, test } from './banco'

/** Takes back what the page shows at first, where it shows a change. */
async function undoAll(page: Page): Promise<void> {
  const bench = page.getByRole('region', { name: 'Try it yourself' })
  await expect(bench).toBeVisible()
  const undo = bench.getByRole('button', { name: 'Undo all' })
  if (await undo.isVisible()) await undo.click()
  await expect(undo).toBeHidden()
}

test.describe('on the demo', () => {
  test.use({ demo: true })

  test('a gap opens Fix gaps at it; a club is bent by key, saved under a name, and ordered from the clubmaker', async ({
    page,
    banco,
  }) => {
    await page.goto(`${banco.address}/golfers/demo-tilda/gaps`)
    await page.getByRole('button', { name: /^8-iron to 9-iron/ }).click()
    const evidence = page.getByRole('region', { name: 'Evidence' })
    await expect(evidence).toContainText(/Add a club of \d+(\.5)?°\. It would carry about \d+ \(\d+–\d+\)/)
    await evidence.getByRole('link', { name: 'Fix this gap' }).click()
    await expect(page.getByRole('heading', { level: 1 })).toContainText(/8-iron to 9-iron is \d\d yd/)
    expect(await axeFindings(page)).toEqual([])

    const bench = page.getByRole('region', { name: 'Try it yourself' })
    await undoAll(page)
    const row = bench.getByRole('listitem').filter({ hasText: '8-iron' }).first()
    await expect(row).toContainText(/\d\d yd to the next/)
    const gap = async () => Number((await row.innerText()).match(/(\d+) yd to the next/)![1])
    const before = await gap()
    const weaker = bench.getByRole('button', { name: '8-iron weaker' })
    await weaker.focus()
    await page.keyboard.press('Enter')
    await expect(row).toContainText('36.5° +0.5')
    await expect.poll(gap).toBeLessThan(before)
    for (let i = 0; i < 3; i++) await page.keyboard.press('Enter')
    // A forged head takes two degrees, and no more is tried.
    await expect(weaker).toBeDisabled()
    for (let i = 0; i < 3; i++) await bench.getByRole('button', { name: '8-iron stronger' }).click()

    await page.getByLabel('A name for these changes').fill('half a degree')
    await page.getByRole('button', { name: 'Save', exact: true }).click()
    const tried = page.getByRole('region', { name: 'Saved changes' })
    await expect(tried).toContainText('bend the 8-iron 0.5° weak')
    await expect(tried.getByRole('row', { name: /^half a degree/ })).toContainText('0.5°')
    await expect(tried.getByRole('row', { name: /^now/ })).toContainText('of 11')
    // By drag, and what else there is to try.
    await bench.getByLabel('Loft of the 7-iron').fill('-1')
    await expect(bench.getByRole('listitem').filter({ hasText: '7-iron' }).first()).toContainText('31° −1')
    await bench.getByLabel('What else with the 7-iron').selectOption({ label: 'one of 33°' })
    await expect(bench.getByText('33° instead')).toBeVisible()
    await bench.getByLabel('What else with the 7-iron').selectOption({ label: 'as now' })
    const order = page.getByRole('region', { name: 'Work order' })
    await expect(order.getByRole('row', { name: /8-iron/ })).toContainText('36.5°')
    await expect(order).toContainText('Lofts measured by')
    await page.emulateMedia({ media: 'print' })
    await expect(order).toBeVisible()
    await expect(bench).toBeHidden()
    await page.emulateMedia({ media: 'screen' })

    await page.reload()
    await page.getByRole('button', { name: 'Show half a degree on the ladder' }).click()
    await expect(row).toContainText('36.5° +0.5')
    await page.getByRole('button', { name: 'Remove half a degree' }).click()
    await expect(tried).not.toContainText('half a degree')
  })

  test('"is my three-wood worth its slot?", "what about two wedges at one number?" are answered', async ({
    page,
    banco,
  }) => {
    await page.goto(`${banco.address}/golfers/demo-marek/refit`)
    await expect(page.getByText(/You (probably )?need only one of the 3-wood and the 2-hybrid/)).toBeVisible()
    await page.goto(`${banco.address}/golfers/demo-tilda/refit`)
    await expect(page.getByRole('heading', { level: 1 })).toContainText(
      /P-wedge to 50° wedge .*same distance/,
    )
  })

  test('a club is bent by key, ordered, marked done, hit nine times, and what came stands beside what was expected', async ({
    page,
    banco,
  }) => {
    await page.goto(`${banco.address}/golfers/demo-tilda/refit`)
    await undoAll(page)
    await page.getByRole('button', { name: '9-iron stronger' }).focus()
    await page.keyboard.press('Enter')
    await page.keyboard.press('Enter')
    await expect(page.getByRole('region', { name: 'Work order' })).toContainText('40°')
    await page.getByRole('button', { name: 'Mark as done' }).focus()
    await page.keyboard.press('Enter')
    const when = page.getByLabel('Done on')
    const now = await when.inputValue()
    await when.fill('2099-05-04T10:00')
    await page.getByRole('form', { name: 'Mark as done' }).getByRole('button', { name: 'Save' }).click()
    await expect(page.getByText('That day is in the future')).toBeVisible()
    await when.fill(now)
    await page.getByRole('form', { name: 'Mark as done' }).getByRole('button', { name: 'Save' }).focus()
    await page.keyboard.press('Enter')
    const done = page.getByRole('region', { name: 'What was done to clubs' })
    const expects =
      /9-iron made 1° strong on .*: (\d+\.\d) ± \d\.\d before, (\d+\.\d ± \d\.\d) expected, not hit since/
    await expect(done).toContainText(expects)
    const [, was, expected] = (await done.innerText()).match(expects)!
    expect(await axeFindings(page)).toEqual([])

    await page.goto(`${banco.address}/golfers/demo-tilda/bay`)
    await page
      .getByRole('button', { name: /9-iron/ })
      .first()
      .click()
    await expect(page.getByRole('heading', { level: 1 })).toContainText('9-iron')
    await expect(page.getByText(`${expected} expected, not hit since`)).toBeVisible()
    for (const carry of [112, 115, 109, 113, 110, 114, 111, 116, 112]) {
      await page.keyboard.type(String(carry))
      await page.keyboard.press('Enter')
    }
    await expect(page.getByText(/expected, 112\.4 ± .* after 9 shots: as expected/)).toBeVisible()

    for (const at of ['stock', 'gaps', 'refit']) {
      await page.goto(`${banco.address}/golfers/demo-tilda/${at}`)
      if (at === 'stock')
        await page
          .getByRole('button', { name: /9-iron/ })
          .first()
          .click()
      if (at === 'gaps') await page.getByRole('button', { name: /^9-iron to P-wedge/ }).click()
      await expect(
        page.getByText(new RegExp(`${expected} expected, 112\\.4 ± .* after 9 shots`)),
      ).toBeVisible()
    }
    await page.goto(`${banco.address}/golfers/demo-tilda/bag`)
    await page.getByRole('link', { name: /^As it was until/ }).click()
    await expect(page.getByRole('row', { name: new RegExp(`^9-iron 41° ${was}`) })).toBeVisible()
    await page.goto(`${banco.address}/golfers/demo-tilda/refit`)
    await page.getByRole('button', { name: /take back what was done to the 9-iron/ }).click()
    await expect(done).toBeHidden()
  })

  test('"I want ten clubs": from Gaps to the printed order, each club less with its cost', async ({
    page,
    banco,
  }) => {
    await page.goto(`${banco.address}/golfers/demo-tilda/gaps`)
    await page.getByRole('link', { name: 'Fix gaps' }).last().click()
    const fewer = page.getByRole('region', { name: 'Fewer clubs', exact: true })
    await fewer.getByLabel('I want to carry').selectOption({ label: '10 clubs' })
    await expect(page).toHaveURL(/carry=10/)
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('10 clubs instead of 13')
    await expect(fewer.getByRole('listitem').first()).toContainText(
      /^12 clubs\s*Take out the .* Good gaps: \d+ of 10/,
    )
    const order = page.getByRole('region', { name: 'Work order' })
    await expect(order).toContainText(/Take out the .* and the .*\./)
    for (const end of ['Driver', '58° wedge']) await expect(order).not.toContainText(`the ${end}`)
    await page.emulateMedia({ media: 'print' })
    await expect(order).toBeVisible()
    await page.emulateMedia({ media: 'screen' })
    expect(await axeFindings(page)).toEqual([])
  })

  test('a club to try is typed with its carry, refused where it cannot be, and placed between its neighbours', async ({
    page,
    banco,
  }) => {
    await page.goto(`${banco.address}/golfers/demo-tilda/refit`)
    await undoAll(page)
    const typed = page.getByRole('form', { name: 'Try a club' })
    await typed.getByRole('button', { name: 'Add' }).click()
    await expect(typed.getByText('Type its loft in degrees')).toBeVisible()
    await typed.getByLabel('Loft of a club to try').fill('39')
    await typed.getByLabel('Its carry, if known').fill('9000')
    await typed.getByRole('button', { name: 'Add' }).click()
    await expect(typed.getByText(/Type a number from 3 to 450/)).toBeVisible()
    await typed.getByLabel('Its carry, if known').fill('119')
    await typed.getByRole('button', { name: 'Add' }).click()
    await expect(
      page.getByRole('button', { name: 'Remove: try a club of 39° that carries 119' }),
    ).toBeVisible()
    await expect(page.getByRole('row', { name: /^8-iron to 39° \(new\) new 10/ })).toBeAttached()
    await expect(page.getByRole('region', { name: 'Work order' })).toContainText(
      '39° is an estimate. Try one before you buy.',
    )
  })

  test('which wedges to have is on Wedges and on Fix gaps, with the same numbers', async ({
    page,
    banco,
  }) => {
    const sentences: string[] = []
    for (const at of ['wedges', 'refit']) {
      await page.goto(`${banco.address}/golfers/demo-tilda/${at}`)
      const which = page.getByRole('region', { name: 'Which wedges' })
      await expect(which).toContainText(/Your P-wedge \(46°\) carries \d+\. Below it, aim for about/)
      sentences.push(await which.innerText())
    }
    expect(sentences[0]).toBe(sentences[1])
  })

  test('on a phone the bench is used by thumb', async ({ page, banco }) => {
    await page.setViewportSize({ width: 390, height: 844 })
    await page.goto(`${banco.address}/golfers/demo-tilda/refit`)
    await undoAll(page)
    const stronger = page.getByRole('button', { name: '9-iron stronger' })
    const box = await stronger.boundingBox()
    expect(Math.min(box?.width ?? 0, box?.height ?? 0)).toBeGreaterThanOrEqual(44)
    await stronger.click()
    await expect(page.getByRole('region', { name: 'Try it yourself' })).toContainText('40.5° −0.5')
    const wide = await page.evaluate('document.documentElement.scrollWidth')
    expect(wide).toBeLessThanOrEqual(390)
  })
})

test('a gap that few shots are behind is hit again first, and nothing is ordered for it', async ({
  page,
  request,
  banco,
}) => {
  const golfer = await golferWithBag(request, banco, 'Merla Voss')
  const session = await openSession(request, banco, golfer)
  const { bag } = await bayOf(request, banco, session)
  const shots = (
    [
      ['8-iron', [130, 131, 129, 130, 132]],
      ['9-iron', [101, 102, 100, 103, 101]],
    ] as const
  ).flatMap(([name, carries]) =>
    carries.map((carry, i) => ({
      id: `${name}-${i}`,
      clubId: bag.clubs.find((club) => club.name === name)!.id,
      swing: 'full',
      carryM: carry * 0.9144,
      hitMs: Date.now() - i * 1000,
    })),
  )
  const sent = await request.post(`${banco.address}/api/sessions/${session}/shots`, { data: { shots } })
  expect(sent.status()).toBe(200)
  await page.goto(`${banco.address}/golfers/${golfer}/refit`)
  await expect(page.getByText(/^Hit \d+ more with the 8-iron/)).toBeVisible()
  await expect(page.getByRole('button', { name: 'Print' })).toBeHidden()
  await expect(page.getByRole('region', { name: 'Work order' })).toBeHidden()
  await page.getByRole('button', { name: 'Hit these' }).first().click()
  await expect(page).toHaveURL(/\/bay/)
})

test('a golfer without shots is led to the Bay; how a club is made is said, refused where it cannot be, and kept', async ({
  page,
  request,
  banco,
}) => {
  const golfer = await golferWithBag(request, banco, 'Jory Pascoe')
  await page.goto(`${banco.address}/golfers/${golfer}/refit`)
  await expect(page.getByRole('heading', { name: 'Nothing to fix yet' })).toBeVisible()
  await page.goto(`${banco.address}/golfers/${golfer}/bag`)
  await expect(page.getByText(/^To get bending advice, add/)).toBeVisible()
  await page.getByRole('button', { name: 'Change 9-iron' }).click()
  await page.getByText('How it is made').click()
  await page.getByLabel('Head').selectOption('forged')
  await page.getByLabel('The loft was measured').check()
  await page.getByLabel('Bounce').fill('60')
  await page.getByRole('button', { name: 'Save' }).click()
  await expect(page.getByText('Type a number from −5 to 25')).toBeVisible()
  await page.getByLabel('Bounce').fill('6')
  await page.getByLabel('Length').fill('36')
  await page.getByRole('button', { name: 'Save' }).click()
  await expect(page.getByRole('listitem').filter({ hasText: '9-iron' })).toContainText('measured')
  await page.getByRole('button', { name: 'Change 9-iron' }).click()
  await page.getByText('How it is made').click()
  await expect(page.getByLabel('Head')).toHaveValue('forged')
  await expect(page.getByLabel('Length')).toHaveValue('36')
})
