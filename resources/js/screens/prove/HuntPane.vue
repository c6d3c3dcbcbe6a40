<script setup lang="ts">
import { say, saySome } from '@/shared/words/say'
import { computed, ref, watch } from 'vue'
import type { HuntNow, Namings } from '@/shared/api/generated/http'

/** The job: what the customer says, what is wrong and where, and whether it is proved. */
const props = defineProps<{ hunt: HuntNow; namings: Namings; openBox: string | null }>()
const emit = defineEmits<{ name: [on: string] }>()
const kind = ref('')
const box = ref('')
const item = ref('')
const items = computed(() => props.namings.boxes.find(({ id }) => id === box.value)?.items ?? [])
const right = computed(() => props.hunt.named.filter(({ isRight }) => isRight).length)
const repair = computed(() => {
  if (!props.hunt.needsHands) return say('prove.prove-it')
  return say('prove.put-it-right-hands-then', { hands: props.hunt.hands === 0 ? say('prove.with-hands') : '' })
})
const isAllNamed = computed(() => right.value >= props.hunt.faults)
// The box that is looked into is the one that is meant, as a rule.
watch(
  () => props.openBox,
  (open) => {
    if (open) box.value = open
  },
  { immediate: true },
)
watch(box, () => (item.value = ''))

function tell() {
  emit('name', [kind.value, box.value, item.value].join('|'))
  kind.value = ''
}
</script>

<template>
  <div class="flex flex-col gap-3 p-3" data-test="hunt">
    <p class="border-l-4 border-ink pl-3 text-lg" data-test="symptom">
      {{ hunt.symptom }}
      <span class="block text-sm text-soft">
        {{ saySome('prove.one-fault-isolate-before-you', hunt.faults) }}
      </span>
    </p>
    <form v-if="!isAllNamed" class="flex flex-col gap-2" @submit.prevent="tell">
      <label>
        {{ say('prove.what-is-wrong') }}
        <select v-model="kind" class="field" required data-test="name-kind">
          <option value="" disabled>{{ say('prove.choose') }}</option>
          <option v-for="one in namings.kinds" :key="one.id" :value="one.id">{{ one.name }}</option>
        </select>
      </label>
      <label>
        {{ say('prove.which-box') }}
        <select v-model="box" class="field" required data-test="name-box">
          <option value="" disabled>{{ say('prove.choose') }}</option>
          <option v-for="one in namings.boxes" :key="one.id" :value="one.id">{{ one.name }}</option>
        </select>
      </label>
      <label>
        {{ say('prove.which-part-or-cable') }}
        <select v-model="item" class="field" required :disabled="items.length === 0" data-test="name-item">
          <option value="" disabled>{{ say('prove.choose') }}</option>
          <option v-for="one in items" :key="one.id" :value="one.id">{{ one.name }}</option>
        </select>
      </label>
      <button type="submit" class="btn-main" :disabled="!kind || !box || !item" data-test="name-it">
        {{ say('prove.name-this-fault') }}
      </button>
    </form>
    <ol v-if="hunt.named.length > 0" class="space-y-1" :aria-label="say('prove.named-so-far')" data-test="named">
      <li v-for="(one, i) in hunt.named" :key="i" class="flex gap-2">
        <strong aria-hidden="true">{{ one.isRight ? '✓' : '✕' }}</strong><span
          >{{ one.text
          }}<span class="sr-only">{{ one.isRight ? say('prove.found') : say('prove.not-wrong-there') }}</span></span
        >
      </li>
    </ol>
    <p v-if="isAllNamed" class="text-lg font-bold" role="status" data-test="to-prove">
      {{
        hunt.seen < hunt.states
          ? say('prove.found-repair-seen-of-states', { repair, seen: hunt.seen, states: hunt.states })
          : say('prove.you-have-checked-every-combination')
      }}
    </p>
  </div>
</template>
