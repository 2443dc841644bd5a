import { newestOnly } from './newestOnly'

/** A desk that answers when it is told to. */
function desk() {
  const open: { asked: number; answer: () => void; fail: () => void }[] = []
  const ask = (asked: number) =>
    new Promise<string>((resolve, reject) => {
      open.push({
        asked,
        answer: () => resolve(`answer ${asked}`),
        fail: () => reject(new Error(`no ${asked}`)),
      })
    })
  const heard: string[] = []
  const newest = newestOnly(ask)
  const put = (asked: number) =>
    newest(
      asked,
      (answer) => heard.push(answer),
      (error) => heard.push((error as Error).message),
    )
  const settle = async (how: 'answer' | 'fail') => {
    open.at(-1)?.[how]()
    await new Promise((next) => setTimeout(next))
  }
  return { open, heard, put, settle }
}

test('what was asked meanwhile is passed over but for the newest', async () => {
  const { open, heard, put, settle } = desk()
  for (const asked of [1, 2, 3, 4]) put(asked)
  expect(open.map(({ asked }) => asked)).toEqual([1])
  await settle('answer')
  expect(open.map(({ asked }) => asked)).toEqual([1, 4])
  await settle('answer')
  expect(heard).toEqual(['answer 1', 'answer 4'])
})

test('one that failed holds up nothing', async () => {
  const { heard, put, settle } = desk()
  put(1)
  put(2)
  await settle('fail')
  await settle('answer')
  put(3)
  await settle('answer')
  expect(heard).toEqual(['no 1', 'answer 2', 'answer 3'])
})
