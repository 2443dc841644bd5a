/** @jest-environment jsdom */
import { cleanup, fireEvent, render } from '@testing-library/react'
import { FAMILIES, SHEENS } from '@/core/model/vocabulary'
import { FAMILY_TEXTURE } from '../filmTexture'
import { SectionDrawing, type SectionFilm, sectionLayout } from './SectionDrawing'

afterEach(cleanup)

const film = (more: Partial<SectionFilm> = {}): SectionFilm => ({
  id: 'a',
  does: 'film',
  place: 'face',
  coats: [10],
  onFace: 1,
  downTo: null,
  family: 'lacquer',
  colour: '#445566',
  seen: '#445566',
  sheen: 'matt',
  translucent: false,
  settled: 1,
  ...more,
})

function drawn(films: SectionFilm[], heard: ((id: string) => void) | null = null) {
  const { container } = render(
    <SectionDrawing
      films={films}
      layout={sectionLayout(films, 400)}
      wide={300}
      chosen={null}
      onChoose={heard}
    />,
  )
  return container
}

it('families that could be taken for one another have another texture, without colour', () => {
  const textures = (['lacquer', 'alcohol-acrylic', 'water-acrylic', 'enamel'] as const).map(
    (family) => FAMILY_TEXTURE[family],
  )
  expect(new Set(textures).size).toBe(textures.length)
  for (const family of FAMILIES) expect(FAMILY_TEXTURE[family]).toBeTruthy()
})

it('the light on a film is as bright as its sheen', () => {
  const bright = SHEENS.map((sheen) => {
    const lines = [
      ...drawn([film({ sheen, colour: '#EEEEEE' })]).querySelectorAll(
        'g[data-film] > path[fill="none"]',
      ),
    ]
    cleanup()
    const top = lines.at(-1)
    return top?.getAttribute('stroke') === '#fff' ? Number(top.getAttribute('stroke-opacity')) : 0
  })
  expect(bright).toEqual([...bright].sort((a, b) => b - a))
  expect(bright.at(-1)).toBe(0)
})

it('what is planned is paler, what is fresh is veiled', () => {
  const opacity = (settled: SectionFilm['settled']) => {
    const group = drawn([film({ settled })]).querySelector('g[data-film]')
    const found = [Number(group?.getAttribute('opacity')), group?.querySelectorAll('path').length]
    cleanup()
    return found as [number, number]
  }
  const [planned] = opacity('planned')
  const [done, paths] = opacity(1)
  const [, fresh] = opacity(0.1)
  expect(planned).toBeLessThan(done)
  expect(fresh).toBe(paths + 1)
})

it('a clear is drawn in the colour that is seen through it', () => {
  const html = drawn([film({ translucent: true, colour: null, seen: '#AA3311' })]).innerHTML
  expect(html).toContain('#AA3311')
})

it('a band chooses its step; where it is only looked at, nothing', () => {
  const heard = jest.fn()
  const band = drawn([film()], heard).querySelector('g[data-film]')
  if (band) fireEvent.click(band)
  expect(heard).toHaveBeenCalledWith('a')
  cleanup()
  expect(drawn([film()]).querySelector('.cursor-pointer')).toBeNull()
})

test.each([
  { what: 'few films are drawn no larger than can be believed', coats: [5], most: 40 },
  { what: 'many no smaller than can be seen', coats: Array(60).fill(20), most: 1.4 },
])('$what', ({ coats, most }) => {
  const { scale, bar, tall } = sectionLayout([film({ coats })], 400)
  expect(scale).toBeCloseTo(most)
  expect(bar.long).toBeCloseTo(bar.microns * scale)
  expect(tall).toBeGreaterThan(100)
})
