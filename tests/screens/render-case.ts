import { renderToString } from 'vue/server-renderer'
import { createPinia, setActivePinia } from 'pinia'
import { type Component, computed, createSSRApp, defineComponent, h, provide, ref } from 'vue'
import { createMemoryHistory, createRouter } from 'vue-router'
import { vi } from 'vitest'
import { createVuetify } from 'vuetify'
import * as vuetifyComponents from 'vuetify/components'
import type { CaseFile, CheckId, Part } from '#core'
import { panelOf, RECORDABLE } from '../../app/checks'
import { OPEN_CASE, useCaseState } from '../../app/composables/use-case'
import Report from '../../app/pages/cases/[id]/report.vue'
import SuspectList from '../../app/components/case/SuspectList.vue'
import { useShop } from '../../app/stores/shop'
import { fillCopy } from './stand-ins/copy'
import { useRanking } from './stand-ins/ranking'

const shared = import.meta.glob<{ default: Component }>('../../app/components/**/*.vue', {
  eager: true,
})

/** What one screen says, a line for each block of it. */
export interface Screen {
  /** `report`, `suspects`, or the id of the check whose panel it is */
  name: string
  lines: string[]
}

/** A panel inside an open case, as the case's page holds it. */
function panelInCase(
  id: string,
  panel: Component,
  props: (open: OpenParts) => object = () => ({}),
) {
  return defineComponent(() => {
    const open = openParts(id)
    provide(OPEN_CASE, open.shared)
    return () => h(panel, props(open))
  })
}

type OpenParts = ReturnType<typeof openParts>

function openParts(id: string) {
  const shop = useShop()
  const input = computed(() => shop.caseInput(id))
  const { state, records, events } = useCaseState(() => input.value)
  const { answer } = useRanking(() => input.value)
  return {
    answer,
    shared: {
      id,
      input,
      state,
      records,
      events,
      answer,
      mayRecord: computed(() => true),
      part: ref<Part>(),
      goTo: () => undefined,
      engineRuns: () => Promise.resolve(true),
    },
  }
}

/** Charts ask the page for the colours of their lines; there is no page. */
const NO_COLOURS = { getPropertyValue: () => '' }

async function rendered(id: string, screen: Component): Promise<string[]> {
  const app = createSSRApp(screen)
  const pinia = createPinia()
  setActivePinia(pinia)
  const router = createRouter({
    history: createMemoryHistory(),
    routes: [
      { path: '/cases/:id', component: screen },
      { path: '/cases/:id/report', component: screen },
    ],
  })
  await router.push(`/cases/${id}`)
  app.use(pinia)
  app.use(router)
  app.use(createVuetify({ ssr: true, components: vuetifyComponents }))
  for (const [path, { default: component }] of Object.entries(shared))
    app.component(/([^/]+)\.vue$/.exec(path)![1]!, component)
  vi.stubGlobal('document', { documentElement: {} })
  vi.stubGlobal('getComputedStyle', () => NO_COLOURS)
  try {
    return linesOf(await renderToString(app))
  } finally {
    vi.unstubAllGlobals()
  }
}

const BLOCK =
  /<\/?(?:p|h[1-6]|li|ol|ul|section|article|header|footer|main|div|tr|td|th|button|dt|dd|label|figure|option|table)\b[^>]*>/g
const ENTITIES: Readonly<Record<string, string>> = {
  amp: '&',
  lt: '<',
  gt: '>',
  quot: '"',
  '#39': "'",
}

/** The text of a page's blocks; what stands in attributes and styles is not read. */
function linesOf(html: string): string[] {
  return html
    .replace(/<!--.*?-->/gs, '')
    .replace(/<(style|svg)\b.*?<\/\1>/gs, '')
    .replace(BLOCK, '\n')
    .replace(/<\/(?:span|small)>/g, ' ')
    .replace(/<[^>]*>/g, '')
    .replace(/&(amp|lt|gt|quot|#39);/g, (_, name: string) => ENTITIES[name]!)
    .split('\n')
    .map((line) =>
      line
        .replace(/\s+([.,;:]|$)/g, '$1')
        .replace(/\s+/g, ' ')
        .trim(),
    )
    .filter((line) => line !== '')
}

/** What a part of the case's page says, a line for each block of it. */
export function renderInCase(file: CaseFile, part: Component, props: object): Promise<string[]> {
  fillCopy(file)
  return rendered(
    file.case.id,
    panelInCase(file.case.id, part, () => props),
  )
}

/** The report, the suspects, and the panels of those checks that something is recorded of. */
export async function renderCase(file: CaseFile, checks: readonly CheckId[]): Promise<Screen[]> {
  fillCopy(file)
  const { id } = file.case
  const screens: Screen[] = [
    { name: 'report', lines: await rendered(id, Report) },
    {
      name: 'suspects',
      lines: await rendered(
        id,
        panelInCase(id, SuspectList, ({ answer }) => ({ answer: answer.value, failed: false })),
      ),
    },
  ]
  for (const { id: check } of RECORDABLE.filter((c) => checks.includes(c.id)))
    screens.push({ name: check, lines: await rendered(id, panelInCase(id, panelOf(check)!)) })
  return screens
}
