import { faultName, type Pivot, signName } from '#core'
import { formatChance } from '../../words/format'

/** The single answer that would change the lead, in words. */
export function usePivotWords() {
  const { checkName, say } = useWords()
  return ({ check, sign, state, chance, newLead, newLeadProbability }: Pivot) =>
    say('case.plan-dialog.wouldTurnIt', {
      check: checkName(check),
      sign: signName(sign),
      state: state.replaceAll('-', ' '),
      chance: formatChance(chance),
      lead: faultName(newLead),
      probability: formatChance(newLeadProbability),
    })
}
