import type { CircuitLink, FanCircuit, SystemProfile } from '#core'
import type { Say } from '../../look/say'

export type FanKind = Exclude<NonNullable<SystemProfile['fan']>, 'not-known'>

/** One measurement of the walk. */
export interface Step {
  field: keyof FanCircuit
  title: string
  how: string
  link?: CircuitLink
  /** what can be said, where it is not measured in figures */
  options?: readonly { value: string; text: string }[]
}

/** What can be said of each field that is not measured in figures. */
const optionsOf = (say: Say): Readonly<Partial<Record<keyof FanCircuit, Step['options']>>> => {
  const runs = [
    { value: 'runs', text: say('fan-circuit.itRuns') },
    { value: 'dead', text: say('fan-circuit.dead') },
  ]
  return {
    bridged: runs,
    directFeed: runs,
    command: [
      { value: 'present', text: say('fan-circuit.commandPresent') },
      { value: 'absent', text: say('fan-circuit.noCommand') },
    ],
    relay: [
      { value: 'passes', text: say('fan-circuit.passes') },
      { value: 'fails', text: say('fan-circuit.fails') },
    ],
    fuse: [
      { value: 'good', text: say('fan-circuit.good') },
      { value: 'blown', text: say('fan-circuit.blown') },
    ],
    speeds: [
      { value: 'all', text: say('fan-circuit.allSpeeds') },
      { value: 'one-missing', text: say('fan-circuit.oneIsMissing') },
    ],
    airDirection: [
      { value: 'right', text: say('fan-circuit.rightWay') },
      { value: 'wrong', text: say('fan-circuit.wrongWay') },
    ],
  }
}

const relayName = (fan: FanKind, say: Say) =>
  say(fan === 'electric-module' ? 'fan-circuit.module' : 'fan-circuit.relay')

/** What each link of the circuit is called on a fan of this kind. */
export const linkNames = (fan: FanKind, say: Say): Readonly<Record<CircuitLink, string>> => ({
  fuse: say('fan-circuit.fuse'),
  wire: say('fan-circuit.wire'),
  relay: relayName(fan, say),
  motor: say('fan-circuit.fan'),
  ground: say('fan-circuit.ground'),
  control: say(fan === 'thermo-switch' ? 'fan-circuit.switch' : 'fan-circuit.control'),
})

/** The measurements of the walk on a fan of this kind, in the order in which they are usually made. */
export function stepsOf(fan: FanKind, say: Say): Step[] {
  const isSwitch = fan === 'thermo-switch'
  const relay = relayName(fan, say)
  const options = optionsOf(say)
  const steps: Step[] = [
    {
      field: 'switchingPlace',
      title: say('fan-circuit.placeThatSwitchesIt'),
      how: say(isSwitch ? 'fan-circuit.measureAtTheSwitch' : 'fan-circuit.measureByScanTool'),
    },
    {
      field: 'supplyVolts',
      title: say('fan-circuit.supplyAtTheFansPlug'),
      how: say('fan-circuit.fanCalledForPlugOn'),
      link: 'wire',
    },
    {
      field: 'bridged',
      title: say('fan-circuit.bridged', { what: isSwitch ? say('fan-circuit.switch') : relay }),
      how: say('fan-circuit.bridgeIt', {
        what: isSwitch ? say('fan-circuit.switch').toLowerCase() : relay.toLowerCase(),
      }),
      link: 'relay',
    },
    {
      field: 'command',
      title: say(`fan-circuit.control.${fan}`),
      how: say(
        fan === 'electric-module' ? 'fan-circuit.commandedByScanTool' : 'fan-circuit.calledFor',
      ),
      link: 'control',
    },
    {
      field: 'groundDropVolts',
      title: say('fan-circuit.groundUnderLoad'),
      how: say('fan-circuit.betweenTheFansGroundPin'),
      link: 'ground',
    },
    {
      field: 'directFeed',
      title: say('fan-circuit.fanFedDirectly'),
      how: say('fan-circuit.throughAFuseFromThe'),
      link: 'motor',
    },
    {
      field: 'relay',
      title: say('fan-circuit.byItself', { what: relay }),
      how: say('fan-circuit.energisedOnTheBenchDoes'),
      link: 'relay',
    },
    {
      field: 'fuse',
      title: say('fan-circuit.fuse'),
      how: say('fan-circuit.lookAndMeasureAFuse'),
      link: 'fuse',
    },
    { field: 'speeds', title: say('fan-circuit.speeds'), how: say('fan-circuit.doesItRunAtEvery') },
    {
      field: 'airDirection',
      title: say('fan-circuit.air'),
      how: say('fan-circuit.doesItDrawThroughThe'),
    },
  ]
  // A fan with electronics of its own is never fed directly.
  const possible = steps.filter((s) => fan !== 'electric-module' || s.field !== 'directFeed')
  return possible.map((step) => ({ ...step, options: options[step.field] }))
}
