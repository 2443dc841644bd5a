import { execFileSync } from 'node:child_process'
import { writeFileSync } from 'node:fs'
import { expect, exported, openDemo, test } from './support'

type Clock = { step: string; milestones: Record<string, { at: string } | null> }
type Plan = {
  builds: { id: string; parts: { id: string; clocks: Clock[]; next: { readyAt: string } }[] }[]
}

/** What the command line says of an exported file at an instant. */
function commandLine(file: string, now: string): Plan {
  const args = ['scripts/run.mjs', 'cli/tectoria.ts', 'project', file, '--now', now]
  return JSON.parse(
    execFileSync(process.execPath, args, { encoding: 'utf8', maxBuffer: 1 << 28 }),
  ) as Plan
}

const lisbon = new Intl.DateTimeFormat('en-GB', {
  timeZone: 'Europe/Lisbon',
  hour: '2-digit',
  minute: '2-digit',
})

test('a colder room lengthens the clocks by the handbook, and the screen says what the command line says', async ({
  page,
}, info) => {
  await openDemo(page, '/settings')
  await page.getByLabel('Temperature').fill('-60')
  await page.getByRole('button', { name: 'Set the room' }).click()
  await expect(page.getByText('Enter a number from -20 to 60 °C, not -60')).toBeVisible()
  await page.getByLabel('Temperature').fill('12')
  await page.getByRole('button', { name: 'Set the room' }).click()
  await expect(page.getByText('The room is at 12 °C and 50 %')).toBeVisible()

  const project = await exported(page)
  const file = info.outputPath('cold.json')
  writeFileSync(file, JSON.stringify(project))
  const now = await page.evaluate(() => new Date().toISOString())
  const plan = commandLine(file, now)
  const armour = plan.builds
    .find((build) => build.id === 'ploughman-6')
    ?.parts.find((part) => part.id === 'armour')
  const moss = armour?.clocks[0]?.milestones

  await page.goto('/builds/ploughman-6?part=armour')
  for (const point of ['tape', 'cured']) {
    const at = moss?.[point]?.at ?? ''
    await expect(page.locator(`[data-milestone="${point}"]`).first()).toContainText(
      lisbon.format(new Date(at)),
    )
  }

  // 12 h · 1.3 for three coats, of which 5 h 23 min ran at 20 °C; what is left takes (e^0.36 + 2^0.8) / 2 = 1.587 as long.
  const acts = project.acts as { part?: string; step?: string; kind: string; at: string }[]
  const laid = Date.parse(
    acts.find((act) => act.step === 'moss' && act.kind === 'finished')?.at ?? '',
  )
  const setAt = Date.parse(
    (project.climate as { at: string; celsius: number }[]).find((reading) => reading.celsius === 12)
      ?.at ?? '',
  )
  const left = 12 * 1.3 * 3600_000 - (setAt - laid)
  const factor = (Math.exp(0.045 * 8) + 2 ** 0.8) / 2
  expect(Math.abs(Date.parse(moss?.tape?.at ?? '') - (setAt + left * factor))).toBeLessThan(1000)
})
