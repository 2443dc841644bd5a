/** @jest-environment jsdom */
import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { useBeginning } from './useBeginning'

afterEach(cleanup)

function List({ all }: { all: readonly number[] }) {
  const { shown, more } = useBeginning(all, 30)
  return (
    <ul>
      {shown.map((one) => (
        <li key={one}>row {one}</li>
      ))}
      {more}
    </ul>
  )
}

const rows = () => screen.queryAllByText(/^row/).length
const upTo = (count: number) => Array.from({ length: count }, (_, i) => i)

it('a short list is all there', () => {
  render(<List all={upTo(30)} />)
  expect(rows()).toBe(30)
  expect(screen.queryByRole('button')).toBeNull()
})

it('of a long one the beginning, and the next piece when it is asked for', () => {
  const { rerender } = render(<List all={upTo(70)} />)
  expect(rows()).toBe(30)
  fireEvent.click(screen.getByRole('button', { name: '40 more' }))
  expect(rows()).toBe(60)
  fireEvent.click(screen.getByRole('button', { name: '10 more' }))
  expect(rows()).toBe(70)
  rerender(<List all={upTo(5)} />)
  expect(rows()).toBe(5)
})
