import { renderToStaticMarkup } from 'react-dom/server'
import { withSeen } from './withSeen'

const Named = ({ name }: { name: string }) => <b title={name}>{name}</b>

test.each([
  { what: <p>{'\u202ea'}</p>, html: '<p>⟨U+202E⟩a</p>' },
  { what: <p>of {'\u202ea'} and</p>, html: '<p>of ⟨U+202E⟩a and</p>' },
  { what: <Named name={'\u0001'} />, html: '<b title="⟨U+0001⟩">⟨U+0001⟩</b>' },
  { what: <nav aria-label={'\u202a'} />, html: '<nav aria-label="⟨U+202A⟩"></nav>' },
  { what: <input readOnly value={'\u202a'} />, html: '<input readOnly="" value="\u202a"/>' },
])('every element shows it: $html', ({ what, html }) => {
  expect(renderToStaticMarkup(what)).toBe(html)
})

it('what is seen already stays the same object', () => {
  const props = { title: 'Osmund grey', children: ['of ', <b key="b">it</b>] }
  expect(withSeen(props)).toBe(props)
  expect(withSeen(null)).toBeNull()
})
