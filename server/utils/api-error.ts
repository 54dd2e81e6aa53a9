import { type Message, message, type MessageParameter } from '#core'

/** An answer that is not a success: one shape for all routes, with a sentence a technician understands. */
export class ApiError extends Error {
  constructor(
    readonly status: number,
    readonly code: string,
    /** what is said, by its id in the words */
    readonly problem: Message,
    readonly path?: string,
    /** when it may be tried again, seconds from now */
    readonly retryAfterSeconds?: number,
  ) {
    super(problem.id)
  }
}

/** A refusal of the words, by its name there. */
const said = (name: string, parameters?: Record<string, MessageParameter>) =>
  message(`refusal.${name}`, parameters)

export const refuse = {
  signedOut: () => new ApiError(401, 'signed-out', said('signedOut')),
  firstPassword: () => new ApiError(403, 'first-password', said('firstPassword')),
  secondFactor: (name: 'secondFactorWanted' | 'secondFactorWrong') =>
    new ApiError(401, 'second-factor', said(name)),
  password: (problem: Message) => new ApiError(422, 'bad-input', problem, 'password'),
  wrongSignIn: () => new ApiError(401, 'wrong-sign-in', said('wrongSignIn')),
  tooManyTries: (seconds: number) =>
    new ApiError(429, 'too-many-tries', said('tooManyTries', { seconds }), undefined, seconds),
  tooBusy: (seconds: number) =>
    new ApiError(429, 'too-busy', said('tooBusy', { seconds }), undefined, seconds),
  notYours: (name: string, parameters?: Record<string, MessageParameter>) =>
    new ApiError(403, 'not-allowed', said(name, parameters)),
  notFound: () => new ApiError(404, 'not-found', said('notFound')),
  conflict: (name: string, parameters?: Record<string, MessageParameter>) =>
    new ApiError(409, 'conflict', said(name, parameters)),
  tooLarge: (problem: Message) => new ApiError(413, 'too-large', problem),
  notJson: () => new ApiError(415, 'not-json', said('notJson')),
  bad: (name: string, path?: string, parameters?: Record<string, MessageParameter>) =>
    new ApiError(422, 'bad-input', said(name, parameters), path),
  noDatabase: (name: 'noDatabase' | 'noDatabaseButKept') =>
    new ApiError(503, 'no-database', said(name)),
  notSetUp: (name: 'noSessionPassword' | 'notMigrated') =>
    new ApiError(503, 'not-set-up', said(name)),
  goneAway: () => new ApiError(499, 'gone-away', said('goneAway')),
  unexpected: () => new ApiError(500, 'unexpected', said('unexpected')),
}
