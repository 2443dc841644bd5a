import { type RefObject, useRef, useState } from 'react'
import type { BaseIssue, BaseSchema } from 'valibot'
import { focusFirstError } from './fieldText'
import { readForm } from './forms'

/** A field as it is typed: its text, what is wrong with it, and what a change does. */
export type TypedField = {
  value: string
  error: string | undefined
  onChange: (event: { target: { value: string } }) => void
}

/** What is typed into a form by field, and its reading: what is wrong is told at its field, and the first is focused. */
export type Typed<K extends string> = {
  typed: Readonly<Record<K, string>>
  /** @param path where its errors are told, other than at its own name: "holder.mm" */
  field: (name: K, path?: string) => TypedField
  /** Reads a value, and hands it on where nothing is wrong with it. */
  read: <T>(
    schema: BaseSchema<unknown, T, BaseIssue<unknown>>,
    value: unknown,
    onRead: (value: T) => void,
  ) => void
  form: RefObject<HTMLFormElement | null>
}

export function useTyped<K extends string>(begin: Readonly<Record<K, string>>): Typed<K> {
  const [typed, setTyped] = useState(begin)
  const [errors, setErrors] = useState<Record<string, string>>({})
  const form = useRef<HTMLFormElement>(null)
  return {
    typed,
    form,
    field: (name, path = name) => ({
      value: typed[name],
      error: errors[path],
      onChange: ({ target }) => setTyped((now) => ({ ...now, [name]: target.value })),
    }),
    read: (schema, value, onRead) => {
      const read = readForm(schema, value)
      setErrors(read.ok ? {} : read.errors)
      if (read.ok) onRead(read.value)
      else focusFirstError(form.current)
    },
  }
}

/** The fields of an object that are said. */
export function saidOf(fields: Readonly<Record<string, unknown>>): Record<string, unknown> {
  return Object.fromEntries(Object.entries(fields).filter(([, value]) => value !== undefined))
}
