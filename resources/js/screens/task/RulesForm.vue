<script setup lang="ts">
import type { TaskFile, TaskWords } from '@/shared/api/types'

defineProps<{ words: TaskWords; isAnswered: boolean }>()
const task = defineModel<TaskFile>({ required: true })
const valueOf = (event: Event) => (event.target as HTMLSelectElement).value

function weigh(code: string, weight: string) {
  const rules = { ...task.value.rules }
  if (weight === 'remark') delete rules[code]
  else rules[code] = weight as 'fault' | 'off'
  task.value.rules = rules
}

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
      <legend class="mb-2 text-lg font-bold">2. Where do you stand?</legend>
      <p class="mb-2 text-sm text-soft">
        Practitioners disagree on these. What you choose is printed on the brief; a rule of it is enforced only if you
        raise it below.
      </p>
      <label v-for="habit in words.habits" :key="habit.id" class="mb-2 block">
        {{ habit.name }}
        <select
          class="field"
          :value="task.positions?.[habit.id] ?? ''"
          :data-habit="habit.id"
          @change="stand(habit.id, valueOf($event))"
        >
          <option value="">say nothing</option>
          <option v-for="position in habit.positions" :key="position.id" :value="position.id">
            {{ position.text }}
          </option>
        </select>
      </label>
    </fieldset>
    <fieldset v-if="!isAnswered">
      <legend class="mb-2 text-lg font-bold">3. Which remarks count?</legend>
      <label v-for="rule in words.rules" :key="rule.code" class="mb-1 flex items-center gap-3">
        <select
          class="field min-h-9 w-36 shrink-0"
          :value="task.rules?.[rule.code] ?? 'remark'"
          :data-rule="rule.code"
          @change="weigh(rule.code, valueOf($event))"
        >
          <option value="remark">{{ rule.own }}</option>
          <option value="fault">fault</option>
          <option value="off">left out</option>
        </select>
        <span>{{ rule.text }}</span>
      </label>
    </fieldset>
  </div>
</template>
