import { hasSentence } from '../../words/catalogue'

/** What the fields of a check's form are called, and its choices: those that it words itself, and the common answers. */
export function useFormWords(check: string) {
  const { say } = useWords()
  const labelOf = (path: string) => say(`form.${check}.${path}`)
  function optionOf(path: string, value: string): string {
    const own = `form.${check}.${path}.${value}`
    return say(hasSentence(own) ? own : `answer.${value}`)
  }
  return { labelOf, optionOf }
}
