import { type Message, message } from '../quantity/message'
import { binaryReading, type SignReading } from '../inference/sign-reading'

/**
 * How often the scan tool reads the lower of two temperatures that disagree, where the sensor reads low and where it does
 * not. A thermometer that touches badly, or is pointed at bare metal, tells less than there is and hardly ever more: what
 * stands above the scan tool by far is seldom the second thermometer’s doing.
 */
const IS_LOWER = { whenPresent: 0.99, whenAbsent: 0.1 }

const says = (aboveK: number) => message(aboveK < 0 ? 'says.scanSide.low' : 'says.scanSide.high')

/**
 * Of two temperatures that disagree, which side the scan tool is on; `aboveK` is scan less second, K. Says nothing of
 * whether they do disagree: that is another reading.
 * @example scanSide('r', -14, 0.9).likelihood.yes // 0.99
 */
export const scanSide = (
  source: string,
  aboveK: number,
  validity: number,
  words: Message = says(aboveK),
): SignReading =>
  binaryReading(`${source}#side`, 'scan-reads-low', aboveK < 0, IS_LOWER, words, validity)
