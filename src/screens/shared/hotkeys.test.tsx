/** @jest-environment jsdom */
import { cleanup, fireEvent, render } from '@testing-library/react'
import { useHotkeys } from './hotkeys'

afterEach(cleanup)

function Screen({ heard, dialog }: { heard: (key: string) => void; dialog?: boolean }) {
  useHotkeys(
    new Map([
      ['d', () => heard('d')],
      ['ArrowDown', () => heard('down')],
      ['mod+z', () => heard('undo')],
      ['?', () => heard('keys')],
    ]),
  )
  return (
    <div>
      <input aria-label="field" />
      <textarea aria-label="note" />
      <select aria-label="choice" />
      <button type="button">a button</button>
      {dialog && <div role="dialog" data-state="open" />}
    </div>
  )
}

function press(
  init: KeyboardEventInit,
  on: Element | Document = document,
  dialog = false,
): string[] {
  const heard: string[] = []
  const { container, unmount } = render(<Screen heard={(key) => heard.push(key)} dialog={dialog} />)
  const target =
    on === document ? document : (container.querySelector((on as Element).tagName) ?? document)
  fireEvent.keyDown(target, init)
  unmount()
  return heard
}

test.each([
  { why: 'a single key', init: { key: 'd' }, heard: ['d'] },
  { why: 'capitals too', init: { key: 'D' }, heard: ['d'] },
  { why: 'an arrow', init: { key: 'ArrowDown' }, heard: ['down'] },
  { why: 'Control Z', init: { key: 'z', ctrlKey: true }, heard: ['undo'] },
  { why: 'a shifted sign', init: { key: '?', shiftKey: true }, heard: ['keys'] },
  { why: 'a sign that this layout has without Shift', init: { key: '?' }, heard: ['keys'] },
  { why: 'a letter with Shift', init: { key: 'D', shiftKey: true }, heard: ['d'] },
  {
    why: 'with Alt nothing: that moves steps',
    init: { key: 'ArrowDown', altKey: true },
    heard: [],
  },
  { why: 'Control D is the browser’s', init: { key: 'd', ctrlKey: true }, heard: [] },
  { why: 'a key that means nothing', init: { key: 'q' }, heard: [] },
])('$why', ({ init, heard }) => {
  expect(press(init)).toEqual(heard)
})

test('on a Mac it is Command, and Control is left to the system', () => {
  const mac = jest.spyOn(navigator, 'userAgent', 'get').mockReturnValue('Mozilla (Macintosh)')
  expect(press({ key: 'z', metaKey: true })).toEqual(['undo'])
  expect(press({ key: 'z', ctrlKey: true })).toEqual([])
  mac.mockRestore()
})

test.each(['input', 'textarea', 'select'])('typing into %s is no hotkey', (tag) => {
  expect(press({ key: 'd' }, document.createElement(tag))).toEqual([])
})

it('on a button it is one', () => {
  expect(press({ key: 'd' }, document.createElement('button'))).toEqual(['d'])
})

it('while a dialog is open it has the keyboard to itself', () => {
  expect(press({ key: 'd' }, document, true)).toEqual([])
})

it('a screen that is gone hears nothing', () => {
  const heard = jest.fn()
  render(<Screen heard={heard} />).unmount()
  fireEvent.keyDown(document, { key: 'd' })
  expect(heard).not.toHaveBeenCalled()
})
