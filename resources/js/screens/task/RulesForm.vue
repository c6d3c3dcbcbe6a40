<script setup lang="ts">
import { say } from '@/shared/words/say'
import { computed } from 'vue'
import type { TaskFile, TaskWords } from '@/shared/api/generated/http'
import { typedIn } from '@/shared/ui/typed'

const props = defineProps<{ words: TaskWords; isAnswered: boolean }>()
const task = defineModel<TaskFile>({ required: true })

function weigh(code: string, weight: string) {
  const rules = { ...task.value.rules }
  if (weight === 'remark') delete rules[code]
  else rules[code] = weight as 'fault' | 'off'
  task.value.rules = rules
}

const sorted = (rules: Record<string, string>) => JSON.stringify(Object.entries(rules).sort())
const isTaken = (rules: Record<string, string>) => sorted(rules) === sorted(task.value.rules ?? {})

/** None of the ready sets: single rules were adjusted. */
const isOwn = computed(() => !props.words.ruleSets.some(({ rules }) => isTaken(rules)))

function stand(habit: string, position: string) {
  const positions = { ...task.value.positions }
  if (position === '') delete positions[habit]
  else positions[habit] = position
  task.value.positions = positions
}
</script>

<template>
  <div class="flex flex-col gap-5">
    <fieldset>
      <legend class="mb-2 text-lg font-bold">{{ say('task.house-rules') }}</legend>
      <p class="mb-2 text-sm text-soft">
        {{ say('task.electricians-disagree-on-these-your') }}
      </p>
      <label v-for="habit in words.habits" :key="habit.id" class="mb-2 block first-letter:uppercase">
        {{ habit.name }}
        <select
          class="field"
          :value="task.positions?.[habit.id] ?? ''"
          :data-habit="habit.id"
          @change="stand(habit.id, typedIn($event))"
        >
          <option value="">{{ say('task.leave-it-open') }}</option>
          <option v-for="position in habit.positions" :key="position.id" :value="position.id">
            {{ position.text }}
          </option>
        </select>
      </label>
    </fieldset>
    <fieldset v-if="!isAnswered">
      <legend class="mb-2 text-lg font-bold">{{ say('task.what-counts-as-a-fault') }}</legend>
      <div class="mb-3 flex flex-wrap gap-2" role="group" :aria-label="say('task.ready-sets-of-rules')">
        <button
          v-for="set in words.ruleSets"
          :key="set.id"
          type="button"
          class="btn px-3 text-left"
          :class="isTaken(set.rules) ? 'border-violet bg-wash' : ''"
          :aria-pressed="isTaken(set.rules)"
          :data-rule-set="set.id"
          @click="task.rules = { ...set.rules }"
        >
          <span
            ><strong class="block">{{ set.name }}</strong
            ><span class="text-sm font-normal text-soft">{{ set.note }}</span></span
          >
        </button>
        <span
          class="flex min-h-11 items-center rounded-md border px-3"
          :class="isOwn ? 'border-violet bg-wash font-bold' : 'border-line text-soft'"
          data-rule-set="own"
          >{{ isOwn ? say('task.your-own-in-force') : say('task.your-own') }}</span
        >
      </div>
      <details data-test="adjust">
        <summary class="min-h-9 cursor-pointer">
          {{ isOwn ? say('task.adjust-single-rules-adjusted') : say('task.adjust-single-rules') }}
        </summary>
        <label v-for="rule in words.rules" :key="rule.code" class="mb-1 flex items-center gap-3">
          <select
            class="field min-h-9 w-36 shrink-0"
            :value="task.rules?.[rule.code] ?? 'remark'"
            :data-rule="rule.code"
            @change="weigh(rule.code, typedIn($event))"
          >
            <option value="remark">{{ rule.own }}</option>
            <option value="fault">{{ say('task.fault') }}</option>
            <option value="off">{{ say('task.left-out') }}</option>
          </select>
          <span>{{ rule.text }}</span>
        </label>
      </details>
    </fieldset>
  </div>
</template>
