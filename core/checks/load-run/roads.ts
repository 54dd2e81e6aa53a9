import type { LoadRun } from './record'

export type Road = LoadRun['segments'][number]['kind']

/** How a complaint is met on the road, as the keeper tells it. */
export type ToldRoad = 'standing' | 'load' | 'air-conditioning'

type Segment = LoadRun['segments'][number]

/** The keeper's question behind each, and whether a stretch of road has it. */
const TOLD: readonly { road: ToldRoad; question: string; has: (segment: Segment) => boolean }[] = [
  {
    road: 'standing',
    question: 'hot-at-idle',
    has: ({ kind }) => kind === 'idle' || kind === 'town',
  },
  {
    road: 'load',
    question: 'hot-at-load',
    has: ({ kind }) => kind === 'cruise' || kind === 'climb',
  },
  {
    road: 'air-conditioning',
    question: 'hot-with-ac',
    has: ({ airConditioning }) => airConditioning === 'on',
  },
]

/** Questions of the keeper's that say on what road the complaint is met. */
export const ROAD_QUESTIONS: readonly string[] = TOLD.map(({ question }) => question)

/**
 * The roads on which the keeper meets the complaint.
 * @param saidYes ids of the questions that were answered with yes
 * @example roadsTold(['hot-at-idle'])[0] // 'standing'
 */
export const roadsTold = (saidYes: readonly string[]): ToldRoad[] =>
  TOLD.filter(({ question }) => saidYes.includes(question)).map(({ road }) => road)

/**
 * What of it a run did not have: it shows nothing of the complaint there.
 * @example notDriven(example('load-run.run'), []).length // 0
 */
export const notDriven = ({ segments }: LoadRun, saidYes: readonly string[]): ToldRoad[] =>
  TOLD.filter(
    ({ question, has }) => saidYes.includes(question) && !segments.some((segment) => has(segment)),
  ).map(({ road }) => road)
