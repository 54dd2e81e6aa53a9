import type { CheckWords } from './check-words'

export const fanInAction: CheckWords = {
  name: 'Fan in action',
  why: 'Does it start where it should.',
  states: {
    works: 'Fan starts when it should.',
    late: 'Fan starts late.',
    never: 'Fan never starts, though it should.',
    'second-never': 'The second fan or speed never starts, though it should.',
    'always-on': 'Fan runs all the time.',
    'proves-motor-only': 'Motor and feed work; temperature control is not shown.',
    'not-called-for': 'It was not hot enough to be called for.',
  },
  panel: {
    'form.fan-in-action.figure.lateByK': 'Later than it should',
    'form.fan-in-action.figure.hysteresisK': 'Between start and stop',
    'form.fan-in-action.which': 'Fan watched',
    'form.fan-in-action.which.first': 'First or only',
    'form.fan-in-action.which.second': 'Second, or high speed',
    'form.fan-in-action.airConditioning': 'Air conditioning',
    'form.fan-in-action.ran': 'Fan ran',
    'form.fan-in-action.ran.always': 'All the time',
    'form.fan-in-action.startedAt': 'Started at',
    'form.fan-in-action.stoppedAt': 'Stopped at',
    'form.fan-in-action.switchingPlace': 'Hottest at its switch',
    'form.fan-in-action.shouldStartAt': 'Should start at',
    'form.fan-in-action.coolsWhenOn': 'Temperature falls while it runs',
    'form.fan-in-action.speeds': 'Speeds',
    'form.fan-in-action.speeds.all': 'All there',
    'form.fan-in-action.speeds.one-missing': 'One is missing',
  },
  sentences: {
    'fan.notCalledFor':
      'The fan did not run, and the place that switches it was not shown hot: nothing follows.',
    'says.fanStarted': 'Fan started by itself',
    'says.secondFan.yes': 'Second fan or speed runs',
    'says.secondFan.no': 'Second fan or speed does not start',
    'says.fanAlways': 'Fan runs all the time',
    'says.fanNotAlways': 'Fan does not run all the time',
    'says.fanAc.yes': 'Fan runs with air conditioning on',
    'says.fanAc.no': 'Fan does not run with air conditioning on',
  },
}
