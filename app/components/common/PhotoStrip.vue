<script setup lang="ts">
import { ofKind, type Part } from '#core'

const { say, sayProblem, partName } = useWords()

/** Photographs of a part, or of a check: taken with the camera or attached, made small here, kept with the case. */
const props = defineProps<{ part?: Part; check: string }>()
const open = useOpenCase()
const shop = useShop()
const problem = ref('')
const busy = ref(false)
const large = ref<string>()
const mine = computed(() =>
  ofKind(open.records.value, 'photo.taken').filter((p) =>
    props.part ? p.data.part === props.part : p.data.check === props.check,
  ),
)
const about = (p: { data: { part?: Part | undefined; words?: string | undefined } }) =>
  p.data.words ?? (p.data.part ? partName(p.data.part) : say('common.photo-strip.photograph'))
async function take(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  if (!file) return
  problem.value = ''
  busy.value = true
  try {
    await shop.addPhotograph(open.id, await readPhotograph(file), {
      ...(props.part ? { part: props.part } : {}),
      check: props.check,
    })
  } catch (error) {
    problem.value =
      error instanceof PictureProblem
        ? sayProblem(error)
        : say('common.photo-strip.thisPhotographCouldNotBe')
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <div class="strip">
    <label class="plain-button take" aria-keyshortcuts="p" :class="{ off: !open.mayRecord.value }"
      >{{ busy ? say('common.photo-strip.makingItSmall') : say('common.photo-strip.photograph')
      }}<input
        type="file"
        accept="image/*"
        capture="environment"
        class="sr"
        :disabled="!open.mayRecord.value || busy"
        :aria-label="
          part
            ? say('common.photo-strip.photographOf', { part: partName(part) })
            : say('common.photo-strip.photograph')
        "
        @change="take"
    /></label>
    <figure v-for="p in mine" :key="p.id">
      <button
        type="button"
        class="thumb"
        :aria-label="say('common.photo-strip.lookAtItLarge', { p: about(p) })"
        @click="large = p.data.sha256"
      >
        <img :src="shop.pictureUrl(p.data.sha256)" :alt="about(p)" />
      </button>
      <button
        type="button"
        class="plain-button away"
        :disabled="!open.mayRecord.value"
        :aria-label="say('common.photo-strip.takeBackThisPhotographOf', { p: about(p) })"
        @click="shop.withdraw(open.id, p.id)"
      >
        {{ say('common.photo-strip.takeBack') }}
      </button>
    </figure>
    <span v-if="problem" class="problem" role="alert">{{ problem }}</span>
    <v-dialog
      :aria-label="say('common.photo-strip.photograph')"
      :model-value="large !== undefined"
      max-width="1100"
      @update:model-value="large = undefined"
      ><v-card class="pa-2"
        ><img
          v-if="large"
          :src="shop.pictureUrl(large)"
          :alt="say('common.photo-strip.thePhotographLarge')"
          class="large"
        /><v-btn @click="large = undefined">{{ say('common.photo-strip.close') }}</v-btn></v-card
      ></v-dialog
    >
  </div>
</template>

<style scoped>
.strip {
  display: flex;
  gap: 10px;
  align-items: center;
  flex-wrap: wrap;
}
.take {
  display: inline-flex;
  align-items: center;
  position: relative;
}
.take:focus-within {
  outline: 3px solid var(--cool);
  outline-offset: 2px;
}
.take.off {
  opacity: 0.55;
}
.sr {
  position: absolute;
  width: 1px;
  height: 1px;
  overflow: hidden;
  clip-path: inset(50%);
}
figure {
  margin: 0;
  display: flex;
  align-items: center;
  gap: 4px;
}
.thumb {
  border: 2px solid var(--line);
  background: none;
  padding: 0;
  height: 64px;
  cursor: pointer;
}
.thumb img {
  height: 60px;
  display: block;
}
.away {
  font-size: 15px;
  padding: 4px 10px;
}
.large {
  max-width: 100%;
  max-height: 80vh;
  object-fit: contain;
}
</style>
