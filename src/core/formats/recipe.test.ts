import { demoProject } from '../../demo/demo'
import { stateOf } from '../builds'
import { judgeBuild } from '../builds/judgeBuild'
import { readProject } from './projectFile'
import { recipeOf } from './recipe'

const NOW = Date.parse('2026-03-17T18:25:00Z')
const DEMO = demoProject(NOW, 'UTC')
let count = 0
const newId = () => `new-${++count}`

describe.each((DEMO.builds ?? []).map(({ id, name }) => ({ id, name })))(
  '$name as a recipe',
  ({ id }) => {
    const recipe = recipeOf(DEMO, id, newId)
    const [build] = recipe.builds ?? []
    const before = DEMO.builds?.find((one) => one.id === id)

    it('is a project that can be read, with the plan and nothing that was done, owned or paid', () => {
      const text = JSON.stringify(recipe)
      expect(readProject(JSON.parse(text)).ok).toBe(true)
      expect(Object.keys(recipe).sort()).toEqual(['builds', 'format', 'mixes', 'version'])
      expect(text).not.toMatch(/"(bottle|thinner|price|leftMl|accepted|protection)"/)
      expect(build?.id).not.toBe(id)
      expect(build?.steps.map((step) => ('do' in step ? step.do : step.wait))).toEqual(
        before?.steps.map((step) => ('do' in step ? step.do : step.wait)),
      )
    })
    it('names its mixes by their new ids', () => {
      const mixes = new Set(recipe.mixes?.map((mix) => mix.id))
      for (const step of build?.steps ?? [])
        if ('mix' in step && step.mix !== undefined) expect(mixes).toContain(step.mix)
      for (const mix of recipe.mixes ?? []) expect(mix.build).toBe(build?.id)
    })
    it('is judged as a start: nothing of it is done', () => {
      const read = readProject(JSON.parse(JSON.stringify(recipe)))
      if (!read.ok || !build) throw new Error('not read')
      const judged = judgeBuild(stateOf(read.value), read.value.builds?.[0] as never, NOW)
      expect(
        [...judged.parts.values()].flatMap(({ entries }) => entries.filter(({ fact }) => fact)),
      ).toEqual([])
    })
  },
)

it('no build has no recipe', () => {
  expect(() => recipeOf(DEMO, 'gone', newId)).toThrow('gone')
})
