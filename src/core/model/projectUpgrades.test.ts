import { parseProject } from './project'
import { PROJECT_FORMAT, PROJECT_VERSION } from './projectFormat'
import { broughtUp, PROJECT_UPGRADES, type Upgrade } from './projectUpgrades'

// As if fields had been given other names twice.
const renamed =
  (from: string, to: string): Upgrade =>
  ({ [from]: value, ...rest }) => ({ ...rest, [to]: value })
const UPGRADES = [renamed('jars', 'bottles'), renamed('bottles', 'shelf')]

test.each([
  { version: 1, name: 'jars' },
  { version: 2, name: 'bottles' },
  { version: 3, name: 'shelf' },
])('a project of version $version is brought up step by step', ({ version, name }) => {
  const file = Object.freeze({ format: PROJECT_FORMAT, version, theirs: 7, [name]: [] })
  const newest = { format: PROJECT_FORMAT, version: 3, theirs: 7, shelf: [] }
  expect(broughtUp(file, UPGRADES)).toEqual(newest)
})

it('there is a way from every version to the one that is written', () => {
  expect(PROJECT_UPGRADES).toHaveLength(PROJECT_VERSION - 1)
  for (let version = 1; version <= PROJECT_VERSION; version++)
    expect(parseProject({ format: PROJECT_FORMAT, version })).toEqual({
      ok: true,
      value: { format: PROJECT_FORMAT, version: PROJECT_VERSION },
    })
})
