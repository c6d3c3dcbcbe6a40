<script setup lang="ts">
import { say } from '@/shared/words/say'
import { computed, ref, watch } from 'vue'
import type { MarkingData, MarkingFile, TaskWords } from '@/shared/api/generated/http'
import { isTicked, typedIn } from '@/shared/ui/typed'

const props = defineProps<{ markings: readonly MarkingData[]; rules: TaskWords['rules']; busy: boolean }>()
const emit = defineEmits<{ keep: [marking: MarkingFile, isCopy: boolean] }>()
const chosen = defineModel<number>({ required: true })

const own = computed(() => props.markings.find(({ id }) => id === chosen.value) ?? null)
const isOpen = ref(false)
const edited = ref<MarkingFile | null>(null)
watch(own, (now) => (edited.value = now ? (JSON.parse(JSON.stringify(now.marking)) as MarkingFile) : null), {
  immediate: true,
})
const PARTS = {
  behaviour: say('task.how-it-works'),
  safety: say('task.safety'),
  order: say('task.order-of-work'),
  time: say('shared.time'),
  answers: say('task.answers'),
} as const
const sum = computed(() => {
  const marking = edited.value
  if (!marking) return 0
  const points = Object.values(marking.points).reduce<number>((so, one) => so + (one ?? 0), 0)
  const rules = Object.values(marking.rules ?? {}).reduce<number>((so, one) => so + one, 0)
  return points + rules + (marking.workmanship ?? []).reduce((so, { points: one }) => so + one, 0)
})
const numberOf = (event: Event) => Math.max(0, Math.round(Number(typedIn(event))))

const CRITICAL = { danger: say('task.any-dangerous-fault'), fault: say('task.any-fault') } as const
const NEW_POINTS = 5
const unused = computed(() => props.rules.filter(({ code }) => !(code in (edited.value?.rules ?? {}))))
/** A rule of the other practice has its code for a name. */
const ruleText = (code: string) => props.rules.find((rule) => rule.code === code)?.text ?? code.replaceAll('-', ' ')
const observation = ref('')

function observe() {
  const text = observation.value.trim()
  if (!edited.value || !text) return
  const ids = new Set((edited.value.workmanship ?? []).map(({ id }) => id))
  let number = 1
  while (ids.has(`seen-${number}`)) number++
  edited.value.workmanship = [...(edited.value.workmanship ?? []), { id: `seen-${number}`, text, points: NEW_POINTS }]
  observation.value = ''
}

function setCritical(code: string, isCritical: boolean) {
  if (!edited.value) return
  const others = (edited.value.critical ?? ['danger']).filter((one) => one !== code)
  edited.value.critical = isCritical ? [...others, code] : others
}

function setRule(code: string, points: number) {
  if (!edited.value) return
  const rules = { ...edited.value.rules }
  if (points > 0) rules[code] = points
  else delete rules[code]
  edited.value.rules = rules
}
</script>

<template>
  <fieldset class="flex flex-col gap-2">
    <legend class="mb-2 text-lg font-bold">{{ say('task.weights') }}</legend>
    <select v-model.number="chosen" class="field" :aria-label="say('task.marking')" data-test="marking">
      <option v-for="one in markings" :key="one.id" :value="one.id">
        {{ one.title }}{{ one.isMine ? say('task.version-version', { version: one.version }) : '' }}
      </option>
    </select>
    <p v-if="own" class="text-sm text-soft">
      {{ say('task.total-points-pass-mark-passmark', { total: own.marking.total, passMark: own.marking.passMark }) }}
      {{
        (own.marking.critical ?? ['danger']).length > 0
          ? say('task.fails-the-whole-task-faults', { faults: (own.marking.critical ?? ['danger']).join(', ') })
          : ''
      }}
      <button type="button" class="btn min-h-9 px-3 text-sm" :aria-expanded="isOpen" @click="isOpen = !isOpen">
        {{ own.isMine ? say('task.change-it') : say('task.make-your-own-copy') }}
      </button>
    </p>
    <div v-if="isOpen && edited && own" class="grid grid-cols-2 gap-2 border-l-4 border-ink pl-3" data-test="points">
      <label class="col-span-2"
        >{{ say('task.title') }} <input v-model="edited.title" class="field min-h-9" maxlength="200"
      /></label>
      <label v-for="(name, part) in PARTS" :key="part">
        {{ name }}
        <input
          class="field min-h-9"
          type="number"
          min="0"
          :value="edited.points[part] ?? 0"
          :data-points="part"
          @input="edited.points[part] = numberOf($event)"
        />
      </label>
      <label v-for="(points, code) in edited.rules ?? {}" :key="code">
        {{ ruleText(String(code)) }}
        <input
          class="field min-h-9"
          type="number"
          min="0"
          :value="points"
          @change="setRule(String(code), numberOf($event))"
        />
      </label>
      <label v-if="unused.length > 0">
        {{ say('task.points-for-a-rule') }}
        <select class="field min-h-9" value="" data-test="add-rule" @change="setRule(typedIn($event), NEW_POINTS)">
          <option value="">{{ say('task.choose-one') }}</option>
          <option v-for="rule in unused" :key="rule.code" :value="rule.code">{{ rule.text }}</option>
        </select>
      </label>
      <div v-for="item in edited.workmanship ?? []" :key="item.id" class="col-span-2 flex items-end gap-2">
        <label class="grow">
          {{ say('task.inspection-text', { text: item.text }) }}
          <input v-model.number="item.points" class="field min-h-9" type="number" min="1" />
        </label>
        <button
          type="button"
          class="btn min-h-9 px-3"
          :aria-label="say('task.leave-out-text', { text: item.text })"
          @click="edited.workmanship = (edited.workmanship ?? []).filter(({ id }) => id !== item.id)"
        >
          ✕
        </button>
      </div>
      <div class="col-span-2 flex items-end gap-2">
        <label class="grow">
          {{ say('task.add-an-inspection-item') }}
          <input v-model="observation" class="field min-h-9" maxlength="200" data-test="observation" />
        </label>
        <button type="button" class="btn min-h-9 px-3" @click="observe">{{ say('task.add') }}</button>
      </div>
      <label v-if="(edited.points.answers ?? 0) > 0" class="col-span-2 flex min-h-9 items-center gap-2">
        <input
          type="checkbox"
          class="h-5 w-5 accent-violet"
          :checked="edited.deadBeforeHands ?? true"
          data-critical="dead-before-hands"
          @change="edited.deadBeforeHands = isTicked($event)"
        />
        {{ say('task.hands-in-a-board-not') }}
      </label>
      <label v-for="(name, code) in CRITICAL" :key="code" class="flex min-h-9 items-center gap-2">
        <input
          type="checkbox"
          class="h-5 w-5 accent-violet"
          :checked="(edited.critical ?? ['danger']).includes(code)"
          :data-critical="code"
          @change="setCritical(code, isTicked($event))"
        />
        {{ say('task.name-fails-the-whole', { name }) }}
      </label>
      <label>
        {{ say('task.how-it-works-is-marked') }}
        <select v-model="edited.behaviourBy" class="field min-h-9">
          <option value="states">{{ say('task.combinations-that-are-right') }}</option>
          <option value="distance">{{ say('task.mistakes-away-from-the-nearest') }}</option>
        </select>
      </label>
      <label v-if="edited.behaviourBy === 'distance'">
        {{ say('task.points-per-mistake') }}
        <input v-model.number="edited.perMistake" class="field min-h-9" type="number" min="1" />
      </label>
      <label
        >{{ say('task.time-earns-points-within-minutes') }}
        <input v-model.number="edited.withinMinutes" class="field min-h-9" type="number" min="1"
      /></label>
      <label
        >{{ say('task.total') }}
        <input v-model.number="edited.total" class="field min-h-9" type="number" min="1" data-test="total"
      /></label>
      <label
        >{{ say('task.pass-mark') }}
        <input v-model.number="edited.passMark" class="field min-h-9" type="number" min="0"
      /></label>
      <p class="col-span-2" data-test="sum">
        {{
          sum === edited.total
            ? say('task.the-parts-add-up-to', { sum })
            : say('task.the-parts-add-up-to-2', { sum, total: edited.total })
        }}
      </p>
      <button type="button" class="btn col-span-2" :disabled="busy" @click="emit('keep', edited, !own.isMine)">
        {{ own.isMine ? say('task.save-as-the-next-version') : say('task.save-as-my-own') }}
      </button>
    </div>
  </fieldset>
</template>
