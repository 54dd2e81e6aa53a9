<script setup lang="ts">
import { checkOf, faultEntry, REPORTED_COMPLAINTS } from '#core'

const { checkName, say } = useWords()

/** One fault of the book, read without a case. */
const props = defineProps<{ fault: string }>()
const emit = defineEmits<{ choose: [fault: string]; back: [] }>()
const entry = computed(() => faultEntry(props.fault))
const { own, changes, read } = useShopBook()
const lastOf = (of: 'prior' | 'repair', complaint?: string) =>
  changes.value.find(
    ({ change }) =>
      change.of === of &&
      change.fault === props.fault &&
      (change.of !== 'prior' || change.complaint === complaint),
  )
/** Cautions of all checks that show it, each once. */
const cautions = computed(() => {
  const checks = entry.value?.guards.flatMap((guard) => guard.checks) ?? []
  return [...new Set(checks.flatMap((check) => checkOf(check)?.cautions ?? []))]
})
const names = (checks: readonly string[]) => checks.map((check) => checkName(check)).join(', ')
</script>

<template>
  <article v-if="entry" class="sheet fault" :aria-label="entry.fault.name">
    <v-btn class="back" @click="emit('back')">{{ say('library.allFaults') }}</v-btn>
    <h2>{{ entry.fault.name }}</h2>
    <p>{{ entry.fault.what }}</p>
    <p v-for="caution in cautions" :key="caution" class="caution">
      {{ say(`caution.${caution}`) }}
    </p>
    <section>
      <h3>{{ say('library.tells') }}</h3>
      <table>
        <tbody>
          <tr v-for="tell in entry.tells" :key="tell.sign">
            <td class="often">{{ say(`library.level.${tell.level}`) }}</td>
            <th scope="row">
              {{ tell.name }}<span class="small quiet">{{ tell.because }}</span>
            </th>
            <td class="small">{{ checkName(tell.check) }}</td>
          </tr>
        </tbody>
      </table>
    </section>
    <section>
      <h3>{{ say('library.guards') }}</h3>
      <ul>
        <li v-for="guard in entry.guards" :key="guard.text">
          {{ guard.text }} <span class="small quiet">{{ names(guard.checks) }}</span>
        </li>
      </ul>
    </section>
    <section>
      <h3>{{ say('library.repair') }}</h3>
      <p>{{ entry.fault.proof }}</p>
      <BookEntry
        :entry="{ of: 'repair', fault }"
        :label="say('library.takes')"
        :book="entry.fault.cost.minutes"
        :here="own.repairMinutes?.[fault]"
        :last="lastOf('repair')"
        @set="read"
      />
    </section>
    <section v-if="entry.leadsTo.length + entry.comesFrom.length > 0">
      <h3>{{ say('library.links') }}</h3>
      <p v-for="link in entry.comesFrom" :key="`from-${link.id}`">
        <button type="button" class="link-button" @click="emit('choose', link.id)">
          {{ link.name }}
        </button>
        {{ say('library.bringsIt', { because: link.because }) }}
      </p>
      <p v-for="link in entry.leadsTo" :key="`to-${link.id}`">
        {{ say('library.leadsTo') }}
        <button type="button" class="link-button" @click="emit('choose', link.id)">
          {{ link.name }}</button>{{ ' ' }}<span class="small quiet">{{ link.because }}</span>
      </p>
    </section>
    <section>
      <h3>{{ say('library.howCommon') }}</h3>
      <BookEntry
        v-for="complaint in REPORTED_COMPLAINTS"
        :key="complaint"
        :entry="{ of: 'prior', fault, complaint }"
        :label="say(`complaint.${complaint}`)"
        :book="entry.fault.prior[complaint]"
        :here="own.priors?.[complaint]?.[fault]"
        :last="lastOf('prior', complaint)"
        @set="read"
      />
      <p class="small quiet">{{ entry.fault.priorBecause }}</p>
    </section>
  </article>
</template>

<style scoped>
.fault {
  display: flex;
  flex-direction: column;
  gap: 12px;
}
h2 {
  font-size: 25px;
}
table {
  border-collapse: collapse;
  width: 100%;
}
th,
td {
  text-align: left;
  vertical-align: top;
  padding: 6px 12px 6px 0;
  border-bottom: 1px solid var(--line);
}
th span {
  display: block;
  font-weight: 400;
}
.often {
  width: 130px;
}
ul {
  margin: 0;
  padding-left: 20px;
}
@media (min-width: 1000px) {
  .back {
    display: none;
  }
}
</style>
