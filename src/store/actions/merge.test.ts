import { readProject } from '@/core/formats/projectFile'
import type { Project } from '@/core/model/project'
import { handOver } from '../handed'
import type { Store } from '../store'
import { BUILD, storedProject, testStore } from '../tests/stores'
import { undo } from '../undo'
import { editBuild } from './builds'
import { importProject } from './documents'
import { mergeProject } from './merge'

function read(text: string): Project {
  const parsed = readProject(JSON.parse(text))
  if (!parsed.ok) throw new Error(JSON.stringify(parsed.problems[0]))
  return parsed.value
}

const renamed = (store: Store, name: string) =>
  editBuild(store, 'b', { do: 'set', fields: { name } }, 'Renamed')
const noted = (store: Store, id: string) =>
  store.db.acts.add({ id, at: '2026-03-17T19:00:00Z', kind: 'noted', text: id })

/** Two devices that went on from one file. */
async function devices(name: string): Promise<[Store, Store]> {
  const [desk, phone] = [testStore(`${name} desk`, 'd'), testStore(`${name} phone`, 'p')]
  await importProject(
    desk,
    { format: 'tectoria-project', version: 1, builds: [BUILD], sessions: null },
    'In',
  )
  await mergeProject(phone, read(await handOver(desk)), [], 'mine', 'the desk')
  return [desk, phone]
}

const same = (a: Project, b: Project) => {
  const sorted = ({ acts = [], ...rest }: Project) => ({
    ...rest,
    acts: [...acts].sort((one, other) => one.id.localeCompare(other.id)),
  })
  expect(sorted(a)).toEqual(sorted(b))
}

it('planned at the desk and logged on the phone: to and fro they come to one', async () => {
  const [desk, phone] = await devices('to and fro')
  same(await storedProject(desk), await storedProject(phone))
  await renamed(desk, 'Skiff, planned')
  await noted(phone, 'logged')
  expect(await mergeProject(desk, read(await handOver(phone)), [], 'mine', 'phone')).toMatchObject({
    ok: true,
  })
  expect((await storedProject(desk)).builds?.[0]?.name).toBe('Skiff, planned')
  expect((await storedProject(desk)).acts?.map(({ id }) => id)).toEqual(['logged'])
  const back = read(await handOver(desk))
  expect(await mergeProject(phone, back, [], 'mine', 'desk')).toMatchObject({ ok: true })
  same(await storedProject(desk), await storedProject(phone))
  // Once more changes nothing.
  expect(await mergeProject(phone, back, [], 'theirs', 'desk')).toEqual({
    ok: false,
    why: 'desk has nothing new.',
  })
})

it.each([
  ['mine', 'Here'],
  ['theirs', 'There'],
] as const)(
  'what both changed is as one says, and taken back as a whole: %s',
  async (wins, name) => {
    const [desk, phone] = await devices(`both ${wins}`)
    await renamed(desk, 'Here')
    await renamed(phone, 'There')
    await noted(phone, 'logged')
    const before = await storedProject(desk)
    await mergeProject(desk, read(await handOver(phone)), [], wins, 'phone')
    expect((await storedProject(desk)).builds?.[0]?.name).toBe(name)
    await undo(desk)
    expect(await storedProject(desk)).toEqual(before)
  },
)

it('a build that was removed on one device and left alone on the other is gone', async () => {
  const [desk, phone] = await devices('removed')
  await phone.db.builds.delete('b')
  await mergeProject(desk, read(await handOver(phone)), [], 'mine', 'phone')
  expect((await storedProject(desk)).builds).toEqual([])
})
