import { MAX_FILE_BYTES, MAX_ZIP_BYTES, type TakenIn, type TakingIn } from '#core'
import { askInLines } from '../local-store/lines'

/** Where an import stands: the server looks at the file, its person is asked, or it is taken in. */
export type ImportStep =
  | { is: 'looking' | 'taking'; name: string; progress?: TakingIn }
  | { is: 'asking'; name: string; changes: TakenIn }

interface Heard {
  said: (sentence: string) => void
  failed: (sentence: string) => void
}

/** Takes in the file of a case: looks what it would change, asks, and does it. It can be stopped until it is done. */
export function useImport({ said, failed }: Heard) {
  const { say, sayProblem } = useWords()
  const shop = useShop()
  const step = shallowRef<ImportStep>()
  let body: string | Blob = ''
  let stopping = new AbortController()

  const send = (is: 'looking' | 'taking', name: string) => {
    stopping = new AbortController()
    step.value = { is, name }
    return askInLines<TakenIn, TakingIn>(
      is === 'looking' ? '/api/cases/import?try=yes' : '/api/cases/import',
      {
        body,
        signal: stopping.signal,
        tell: (progress) => step.value?.is === is && (step.value = { is, name, progress }),
      },
    )
  }

  async function look(file: File) {
    const isZip = file.name.toLowerCase().endsWith('.zip')
    const most = isZip ? MAX_ZIP_BYTES : MAX_FILE_BYTES
    if (file.size > most)
      return failed(
        say('board.isTooLargeACase', { name: file.name, max_file_bytes: most / 1048576 }),
      )
    body = isZip ? file : await file.text()
    try {
      const changes = await send('looking', file.name)
      if (changes.added > 0) step.value = { is: 'asking', name: file.name, changes }
      else end(() => said(say('board.wasHereAlreadyNothingChanged', { name: file.name })))
    } catch (error) {
      const isStopped = stopping.signal.aborted
      end(() =>
        isStopped
          ? said(say('board.importStopped', { name: file.name }))
          : failed(`${file.name}: ${sayProblem(error)}`),
      )
    }
  }

  async function take() {
    const name = step.value!.name
    try {
      const { added } = await send('taking', name)
      end(() => said(say('board.entriesTakenIn', { name, added })))
      await shop.synchronise()
    } catch (error) {
      if (stopping.signal.aborted) return sayWhatCameOfIt(name)
      end(() => failed(`${name}: ${sayProblem(error)} ${say('board.importAgain')}`))
    }
  }

  /** It was stopped, perhaps when all was done: the server tells. */
  async function sayWhatCameOfIt(name: string) {
    try {
      const { added } = await send('looking', name)
      end(() => said(say(added > 0 ? 'board.importStopped' : 'board.importWasDone', { name })))
    } catch (error) {
      end(() => failed(`${name}: ${sayProblem(error)} ${say('board.importAgain')}`))
    }
  }

  function end(tell: () => void) {
    step.value = undefined
    body = ''
    tell()
  }

  return { step, look, take, stop: () => stopping.abort(), leave: () => end(() => undefined) }
}
