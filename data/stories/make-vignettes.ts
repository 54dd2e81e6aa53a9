import { mkdirSync, rmSync, writeFileSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { writeCaseFile } from '#core'
import { COLD_STORIES } from './stories-cold'
import { HOT_STORIES } from './stories-hot'
import { INSIDE_STORIES } from './stories-inside'
import { LEAK_STORIES } from './stories-leak'
import { writeStory } from './writer'

/**
 * Writes every story as a case file. Every third story is kept apart, in a folder of its own: the book is never
 * tuned on those. Run: npx tsx data/stories/make-vignettes.ts
 */
const root = join(dirname(fileURLToPath(import.meta.url)), '../vignettes')
const stories = [...LEAK_STORIES, ...INSIDE_STORIES, ...HOT_STORIES, ...COLD_STORIES]
for (const folder of ['open', 'kept-apart']) {
  rmSync(join(root, folder), { recursive: true, force: true })
  mkdirSync(join(root, folder), { recursive: true })
}
stories.forEach((story, i) => {
  const folder = i % 3 === 1 ? 'kept-apart' : 'open'
  writeFileSync(
    join(root, folder, `${story.complaint}-${story.id}.json`),
    writeCaseFile(writeStory(story, i + 1)),
  )
})
process.stdout.write(`${stories.length} vignettes\n`)
