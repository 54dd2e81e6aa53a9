import type { CheckWords } from './check-words'

export const fanCircuit: CheckWords = {
  name: 'Fan circuit',
  why: 'Which link breaks.',
  states: {
    'no-break-found': 'No break found yet.',
    feed: 'Breaks in the feed.',
    relay: 'Breaks at the relay.',
    control: 'Breaks in the control.',
    ground: 'Breaks in the ground.',
    motor: 'The motor is dead.',
    speeds: 'One speed is missing.',
    direction: 'It blows the wrong way.',
  },
  sentences: {
    'locate.link': 'Which link of the circuit? Each measurement halves what is left.',
    'fanCircuit.placeNotHot':
      'No command, but the place that switches the fan was not shown hot: this says little about the switch.',
    'fanCircuit.pass.intermittent': 'an intermittent connector',
    'says.fanSupply': '{volts} V at the fan plug',
    'says.fanGround': '{volts} V lost in the fan’s ground',
    'says.fuse.good': 'Fan fuse good',
    'says.fuse.blown': 'Fan fuse blown',
    'says.relay.passes': 'Relay passes',
    'says.relay.fails': 'Relay does not pass',
    'says.fanCommand.present': 'Fan is called for',
    'says.fanCommand.absent': 'Fan is not called for',
    'says.bridged.runs': 'Fan runs when bridged',
    'says.bridged.dead': 'Fan dead when bridged',
    'says.directFeed.runs': 'Fan runs when fed directly',
    'says.directFeed.dead': 'Fan dead when fed directly',
    'says.allAtPlugAndDead': 'Supply, ground and command at the plug, and the fan is dead',
    'says.airDirection.right': 'Fan blows the right way',
    'says.airDirection.wrong': 'Fan blows the wrong way',
  },
}
