import {
  ASYMMETRIC_MATCHERS_OBJECT,
  chai,
  GLOBAL_EXPECT,
  JestAsymmetricMatchers,
  JestChaiExpect,
  JestExtend,
} from '@vitest/expect'

/** What a test file asks of its runner, so that one program can run each test as often as needed. */
chai.use(JestExtend)
chai.use(JestChaiExpect)
chai.use(JestAsymmetricMatchers)
export const expect = (value, message) => chai.expect(value, message)
Object.assign(expect, chai.expect)
Object.assign(expect, globalThis[ASYMMETRIC_MATCHERS_OBJECT])
globalThis[GLOBAL_EXPECT] = expect

/** The tests declared so far: a function each, in the order of the files. */
export const declared = []

export function describe(_name, body) {
  body()
}
describe.each = (rows) => (_name, body) => {
  for (const row of rows) body(...(Array.isArray(row) ? row : [row]))
}
export function it(name, body) {
  declared.push({ name, body })
}
it.each = (rows) => (name, body) => {
  for (const row of rows)
    it(`${name} ${JSON.stringify(row)?.slice(0, 60)}`, () =>
      body(...(Array.isArray(row) ? row : [row])))
}
