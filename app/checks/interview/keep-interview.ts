import type { RecordData, ReportedLoss } from '#core'

type Answer = RecordData<'interview.answer'>

/** What the keeper said before there was a case. */
interface Said {
  answers: ReadonlyMap<string, Answer['answer']>
  loss: ReportedLoss | undefined
  words: string
}

/** Keeps what the keeper said as the first records of a case. */
export async function keepInterview(caseId: string, { answers, loss, words }: Said): Promise<void> {
  const shop = useShop()
  for (const [question, answer] of answers)
    await shop.addRecord(caseId, 'interview.answer', { question, answer })
  if (loss) await shop.addRecord(caseId, 'interview.loss', loss)
  if (words) await shop.addRecord(caseId, 'interview.words', { text: words })
}
