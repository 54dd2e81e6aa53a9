<script setup lang="ts">
import { type DecidedTogether, faultName, signName } from '#core'

/** Of what was found, and of the loss, what some causes do not account for, and who does. */
const props = defineProps<{ decided: DecidedTogether; causes: number }>()
const { say } = useWords()

/** What these have a good part of is shared; of the rest they have next to nothing. */
const SHARED_FROM = 0.25
/** One line for each who has a part of it, what is shared apart from what is not theirs at all. */
const lines = computed(() => {
  const left = props.decided.accounts?.left ?? []
  const lineOf = (how: 'shared' | 'belongs', of: typeof left) => {
    const to = new Map<string, string[]>()
    for (const { sign, others } of of) {
      const name = others[0] ? faultName(others[0].fault) : ''
      to.set(name, [...(to.get(name) ?? []), signName(sign)])
    }
    return [...to].map(([name, signs]) =>
      say(`case.accounts.${how}${name ? '' : '.nobody'}`, { to: name, signs: signs.join('; ') }),
    )
  }
  const isShared = ({ share }: { share: number }) => share >= SHARED_FROM
  return [
    ...lineOf(
      'belongs',
      left.filter((one) => !isShared(one)),
    ),
    ...lineOf('shared', left.filter(isShared)),
  ]
})
const loss = computed(() => {
  const { reported, left } = props.decided.lossLeft ?? {}
  if (reported === undefined || !left) return ''
  const litres = (coreValue: number) => ({ kind: 'volume', coreValue, decimals: 1 }) as const
  return say('case.accounts.loss', {
    reported: litres(reported),
    low: litres(left.low),
    high: litres(left.high),
  })
})
</script>

<template>
  <section v-if="decided.accounts" class="stack accounts" data-testid="accounts">
    <h3 v-if="lines.length > 0 || loss">{{ say('case.accounts.title', { causes }) }}</h3>
    <p v-if="decided.accounts.found > 0 && lines.length === 0">
      {{ say('case.accounts.all', { causes }) }}
    </p>
    <template v-else-if="lines.length > 0">
      <p>
        {{
          say('case.accounts.left', {
            causes,
            left: decided.accounts.left.length,
            found: decided.accounts.found,
          })
        }}
      </p>
      <ul>
        <li v-for="line in lines" :key="line">{{ line }}</li>
      </ul>
    </template>
    <p v-if="loss" class="caution">{{ loss }}</p>
  </section>
</template>

<style scoped>
.accounts {
  gap: 6px;
  margin-top: 8px;
}
ul {
  margin: 0;
  padding-left: 20px;
}
</style>
