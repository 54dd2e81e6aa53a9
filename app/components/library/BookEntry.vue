<script setup lang="ts">
import {
  PRIOR_NAMES,
  SHOP_MINUTES,
  type ShopBookChange,
  shopBookChange,
  type ShopBookSet,
} from '#core'

/** One entry of the book: what is written, what the shop's lead has set in its place, and the form to set it. */
const props = defineProps<{
  /** the entry without what it is set to */
  entry:
    | { of: 'prior'; fault: string; complaint: 'coolant-loss' | 'overheats' | 'no-heat' }
    | { of: 'repair'; fault: string }
    | { of: 'check'; check: string }
  label: string
  book: ShopBookChange['to']
  here: ShopBookChange['to'] | undefined
  /** the last time that it was set, where that is known */
  last?: ShopBookSet | undefined
}>()
const emit = defineEmits<{ set: [] }>()
const { say } = useWords()
const { moment } = useMoments()
const session = useSession()
const shop = useShop()
const maySet = computed(() => session.current?.may.setShop === true)

const words = (value: ShopBookChange['to'] | undefined) =>
  typeof value === 'number'
    ? say('book.minutes', { minutes: value })
    : value
      ? say(`library.prior.${value}`)
      : ''
const levels = PRIOR_NAMES.map((value) => ({ value, title: words(value) }))
const isOpen = ref(false)
const level = ref(props.entry.of === 'prior' ? (props.here ?? props.book) : undefined)
const minutes = ref<number | undefined>()
const because = ref('')
const { problem, set, refuse } = useShopSetting('/api/shop/book')

function open() {
  level.value = props.here ?? props.book
  minutes.value = typeof props.here === 'number' ? props.here : undefined
  because.value = ''
  isOpen.value = true
}
async function keep(to: ShopBookChange['to'] | undefined) {
  if (to === undefined) return refuse(say('book.sayWhat'))
  if (to !== null && !because.value.trim()) return refuse(say('shop.sayWhy'))
  const parsed = shopBookChange.safeParse({
    ...props.entry,
    to: to === props.book ? null : to,
    ...(because.value.trim() ? { because: because.value.trim() } : {}),
  })
  if (!parsed.success) return refuse(say('book.sayWhat'))
  if (!(await set(parsed.data))) return
  isOpen.value = false
  emit('set')
}
</script>

<template>
  <div class="entry" role="group" :aria-label="label">
    <div class="row">
      <span class="grow"
        >{{ label }}: <strong>{{ words(here ?? book) }}</strong>
        <span v-if="here !== undefined" class="small quiet">
          {{ say('shop.book', { is: words(book) }) }}</span
        ></span
      >
      <v-btn v-if="maySet && !isOpen" class="slim" @click="open">{{ say('book.set') }}</v-btn>
    </div>
    <p v-if="here !== undefined && last" class="small quiet">
      {{
        say('book.setBy', {
          who: shop.nameOf(last.by),
          when: moment(last.at),
          because: last.change.because ?? '',
        })
      }}
    </p>
    <form v-if="isOpen" class="form" @submit.prevent="keep(entry.of === 'prior' ? level : minutes)">
      <v-select
        v-if="entry.of === 'prior'"
        v-model="level"
        :items="levels"
        :label="say('book.howCommonHere')"
        hide-details
      />
      <NumberField
        v-else
        v-model="minutes"
        :label="say('book.minutesHere')"
        unit="min"
        whole
        :min="SHOP_MINUTES.min"
        :max="SHOP_MINUTES.max"
      />
      <v-text-field
        v-model="because"
        :label="say('shop.because')"
        maxlength="300"
        hide-details
        class="grow"
      />
      <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
      <div class="row">
        <v-btn type="submit" class="solid">{{ say('shop.keep') }}</v-btn>
        <v-btn v-if="here !== undefined" @click="keep(null)">{{ say('shop.asTheBook') }}</v-btn>
        <v-btn @click="isOpen = false">{{ say('book.leave') }}</v-btn>
      </div>
    </form>
  </div>
</template>

<style scoped>
.entry {
  padding: 4px 0;
  border-bottom: 1px solid var(--line);
}
.form {
  display: grid;
  gap: 12px;
  padding: 8px 0 12px;
  max-width: 560px;
}
</style>
