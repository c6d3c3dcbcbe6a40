<script setup lang="ts">
import { toDataURL } from 'qrcode'
import { ref } from 'vue'
import { api } from '@/shared/api/client'

/** One-time codes from a phone beside the password, if an instructor wants them; and signing out elsewhere. */
const isOn = ref<boolean | null>(null)
const secret = ref('')
const picture = ref('')
const code = ref('')
const current = ref('')
const said = ref('')
const refusal = ref('')
void api.secondFactor().then((found) => (isOn.value = found.isOn))

async function run(work: () => Promise<string>) {
  refusal.value = said.value = ''
  try {
    said.value = await work()
  } catch (error) {
    refusal.value = (error as Error).message
  }
}
const begin = () =>
  run(async () => {
    const made = await api.newSecondFactor()
    secret.value = made.secret
    picture.value = await toDataURL(made.address, { margin: 1, width: 220 })
    return ''
  })
const confirm = () =>
  run(async () => {
    await api.confirmSecondFactor(code.value)
    isOn.value = true
    secret.value = picture.value = code.value = ''
    return 'On. From now on six digits from your phone are asked for after the password.'
  })
const end = () =>
  run(async () => {
    await api.endSecondFactor(current.value)
    isOn.value = false
    current.value = ''
    return 'Off. The password alone is asked for.'
  })
const leaveElsewhere = () =>
  run(async () => {
    await api.signOutElsewhere()
    return 'Signed out everywhere else.'
  })
</script>

<template>
  <section class="mx-auto w-full max-w-md space-y-4 px-8 pb-8" aria-label="Second factor" data-test="second-factor">
    <h2 class="text-xl font-bold">Six digits beside the password</h2>
    <template v-if="isOn === false && !secret">
      <p class="text-soft">If you want: an authenticator on your phone gives a code that is asked for as well.</p>
      <button type="button" class="btn" data-test="factor-begin" @click="begin">Set it up</button>
    </template>
    <template v-else-if="secret">
      <p>Scan this with your authenticator, or type the letters. Then type the six digits that it shows.</p>
      <img
        :src="picture"
        width="220"
        height="220"
        alt="Code to scan with an authenticator"
        class="border-2 border-ink"
      />
      <p class="code break-all" data-test="factor-secret">{{ secret.match(/.{1,4}/g)?.join(' ') }}</p>
      <form class="flex gap-2" @submit.prevent="confirm">
        <input
          v-model="code"
          class="field code"
          aria-label="Six digits"
          inputmode="numeric"
          autocomplete="one-time-code"
          maxlength="8"
          required
        />
        <button type="submit" class="btn-main">Turn it on</button>
      </form>
      <p class="text-sm text-soft">A lost phone: whoever sits at the server gives you a way in again.</p>
    </template>
    <form v-else-if="isOn" class="space-y-2" @submit.prevent="end">
      <p>It is on.</p>
      <label class="block"
        >Password, to turn it off
        <input v-model="current" class="field" type="password" autocomplete="current-password" required />
      </label>
      <button type="submit" class="btn" data-test="factor-end">Turn it off</button>
    </form>
    <hr class="border-line" />
    <button type="button" class="btn" data-test="sign-out-elsewhere" @click="leaveElsewhere">
      Sign out everywhere else
    </button>
    <p v-if="refusal" role="alert" class="border-l-3 border-ink pl-3">{{ refusal }}</p>
    <p v-if="said" role="status" class="border-l-3 border-ink pl-3">{{ said }}</p>
  </section>
</template>
