import { message } from '../../quantity/message'
import { boilingPointC } from '../../physics/boiling'
import { correctedValue } from '../../quantity/record'
import { defineCheck, these } from '../define-check'
import { stopLimitC } from '../stop-limit'
import { knownValue } from '../../vehicle/profile'
import type { CheckContext } from '../context'
import { type AgreementAnalysis, analyseAgreement } from './analysis'
import { agreementSigns } from './signs'
import { sensorAgreement, type SensorAgreement } from './record'

/** Nearer to its rating than this the engine has come to it, K. */
const NEAR_RATING_K = 4

/** Both sources say that the engine came to the rating of its thermostat. */
function reachesRating(
  { scan, second, engineHot }: SensorAgreement,
  { state }: AgreementAnalysis,
  { profile }: CheckContext,
): boolean {
  const ratingC = knownValue(profile.thermostatRatingC)
  if (ratingC === undefined || state !== 'agree' || engineHot !== 'yes') return false
  return Math.min(correctedValue(scan), correctedValue(second)) >= ratingC - NEAR_RATING_K
}

export const sensorAgreementCheck = defineCheck({
  id: 'sensor-agreement',
  records: { 'sensor-agreement.compare': sensorAgreement },
  phase: 'hot',
  minutes: 4,
  sides: ['reading', 'nothing-wrong'],
  signs: these('scan-disagrees', 'scan-reads-low', 'dash-disagrees'),
  readsBeside: ['plateau-low'],
  doesNotProve: ['dash.pass.flatBand'],
  shows: [
    'dash-compared-cold',
    'dash-compared-hot',
    'dash-fits-cold',
    'dash-fits-hot',
    'dash-odd',
    'engine-hot',
    'engine-temperature-second-source',
    'level-full',
    'second-temperature',
    'second-temperature-differs',
  ],
  judge: {
    'sensor-agreement.compare': (record, context, { source }) => {
      const scanC = correctedValue(record.scan)
      const figures = analyseAgreement(scanC, correctedValue(record.second), record)
      const facts = figures.unitSlip ? [] : ['second-temperature']
      if (figures.state === 'agree') facts.push('engine-temperature-second-source')
      if (figures.state === 'agree' && record.engineHot === 'yes') facts.push('engine-hot')
      if (record.level === 'full') facts.push('level-full')
      if (figures.state === 'disagree') facts.push('second-temperature-differs')
      if (figures.dashOdd !== undefined) {
        const warmth = scanC < 60 ? 'cold' : 'hot'
        facts.push(`dash-compared-${warmth}`, figures.dashOdd ? 'dash-odd' : `dash-fits-${warmth}`)
      }
      const notes = figures.unitSlip ? [message('note.unitSlip')] : []
      if (record.level === 'low' && scanC < 80) notes.push(message('note.sensorMayBeDry'))
      if (record.secondKind === 'infrared' && record.surface === 'bare-metal')
        notes.push(message('note.bareMetal'))
      const boilingC = boilingPointC({ ...context.mix, heldKPaGauge: context.heldKPaGauge })
      const limitC = stopLimitC(context, boilingC)
      const cautions =
        scanC >= limitC && !figures.unitSlip
          ? [
              message('caution.stopLimit', {
                limit: { kind: 'temperature', coreValue: limitC },
              }),
            ]
          : []
      return {
        figures,
        states: [figures.state],
        facts,
        notes,
        cautions,
        signs: agreementSigns(
          source,
          figures,
          record.level,
          reachesRating(record, figures, context),
        ),
      }
    },
  },
})
