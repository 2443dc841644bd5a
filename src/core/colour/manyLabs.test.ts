import { labsOfLights } from './manyLabs'
import { labOfLight } from './spectrum'

test.each([
  [0, 0, 0],
  [1, 1, 1],
  [0.002, 0.001, 0.004],
  [0.5, 0.02, 0.9],
  [-0.02, 0.4, 0.1],
] as const)('the light %d %d %d has the same CIELAB among many as alone', (r, g, b) => {
  const { l, a, b: blue } = labOfLight([r, g, b])
  const many = labsOfLights(Float32Array.from([0.3, 0.3, 0.3, r, g, b]))
  expect(many[3]).toBeCloseTo(l, 2)
  expect(many[4]).toBeCloseTo(a, 2)
  expect(many[5]).toBeCloseTo(blue, 2)
})
