import { readVeils, type VeilDraft, writeVeils } from './veilAddress'

const VEIL: VeilDraft = { bottle: 'osmund-rust-streak', coat: 'filter', percent: '3', passes: 3 }

it('veils come back from the address as they were', () => {
  const veils = [VEIL, { ...VEIL, bottle: 'a.b_c', coat: 'wash', percent: '', passes: 1 }]
  expect(readVeils(writeVeils(veils))).toEqual(veils)
  expect(readVeils('')).toEqual([])
  expect(readVeils(writeVeils([{ ...VEIL, percent: '2,5' }, VEIL]))).toEqual([
    { ...VEIL, percent: '2.5' },
    VEIL,
  ])
})

test.each(['x', '~filter~3~3', 'a~nothing~3~3', 'a~filter~3~0', 'a~filter~3~99', 'a~filter~3~1.5'])(
  '"%s" is no veil',
  (text) => {
    expect(readVeils(text)).toEqual([])
    expect(readVeils(`${text},${writeVeils([VEIL])}`)).toEqual([VEIL])
  },
)
