import { renderToStaticMarkup } from 'react-dom/server'
import { seen } from './seen'

test.each([
  { text: 'Osmund grey', shown: 'Osmund grey', why: 'as it is' },
  { text: 'two\n\tlines\r\n', shown: 'two\n\tlines\r\n', why: 'lines and tabs are seen' },
  { text: 'a\u0007b\u001bc', shown: 'a␇b␛c', why: 'control characters by their sign' },
  { text: 'a\u007fb\u0085c', shown: 'a⟨U+007F⟩b⟨U+0085⟩c', why: 'those without one by number' },
  { text: '\u202egnirts\u202c', shown: '⟨U+202E⟩gnirts⟨U+202C⟩', why: 'turned round' },
  { text: '\u2067x\u2069', shown: '⟨U+2067⟩x⟨U+2069⟩', why: 'set apart' },
  { text: '\u05d0\u200f!', shown: '\u05d0\u200f!', why: 'a mark that a Hebrew name has' },
  { text: '👩‍🎨', shown: '👩‍🎨', why: 'joined signs' },
])('$why', ({ text, shown }) => {
  expect(seen(text)).toBe(shown)
})

const Named = ({ name }: { name: string }) => <b title={name}>{name}</b>

test.each([
  { what: <p>{'\u202ea'}</p>, html: '<p>⟨U+202E⟩a</p>' },
  { what: <p>of {'\u202ea'} and</p>, html: '<p>of ⟨U+202E⟩a and</p>' },
  { what: <Named name={'\u0001'} />, html: '<b title="␁">␁</b>' },
  { what: <nav aria-label={'\u202a'} />, html: '<nav aria-label="⟨U+202A⟩"></nav>' },
  { what: <input readOnly value={'\u202a'} />, html: '<input readOnly="" value="\u202a"/>' },
])('every element shows it: $html', ({ what, html }) => {
  expect(renderToStaticMarkup(what)).toBe(html)
})
