import type { FormField } from '../components/form/form-fields'

/** What a fact of the case answers already, by the name of the field that asks for it. */
const ANSWERED: Readonly<Record<string, { fact: string; answer: string }>> = {
  thermostatOpen: { fact: 'thermostat-opened', answer: 'shown' },
  pumpDelivers: { fact: 'pump-delivers', answer: 'shown' },
  level: { fact: 'level-full', answer: 'full' },
}

/** First answers of a form that the case knows from other checks; each can be changed before it is kept. */
export function useKnown() {
  const open = useOpenCase()
  return (fields: readonly FormField[]): Record<string, string> => {
    const facts = open.answer.value?.ranked.assessment.facts
    return Object.fromEntries(
      fields.flatMap(({ path, entry }) => {
        const known = ANSWERED[path]
        const isOffered = entry.as === 'choice' && entry.options.includes(known?.answer ?? '')
        return known && isOffered && facts?.has(known.fact) ? [[path, known.answer]] : []
      }),
    )
  }
}
