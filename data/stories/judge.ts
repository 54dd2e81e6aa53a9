import { judge, type Share, shareOf } from '../../core/diagnosis/staged.fixture'
import { FOLDERS, stagedStories } from './staged'

/** Says how the staged stories are judged, and what is judged wrongly. Run: npm run judge, npm run judge -- staged-later */
const judged = judge(stagedStories(FOLDERS.find((folder) => folder === process.argv[2])))
const line = (name: string, share: Share) =>
  `${name}: ${(100 * shareOf(share)).toFixed(1)} % of ${share.of}\n${share.failed.map((one) => `  ${one}\n`).join('')}`
process.stdout.write(
  [
    line('cause leads at the last stage', judged.leads),
    line('causes among the first three', judged.amongFirst),
    line('laid bare, at 0.85 or more', judged.shown),
    line('plan right', judged.planned),
    `calibration error: ${judged.calibrationError.toFixed(3)}\n`,
  ].join(''),
)
