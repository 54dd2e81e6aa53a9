/** What the store needs to know of who works here, and tells of it. */
export interface StoreSession {
  current: { person: { id: string; name: string }; shop: { elevationMetres: number } } | undefined
  state: 'unknown' | 'signed-in' | 'offline' | 'signed-out'
  /** nothing is to be kept on this device beyond its page */
  keepsNothing?: boolean
  /** moment of the last sign-in on this page */
  signedInAt: number
  noteWaiting(personId: string, name: string, count: number): void
  measureClock(serverNow: string, sentAt: number): void
  signOut(): void
}
