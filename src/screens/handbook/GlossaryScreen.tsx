import { GLOSSARY } from '@/core/knowledge'

/** The words of the hobby, as they are meant here. */
export function GlossaryScreen() {
  return (
    <div className="max-w-5xl p-4 lg:p-6">
      <h1 className="font-display text-4xl font-semibold">Glossary</h1>
      <dl className="mt-4 columns-[22rem] gap-x-10">
        {GLOSSARY.map(({ word, means }) => (
          <div key={word} className="break-inside-avoid border-t border-rule py-2.5">
            <dt className="font-display text-xl font-semibold">{word}</dt>
            <dd>{means}</dd>
          </div>
        ))}
      </dl>
    </div>
  )
}
