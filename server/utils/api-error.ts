/** An answer that is not a success: one shape for all routes, with a sentence a technician understands. */
export class ApiError extends Error {
  constructor(
    readonly status: number,
    readonly code: string,
    readonly sentence: string,
    readonly path?: string,
  ) {
    super(sentence)
  }
}

export const refuse = {
  signedOut: () =>
    new ApiError(
      401,
      'signed-out',
      'You are signed out. Sign in again; what you recorded is kept.',
    ),
  notYours: (what: string) => new ApiError(403, 'not-allowed', what),
  notFound: () => new ApiError(404, 'not-found', 'There is nothing here under that address.'),
  conflict: (what: string) => new ApiError(409, 'conflict', what),
  bad: (sentence: string, path?: string) => new ApiError(422, 'bad-input', sentence, path),
}
