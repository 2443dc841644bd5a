import { expect, type Page } from '@playwright/test'

/** Every block of the plan can be hit and read: 24 px or more each way, none over another, no name cut off. */
export async function expectBlocksApart(page: Page): Promise<void> {
  await page.locator('[data-block]').first().waitFor()
  const wrong = await page.locator('[data-block]').evaluateAll((blocks) => {
    const boxes = blocks.map((block) => ({
      name: block.textContent ?? '',
      cut: block.scrollWidth > block.clientWidth + 1 || block.scrollHeight > block.clientHeight + 1,
      ...block.getBoundingClientRect().toJSON(),
    }))
    const found = boxes
      .filter(({ width, height }) => width < 24 || height < 24)
      .map(({ name }) => `too small: ${name}`)
    found.push(...boxes.filter(({ cut }) => cut).map(({ name }) => `cut off: ${name}`))
    boxes.sort((a, b) => a.left - b.left || a.top - b.top)
    boxes.forEach((box, i) => {
      const next = boxes[i + 1]
      if (next && next.left === box.left && next.top < box.bottom - 0.5)
        found.push(`covered: ${next.name}`)
    })
    return { found, many: boxes.length }
  })
  expect(wrong.many).toBeGreaterThan(10)
  expect(wrong.found).toEqual([])
}
