import { readTones, type ToneDraft, writeTones } from './toneAddress'

const TONE: ToneDraft = { name: 'Roof', bottle: 'a.b', percent: '3', passes: '2', area: '40' }

it('areas come back from the address as they were', () => {
  const tones = [TONE, { ...TONE, name: '', percent: '2,5' }]
  expect(readTones(writeTones(tones))).toEqual([TONE, { ...TONE, name: '', percent: '2.5' }])
  expect(readTones(writeTones([{ ...TONE, name: 'Left~ and, right' }]))[0]?.name).toBe(
    'Left  and  right',
  )
})

test.each(['', 'a', 'a~b~c', 'a~b~c~d~e~f'])('"%s" is no area', (text) => {
  expect(readTones(text)).toEqual([])
})
