import { Hash } from '@adonisjs/hash'
import { Scrypt } from '@adonisjs/hash/drivers/scrypt'

/** scrypt with N = 2^15, r = 8, p = 1: about a tenth of a second and 32 MB a try. */
const hash = new Hash(
  new Scrypt({ cost: 32768, blockSize: 8, parallelization: 1, maxMemory: 64 * 1024 * 1024 }),
)

export const hashPassword = (password: string): Promise<string> => hash.make(password)
export const verifyPassword = (stored: string, password: string): Promise<boolean> =>
  hash.verify(stored, password)
