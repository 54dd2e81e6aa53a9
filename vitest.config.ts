import { defineConfig } from 'vitest/config'
import { BaseSequencer, type TestSpecification } from 'vitest/node'

/** The files that take longest begin first, so that the others fill the time beside them. */
class LongestFirst extends BaseSequencer {
  override sort(files: TestSpecification[]) {
    const place = ({ moduleId }: TestSpecification) =>
      /guard-rows|every-field|every-profile-field|cli\.test|mutation\.test/.test(moduleId) ? 0 : 1
    return Promise.resolve([...files].sort((a, b) => place(a) - place(b)))
  }
}

export default defineConfig({
  test: {
    include: [
      '{core,words,cli,app,server,scripts,data,devices}/**/*.test.{ts,mjs}',
      'tests/*.test.ts',
    ],
    environment: 'node',
    testTimeout: 30000,
    maxWorkers: 2,
    isolate: false,
    sequence: { sequencer: LongestFirst },
  },
})
